import { z } from 'zod';
import { formatDay } from '../../core/calendar/day';
import { dayField } from '../../core/facts/day-field';
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
        minutes: minutes(600),
        opens: z.boolean(),
        weight: z.int().min(1).max(100),
      }),
    )
    .max(600),
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
function issuesOf({ days, apiaries, checks, pinned, together }: Asked): readonly IssueInWords[] {
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
    ...checks.flatMap(({ apiary, window: { earliest, ideal, latest } }, i) => [
      ...(apiaryIds.has(apiary) ? [] : [notThere(['checks', i, 'apiary'], apiary, 'apiaries')]),
      ...(earliest <= ideal && ideal <= latest
        ? []
        : [wrong(['checks', i, 'window'], 'contradiction', 'must have its days in order: earliest, ideal, latest')]),
    ]),
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

/** When to go where: the fewest trips, on days on which hives can be opened, within the keeper's free time. */
export const visitsCommand = command({
  input,
  takesDay: false,
  pastDays: () => [],
  run: async (asked) => {
    const issues = issuesOf(asked);
    if (issues.length > 0) return refusal(...issues);
    const { rounds, unmet, cost, optimal } = planRounds(asked, await highsSolver(), () => performance.now() / 1000);
    return {
      ok: true,
      value: {
        rounds: rounds.map(({ on, ...round }) => ({ on: formatDay(on), ...round })),
        unmet: unmet.map(({ leastBad, ...one }) => ({ ...one, leastBad: writeDay(leastBad) })),
        cost,
        optimal,
      },
    };
  },
});
