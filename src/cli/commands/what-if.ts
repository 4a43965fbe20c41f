import { z } from 'zod';
import { addDays, formatDay } from '../../core/calendar/day';
import { dayField } from '../../core/facts/day-field';
import { mayBuyQueen } from '../../core/methods/methods';
import { CHOICES, type Choice, type ChoiceName } from '../../core/population/asked';
import { MATING_SUCCEEDS } from '../../core/population/figures';
import { methodOf } from '../../core/population/planned-visits';
import { outcomeOf, type Quantiles } from '../../core/population/what-if';
import { DEFAULT_SETTINGS } from '../../core/settings/settings';
import { type IssueInWords, refusal } from '../../words/issues';
import { command } from '../command';

/** Nothing in a hive comes in greater numbers; a slip of the pen does. */
const COUNT_AT_MOST = 1_000_000;
const KG_AT_MOST = 500;
const LAID_AT_MOST = 5000;

const count = z.int().min(0).max(COUNT_AT_MOST);
const range = z.strictObject({ from: dayField, to: dayField });

const input = z.strictObject({
  from: dayField,
  days: z.int().min(1).max(240),
  seed: z.int(),
  runs: z.int().min(1).max(2000),
  season: range,
  colony: z.strictObject({
    bees: count,
    eggs: count,
    larvae: count,
    sealed: count,
    freeCells: count,
    storeCells: count,
    honeyKg: z.number().min(0).max(KG_AT_MOST),
    queen: z
      .strictObject({
        layingPerDay: z.int().min(0).max(LAID_AT_MOST),
        year: z.union([z.literal(1), z.literal(2), z.literal(3)]),
      })
      .nullable(),
    oldestCellLaid: range.optional(),
  }),
  flow: z.array(range.extend({ kgPerDay: z.number().min(0).max(KG_AT_MOST) })).max(240),
  choices: z
    .array(
      z.strictObject({
        choice: z.enum(CHOICES as readonly [ChoiceName, ...ChoiceName[]]),
        on: dayField,
        giveRoom: z.boolean(),
        buysQueen: z.boolean().optional(),
      }),
    )
    .min(1)
    .max(8),
  matingSuccess: z.number().min(0).max(1).default(MATING_SUCCEEDS.value),
});
type Asked = z.output<typeof input>;

const wrong = (path: IssueInWords['path'], code: IssueInWords['code'], message: string): IssueInWords => ({
  path,
  code,
  message,
});

const backwards = (path: IssueInWords['path'], { from, to }: z.output<typeof range>): readonly IssueInWords[] =>
  from <= to ? [] : [wrong(path, 'contradiction', 'ends before it begins; correct one of the two')];

/** What does not fit together in what was asked. */
function issuesOf({ from, days, season, colony, flow, choices }: Asked): readonly IssueInWords[] {
  const { oldestCellLaid } = colony;
  const last = addDays(from, days - 1);
  return [
    ...backwards(['season'], season),
    ...(oldestCellLaid ? backwards(['colony', 'oldestCellLaid'], oldestCellLaid) : []),
    ...(oldestCellLaid && oldestCellLaid.to > from
      ? [
          wrong(
            ['colony', 'oldestCellLaid', 'to'],
            'contradiction',
            `lies after ${formatDay(from)}, the first day; a cell that is there was laid by then`,
          ),
        ]
      : []),
    ...flow.flatMap((one, i) => backwards(['flow', i], one)),
    ...choices.flatMap(({ choice, on, buysQueen }, i) => {
      const method = methodOf({ choice });
      return [
        ...(from <= on && on <= last
          ? []
          : [
              wrong(
                ['choices', i, 'on'],
                'out-of-range',
                `must be one of the days from ${formatDay(from)} to ${formatDay(last)}`,
              ),
            ]),
        ...(!buysQueen || (method && mayBuyQueen(method) && method.needs.cells !== 'kept')
          ? []
          : [wrong(['choices', i, 'buysQueen'], 'not-for-this-method', 'goes with the splits; leave it out')]),
      ];
    }),
  ];
}

const written = ({ p10, p50, p90 }: Quantiles<Parameters<typeof formatDay>[0]>): Quantiles<string> => ({
  p10: formatDay(p10),
  p50: formatDay(p50),
  p90: formatDay(p90),
});

/** Choices compared under the same luck. */
export const whatIfCommand = command({
  input,
  takesDay: false,
  pastDays: () => [],
  run: ({ choices, ...asked }) => {
    const issues = issuesOf({ choices, ...asked });
    if (issues.length > 0) return refusal(...issues);
    const question = {
      ...asked,
      colony: { ...asked.colony, oldestCellLaid: asked.colony.oldestCellLaid ?? null },
    };
    const outcomes = choices.map((choice) =>
      outcomeOf(question, { ...choice, buysQueen: choice.buysQueen ?? false } satisfies Choice, DEFAULT_SETTINGS),
    );
    return {
      ok: true,
      value: {
        choices: outcomes.map(({ choice, firstEggs, visitDays, units: _, ...rest }) => ({
          choice: choice.choice,
          ...rest,
          firstEggs: firstEggs && written(firstEggs),
          visits: visitDays.length,
        })),
      },
    };
  },
});
