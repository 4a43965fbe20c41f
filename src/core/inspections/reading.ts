import { MATING_FAILED } from '../biology/mating';
import { showsEggs } from '../brood/youngest';
import { addDays, type Day } from '../calendar/day';
import { type Cause, causeOfCells } from '../cells/cause';
import { type CellStage, isEgg, isLarva, isLive, isSealed } from '../cells/stage';
import { actBy } from './act-by';
import { type Evidence, evidenceOf } from './evidence';
import type { InspectionSeen, ReadingContext } from './inspection-seen';
import { SHORT_OF_ROOM_DAYS } from './room';

export const READINGS = [
  'drone-laying',
  'cast-risk',
  'virgin-loose',
  'raising-queen',
  'awaiting-eggs',
  'swarmed',
  'swarm-imminent',
  'preparing',
  'early-preparing',
  'queen-missing',
  'not-laying',
  'congested',
  'not-enough-seen',
  'cups-only',
  'settled',
] as const;

export type ReadingName = (typeof READINGS)[number];

export interface Reading {
  readonly reading: ReadingName;
  /** The last day on which acting still helps; null: the next routine look will do. */
  readonly actBy: Day | null;
  readonly cause: Cause | null;
  readonly because: readonly Evidence[];
}

interface Sight {
  readonly on: Day;
  readonly seen: InspectionSeen;
  readonly context: ReadingContext;
  readonly count: (is: (stage: CellStage) => boolean) => number;
}

const isVacated = (stage: CellStage) => stage === 'emerged' || stage === 'torn-down';

/** Cells that tell of a virgin out: beside a laying queen who was seen, one torn down at its side was the workers' doing. */
const letOut =
  ({ eggs, queenSeen }: InspectionSeen) =>
  (stage: CellStage): boolean =>
    stage === 'emerged' || (stage === 'torn-down' && !(eggs === 'seen' && queenSeen));

function expectsEggs({ on, context }: Sight): boolean {
  const { queenExpected, virginEmergedFrom } = context;
  if (queenExpected !== 'virgin' && queenExpected !== 'caged') return false;
  return virginEmergedFrom === null || on <= addDays(virginEmergedFrom, MATING_FAILED.value);
}

/** The readings in order of precedence: the first whose rule holds is the reading. */
const RULES: readonly { readonly reading: ReadingName; readonly holds: (sight: Sight) => boolean }[] = [
  {
    reading: 'drone-laying',
    holds: ({ seen, context }) =>
      seen.droneBroodInWorkerCells ||
      (seen.severalEggsPerCell && context.queenExpected === 'laying' && !seen.queenSeen),
  },
  {
    reading: 'cast-risk',
    holds: ({ count, seen }) => {
      const live = count(isLive);
      const moving = count((stage) => stage === 'queen-moving');
      return (count(letOut(seen)) > 0 && live > 0) || (moving > 0 && live > 1);
    },
  },
  {
    reading: 'virgin-loose',
    holds: ({ seen, count }) => count(isVacated) > 0 && count(isLive) === 0 && seen.eggs !== 'seen',
  },
  { reading: 'raising-queen', holds: ({ context, count }) => context.queenExpected === 'none' && count(isLive) > 0 },
  {
    reading: 'awaiting-eggs',
    holds: (sight) => expectsEggs(sight) && sight.count(isLive) === 0 && sight.seen.eggs !== 'seen',
  },
  { reading: 'swarmed', holds: ({ seen, count }) => count(isSealed) > 0 && seen.eggs === 'none' && !seen.queenSeen },
  { reading: 'swarm-imminent', holds: ({ count }) => count(isSealed) > 0 },
  { reading: 'preparing', holds: ({ count }) => count(isLarva) > 0 },
  { reading: 'early-preparing', holds: ({ count }) => count(isEgg) > 0 },
  { reading: 'queen-missing', holds: ({ seen }) => seen.eggs === 'none' && !seen.queenSeen },
  { reading: 'not-laying', holds: ({ seen }) => seen.eggs === 'none' },
  {
    reading: 'congested',
    holds: ({ seen }) => seen.bound || (seen.layingRoomDays !== null && seen.layingRoomDays < SHORT_OF_ROOM_DAYS.value),
  },
  {
    reading: 'not-enough-seen',
    holds: ({ seen }) =>
      seen.eggs === 'not-looked-for' &&
      !seen.queenSeen &&
      !showsEggs(seen.youngest) &&
      seen.youngest !== 'larvae-small',
  },
  { reading: 'cups-only', holds: ({ count }) => count((stage) => stage === 'cup-dry') > 0 },
  { reading: 'settled', holds: () => true },
];

/**
 * What an inspection means: the first rule of {@link RULES} that holds, with the day to act by, why the cells are there,
 * and the facts it rests on. A count of two is one cell and another.
 */
export function readInspection(on: Day, seen: InspectionSeen, context: ReadingContext): Reading {
  const count = (is: (stage: CellStage) => boolean) =>
    seen.cells.length === 0 ? 0 : seen.cells.reduce((sum, cell) => sum + (is(cell.stage) ? cell.count : 0), 0);
  const sight: Sight = { on, seen, context, count };
  const rule = RULES.find(({ holds }) => holds(sight));
  if (!rule) throw new Error('The last rule holds for everything');
  return {
    reading: rule.reading,
    actBy: actBy(rule.reading, on, seen.cells),
    cause: causeOfCells(seen.cells, seen.eggs, context.queenExpected === 'none'),
    because: evidenceOf(rule.reading, seen, context),
  };
}
