import { addDays, type Day, day } from '../calendar/day';
import type { StandMoveFact, StandStepSaid } from '../facts/yard';
import { distanceM, type Point, stepsBetween } from './flyers';

const fromOf = ({ fromX, fromY }: Ends): Point => ({ x: fromX, y: fromY });
const toOf = ({ toX, toY }: Ends): Point => ({ x: toX, y: toY });
type Ends = Pick<StandMoveFact, 'fromX' | 'fromY' | 'toX' | 'toY'>;

const CM_PER_M = 100;
const toCm = (m: number): number => Math.round(m * CM_PER_M) / CM_PER_M;

/** In how many steps it is there. */
export const stepsInAll = (move: Ends): number => stepsBetween(fromOf(move), toOf(move));

/** Where the hive stands after so many even steps, to the centimetre. */
export function placeAfter(move: Ends, steps: number): Point {
  const share = Math.min(1, steps / stepsInAll(move));
  const { fromX, fromY, toX, toY } = move;
  return { x: toCm(fromX + (toX - fromX) * share), y: toCm(fromY + (toY - fromY) * share) };
}

/** A move with what was said of a day: moved, not moved after all, or left where it stands from then on. A day has one step, said twice or not. */
export function withStep<M extends Pick<StandMoveFact, 'steps' | 'endedOn'>>(move: M, { kind, on }: StepSaid): M {
  if (kind === 'left') return { ...move, endedOn: move.endedOn ?? on };
  const others = move.steps.filter((one) => one !== on);
  return { ...move, steps: kind === 'moved' ? [...others, on].sort() : others };
}
type StepSaid = Pick<StandStepSaid, 'kind' | 'on'>;

/** The next step of a hive on its way. */
export interface NextStep {
  readonly metres: number;
  /** Where to, degrees from north by east, 0 to 359. */
  readonly bearing: number;
  /** Steps still to be made, with this one. */
  readonly left: number;
  /** It was moved today already: the next is tomorrow's. */
  readonly isDoneToday: boolean;
  /** The day on which it is there at the earliest: a step a day from now on; missed days are not made up. */
  readonly thereOn: Day;
}

/** @returns null: it is there, or was left where it was */
export function nextStep(move: Pick<StandMoveFact, 'steps' | 'endedOn' | keyof Ends>, today: Day): NextStep | null {
  const left = stepsInAll(move) - move.steps.length;
  if (move.endedOn !== null || left <= 0) return null;
  const isDoneToday = move.steps.some((on) => day(on) >= today);
  const { fromX, fromY, toX, toY } = move;
  const degrees = (Math.atan2(toX - fromX, toY - fromY) * 180) / Math.PI;
  return {
    metres: distanceM(fromOf(move), toOf(move)) / stepsInAll(move),
    bearing: Math.round(degrees + 360) % 360,
    left,
    isDoneToday,
    thereOn: addDays(today, left - (isDoneToday ? 0 : 1)),
  };
}
