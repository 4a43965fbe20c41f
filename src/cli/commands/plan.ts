import { z } from 'zod';
import { type Day, formatDay } from '../../core/calendar/day';
import type { CheckWindow } from '../../core/calendar/window';
import { dayField } from '../../core/facts/day-field';
import { METHOD_NAMES, METHOD_OPTIONS, type Method } from '../../core/methods/method';
import { methodNamed, needsKeptCell } from '../../core/methods/methods';
import { planMethod, USUAL_CHOICES } from '../../core/methods/plan';
import { outcomesOf } from '../../core/programmes/outcomes';
import { DEFAULT_SETTINGS } from '../../core/settings/settings';
import { inWords } from '../../words/in-words';
import { type IssueInWords, refusal } from '../../words/issues';
import { command } from '../command';
import { writeWindow } from '../write';

const input = z.strictObject({
  method: z.enum(METHOD_NAMES),
  on: dayField,
  keptCells: z.array(z.strictObject({ laid: z.strictObject({ from: dayField, to: dayField }) })).optional(),
  onlySealedBroodUp: z.boolean().optional(),
  queenShakenDown: z.boolean().optional(),
  secondThinning: z.boolean().optional(),
  swarm: z.enum(['prime', 'cast']).optional(),
});

/** A method's follow-ups, what to leave shut, and when its young queen comes out and lays. */
export const planCommand = command({
  input,
  pastDays: ({ on, keptCells = [] }) => [
    { path: ['on'], day: on },
    ...keptCells.flatMap(({ laid }, i) => [
      { path: ['keptCells', i, 'laid', 'from'], day: laid.from },
      { path: ['keptCells', i, 'laid', 'to'], day: laid.to },
    ]),
  ],
  run: (choices) => {
    const method = methodNamed(choices.method);
    const issues = choiceIssues(method, choices);
    if (issues.length > 0) return refusal(...issues);
    const { on, keptCells = [], onlySealedBroodUp = false, queenShakenDown = false } = choices;
    const { secondThinning = true, swarm = 'prime' } = choices;
    const kept = keptCells.map(({ laid }) => laid);
    const plan = planMethod(
      method,
      { ...USUAL_CHOICES, on, keptCells: kept, onlySealedBroodUp, queenShakenDown, secondThinning, swarm },
      DEFAULT_SETTINGS,
    );
    return {
      ok: true,
      value: {
        checks: plan.checks.map(({ unit, code, window, why }) => ({
          unit,
          code,
          window: writeCheckWindow(window),
          why: inWords(why),
        })),
        leaveShut: plan.leaveShut.map(({ unit, from, to }) => ({ unit, from: formatDay(from), to: formatDay(to) })),
        outcomes: outcomesOf(method, plan, DEFAULT_SETTINGS).map(({ sign, when, remedy, ways }) => ({
          sign: inWords(sign),
          when: when && { from: formatDay(when.from), to: formatDay(when.to) },
          remedy: remedy && inWords(remedy),
          ways: ways.map(({ method: name, until, brings }) => ({
            method: name,
            brings,
            from: formatDay(until.from),
            to: formatDay(until.to),
          })),
        })),
        emergence: writeWindow(plan.emergence),
        eggsBy: plan.eggsBy && { ...writeCheckWindow(plan.eggsBy), failedOn: formatDay(plan.eggsBy.failedOn) },
      },
    };
  },
});

function writeCheckWindow({ earliest, ideal, latest }: CheckWindow) {
  return { earliest: formatDay(earliest), ideal: formatDay(ideal), latest: formatDay(latest) };
}

function choiceIssues(method: Method, choices: z.output<typeof input>): IssueInWords[] {
  const issues: IssueInWords[] = METHOD_OPTIONS.filter(
    (option) => choices[option] !== undefined && !method.options.includes(option),
  ).map((option) => ({
    path: [option],
    code: 'not-for-this-method',
    message: `${method.name} has no use for this; leave it out${method.options.length > 0 ? ` (it takes ${method.options.join(', ')})` : ''}`,
  }));
  const needsCells = needsKeptCell(method);
  if (needsCells && (choices.keptCells ?? []).length === 0) {
    issues.push({
      path: ['keptCells'],
      code: 'missing',
      message: `${method.name} needs the cells that are kept: at least one`,
    });
  }
  return [...issues, ...(choices.keptCells ?? []).flatMap(({ laid }, i) => backwards(laid, i))];
}

function backwards({ from, to }: { from: Day; to: Day }, i: number): IssueInWords[] {
  if (from <= to) return [];
  return [
    {
      path: ['keptCells', i, 'laid', 'to'],
      code: 'contradiction',
      message: 'must not lie before `from`; swap the two days',
    },
  ];
}
