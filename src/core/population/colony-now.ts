import { EGG_DAYS, OPEN_LARVA_DAYS, SEALED_WORKER_DAYS } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import { A_YEAR, nearestDay } from '../calendar/nearest-day';
import type { DayRange } from '../calendar/window';
import { lays } from '../queens/queen-questions';
import type { FrameSize } from '../space/frame-size';
import { combOf, layingBoxes } from '../space/hive';
import type { ColonyState } from '../state/fold';
import { BEES_A_SEAM } from '../yard/flyers';
import { seasonPart } from '../year/beekeeping-year';
import type { PlaceYear } from '../year/place-year';
import type { ColonyNow } from './asked';
import {
  BROOD_A_FRAME,
  BROOD_BOX_CELLS,
  LAYS_LESS_A_WINTER,
  QUEEN_LAYS,
  USUAL_BEES,
  USUAL_BROOD,
  USUAL_HONEY,
  USUAL_STORES,
} from './figures';
import { KG_A_CELL } from './unit';

/** When something was seen; null: nobody noted it, and it is supposed. */
export type SeenOn = Day | null;

/** A colony as it is reckoned with, and what of it was seen. */
export interface ColonyBegun {
  readonly colony: ColonyNow;
  readonly seen: {
    readonly bees: SeenOn;
    readonly brood: SeenOn;
    readonly comb: SeenOn;
    readonly rate: SeenOn;
    readonly cells: SeenOn;
    /** How old she is was noted. */
    readonly isAgeKnown: boolean;
  };
}

const DAYS_OF_BROOD = EGG_DAYS.value + OPEN_LARVA_DAYS.value + SEALED_WORKER_DAYS.value;

const rounded = (count: number, to = 100): number => Math.round(count / to) * to;

/** A queen in her third year and later lays less. */
export const usualRate = (year: 1 | 2 | 3): number =>
  rounded(QUEEN_LAYS.value.typical * (year === 3 ? 1 - LAYS_LESS_A_WINTER.value : 1), 50);

/**
 * A colony as it was surveyed and inspected last. What was not noted is supposed, and said to be.
 *
 * @param age of its queen: 1 raised this year, 2 after one winter, 3 after more; null: not noted
 */
export function colonyNow(
  {
    frames,
    inspections,
    queen,
    liveCells,
    today,
  }: Pick<ColonyState, 'frames' | 'inspections' | 'queen' | 'liveCells' | 'today'>,
  age: 1 | 2 | 3 | null,
  sizes: readonly FrameSize[],
): ColonyBegun {
  const survey = frames?.survey ?? null;
  const counted = inspections.findLast(({ inspection }) => inspection.coveredSeams !== null)?.inspection;
  const seams = survey?.coveredSeams ?? counted?.coveredSeams ?? null;
  const brooded = inspections.findLast(({ inspection }) => inspection.broodFrames !== null)?.inspection;
  const year = age ?? 2;
  const comb = survey ? surveyed(survey, sizes) : supposed(brooded?.broodFrames ?? USUAL_BROOD.value);
  const wouldLay = frames?.room?.wouldLayPerDay ?? 0;
  const rate = wouldLay > 0 ? rounded(wouldLay, 50) : usualRate(year);
  const laid = liveCells.flatMap(({ planBy }) => (planBy.laid ? [planBy.laid] : []));
  const oldest = laid.reduce<DayRange | null>((first, { from, to }) => {
    const range = { from: from ?? to, to };
    return first && first.to <= range.to ? first : range;
  }, null);
  return {
    colony: {
      ...comb,
      bees: seams === null ? USUAL_BEES.value : rounded(seams * BEES_A_SEAM),
      queen: lays(queen) ? { layingPerDay: rate, year } : null,
      oldestCellLaid: oldest && { from: earlier(oldest.from, today), to: earlier(oldest.to, today) },
    },
    seen: {
      bees: survey?.coveredSeams != null ? survey.on : (counted?.on ?? null),
      brood: survey?.on ?? brooded?.on ?? null,
      comb: survey?.on ?? null,
      rate: wouldLay > 0 ? (survey?.on ?? null) : null,
      cells: oldest ? (inspections.at(-1)?.inspection.on ?? null) : null,
      isAgeKnown: age !== null,
    },
  };
}

const earlier = (a: Day, b: Day): Day => (a < b ? a : b);

type CombNow = Pick<ColonyNow, 'eggs' | 'larvae' | 'sealed' | 'freeCells' | 'storeCells' | 'honeyKg'>;

function surveyed({ hive }: NonNullable<ColonyState['frames']>['survey'], sizes: readonly FrameSize[]): CombNow {
  const [all, below] = [combOf(hive.boxes, sizes), combOf(layingBoxes(hive), sizes)];
  return {
    eggs: rounded(all.eggs),
    larvae: rounded(all.larvae),
    sealed: rounded(all.sealed),
    freeCells: rounded(below.empty),
    storeCells: rounded(below.pollen + below.nectar + below.honey),
    honeyKg: Math.round((all.honey + all.nectar) * KG_A_CELL * 10) / 10,
  };
}

function supposed(broodFrames: number): CombNow {
  const stores = (BROOD_BOX_CELLS.value * USUAL_STORES.value) / 100;
  const brood = Math.min(broodFrames * BROOD_A_FRAME.value, BROOD_BOX_CELLS.value - stores);
  return {
    eggs: rounded((brood * EGG_DAYS.value) / DAYS_OF_BROOD),
    larvae: rounded((brood * OPEN_LARVA_DAYS.value) / DAYS_OF_BROOD),
    sealed: rounded((brood * SEALED_WORKER_DAYS.value) / DAYS_OF_BROOD),
    freeCells: rounded(Math.max(0, BROOD_BOX_CELLS.value - brood - stores)),
    storeCells: rounded(stores),
    honeyKg: USUAL_HONEY.value,
  };
}

/** The swarm season that is on, or the next one: the days of months one after another in which swarms come. Null: in no month. */
export function swarmSeason(year: PlaceYear, today: Day): DayRange | null {
  const isIn = (on: Day) => seasonPart(on, year) === 'swarm-season';
  const begins = (on: Day) => !isIn(addDays(on, -1));
  const ends = (on: Day) => !isIn(addDays(on, 1));
  // The whole of a season that is on, back to its first day.
  const from = isIn(today) ? (nearestDay(today, -1, begins) ?? addDays(today, -A_YEAR)) : nearestDay(today, 1, isIn);
  return from === null ? null : { from, to: nearestDay(from, 1, ends) ?? addDays(from, A_YEAR) };
}
