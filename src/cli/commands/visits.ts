import { z } from 'zod';
import { formatDay } from '../../core/calendar/day';
import { dayField } from '../../core/facts/day-field';
import type { RoundsAsked } from '../../core/rounds/asked';
import { planRounds } from '../../core/rounds/plan-rounds';
import { highsSolver } from '../../solver/highs';
import { type IssueInWords, refusal } from '../../words/issues';
import { alike } from '../alike';
import { command } from '../command';
import { writeDay } from '../write';

const minutes = (most: number) => z.int().min(0).max(most);
const id = z.string();

const input = z.strictObject({
  days: z
    .array(
      z.strictObject({ on: dayField, fit: z.enum(['open', 'brief', 'shut', 'unknown']), freeMinutes: minutes(1440) }),
    )
    .min(1)
    .max(28),
  apiaries: z.array(z.strictObject({ id, wayMinutes: minutes(600) })).max(20),
  checks: z
    .array(
      z.strictObject({
        id,
        apiary: id,
        window: z.strictObject({ earliest: dayField, ideal: dayField, latest: dayField }),
        earlyFrom: dayField.optional(),
        notAfter: dayField.optional(),
        minutes: minutes(600),
        opens: z.boolean(),
        weight: z.int().min(1).max(100),
      }),
    )
    .max(600),
  between: z.array(z.strictObject({ a: id, b: id, minutes: minutes(600) })).default([]),
  pinned: z.array(z.strictObject({ on: dayField, apiary: id })).default([]),
  forbidden: z.array(dayField).default([]),
  together: z.array(z.tuple([id, id])).default([]),
});
type Asked = z.output<typeof input>;

const wrong = (path: IssueInWords['path'], code: IssueInWords['code'], message: string): IssueInWords => ({
  path,
  code,
  message,
});

/** What does not fit together in what was asked. */
function issuesOf({ days, apiaries, checks, between, pinned, together }: Asked): readonly IssueInWords[] {
  const apiaryIds = new Set(apiaries.map((one) => one.id));
  const checkIds = new Set(checks.map((one) => one.id));
  const dayList = new Set(days.map(({ on }) => on));
  const notThere = (path: IssueInWords['path'], name: string, list: string) =>
    wrong(path, 'unknown-reference', `${name} is not among the ${list}; name one of them`);
  return [
    ...days.flatMap(({ on }, i) => {
      const before = days[i - 1];
      return before === undefined || on === before.on + 1
        ? []
        : [
            wrong(
              ['days', i, 'on'],
              'contradiction',
              `is not the day after ${formatDay(before.on)}; give days one after another`,
            ),
          ];
    }),
    ...alike(
      apiaries.map((one) => one.id),
      (i) => ['apiaries', i, 'id'],
      'is given twice; keep one of the two',
      'duplicate-id',
    ),
    ...alike(
      checks.map((one) => one.id),
      (i) => ['checks', i, 'id'],
      'is given twice; keep one of the two',
      'duplicate-id',
    ),
    ...checks.flatMap(({ apiary, window: { earliest, ideal, latest }, earlyFrom, notAfter }, i) => [
      ...(apiaryIds.has(apiary) ? [] : [notThere(['checks', i, 'apiary'], apiary, 'apiaries')]),
      ...(earliest <= ideal && ideal <= latest
        ? []
        : [wrong(['checks', i, 'window'], 'contradiction', 'must have its days in order: earliest, ideal, latest')]),
      ...(earlyFrom === undefined || earlyFrom <= earliest
        ? []
        : [wrong(['checks', i, 'earlyFrom'], 'contradiction', 'must not be after the earliest day of the window')]),
      ...(notAfter === undefined || notAfter >= latest
        ? []
        : [wrong(['checks', i, 'notAfter'], 'contradiction', 'must not be before the latest day of the window')]),
    ]),
    ...between.flatMap(({ a, b }, i) => [
      ...(apiaryIds.has(a) ? [] : [notThere(['between', i, 'a'], a, 'apiaries')]),
      ...(apiaryIds.has(b) ? [] : [notThere(['between', i, 'b'], b, 'apiaries')]),
      ...(a === b ? [wrong(['between', i], 'contradiction', 'names one apiary twice; name two')] : []),
    ]),
    ...alike(
      between.map(({ a, b }) => [a, b].sort().join(', ')),
      (i) => ['between', i],
      'is given twice; keep one of the two',
      'duplicate-id',
    ),
    ...pinned.flatMap(({ on, apiary }, i) => [
      ...(dayList.has(on) ? [] : [notThere(['pinned', i, 'on'], formatDay(on), 'days')]),
      ...(apiaryIds.has(apiary) ? [] : [notThere(['pinned', i, 'apiary'], apiary, 'apiaries')]),
    ]),
    ...alike(
      pinned.map(({ on, apiary }) => `${formatDay(on)}, ${apiary}`),
      (i) => ['pinned', i],
      'is pinned twice; keep one of the two',
      'duplicate-id',
    ),
    ...together.flatMap(([one, other], i) => [
      ...[one, other].flatMap((name, at) =>
        checkIds.has(name) ? [] : [notThere(['together', i, at], name, 'checks')],
      ),
      ...(one === other ? [wrong(['together', i], 'contradiction', 'names one check twice; name two')] : []),
    ]),
  ];
}

/** When to go where: what loses least, on days on which hives can be opened, within the keeper's free time. */
export const visitsCommand = command({
  input,
  takesDay: false,
  pastDays: () => [],
  run: async (asked) => {
    const issues = issuesOf(asked);
    if (issues.length > 0) return refusal(...issues);
    const plan = planRounds(withoutUndefined(asked), await highsSolver(), () => performance.now() / 1000);
    const { rounds, late, days, cost, optimal } = plan;
    return {
      ok: true,
      value: {
        rounds: rounds.map(({ on, ...round }) => ({ on: formatDay(on), ...round })),
        late: late.map(({ on, ...one }) => ({ ...one, on: writeDay(on) })),
        days: days.map(({ on, road, work }) => ({ on: formatDay(on), road, work })),
        cost,
        optimal,
      },
    };
  },
});

/** What was not given is not there, rather than there without a value. */
const withoutUndefined = (asked: Asked): RoundsAsked => ({
  ...asked,
  checks: asked.checks.map(({ earlyFrom, notAfter, ...check }) => ({
    ...check,
    ...(earlyFrom === undefined ? {} : { earlyFrom }),
    ...(notAfter === undefined ? {} : { notAfter }),
  })),
});
