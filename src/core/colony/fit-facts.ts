import { figure } from '../biology/figure';
import { type Day, daysBetween } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { isOpenCell } from '../cells/stage';
import type { FitFacts } from '../methods/fit';
import type { MethodKind } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { expectedIn, lostIn, swarmedIn } from '../queens/queen-questions';
import { broodFrameCount } from '../space/hive';
import type { ColonyState } from '../state/fold';
import { readingToday } from './aged';
import type { Drones, InspectionFact } from './facts';
import { isUnseen } from './situation';
import { mayStillHoldQueen } from './track-cells';

/** A count of frames, seams or drones older than this no longer tells how strong a colony is. */
const COUNT_HOLDS = figure('a-count-of-brood-frames-seams-or-drones-holds-for', 14, 'days', 'caution');

/** Kinds of methods that take frames out of a hive, or put others into it. */
const MOVES_FRAMES: ReadonlySet<MethodKind> = new Set<MethodKind>(['swarm', 'increase']);

/** Days until the main flow, 0 while it is on; null when it was not noted or is over. */
export function daysToMainFlow(flow: DayRange | null, today: Day): number | null {
  if (!flow || today > flow.to) return null;
  return Math.max(0, daysBetween(today, flow.from));
}

/** What the keeper says of the place when methods are weighed; null: not said. */
export type PlaceFacts = Pick<FitFacts, 'coldestNightC' | 'secondStand'>;

export const NOTHING_SAID: PlaceFacts = { coldestNightC: null, secondStand: null };

/** What is known of a colony when methods are weighed: its state, and the last counts that are not too old. */
export function fitFactsOf(state: ColonyState, flow: DayRange | null, place: PlaceFacts = NOTHING_SAID): FitFacts {
  const { today, lastInspection, queen, parts } = state;
  const lost = lostIn(queen);
  // What was counted before frames went elsewhere no longer tells.
  const movedOn = parts
    .filter(({ programme }) => MOVES_FRAMES.has(methodNamed(programme.method).kind))
    .map(({ programme }) => programme.on)
    .reduce<Day | null>((last, on) => (last === null || on > last ? on : last), null);
  const isSinceMoved = (on: Day) => movedOn === null || on > movedOn;
  // Cells known from before may have let their queens out since.
  const liveCells = state.liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const recent = state.inspections
    .map(({ inspection }) => inspection)
    .filter(({ on }) => daysBetween(on, today) <= COUNT_HOLDS.value && isSinceMoved(on));
  const last = <T>(of: (inspection: InspectionFact) => T | null): T | null =>
    recent.map(of).findLast((value) => value !== null) ?? null;
  const surveyed =
    state.frames &&
    daysBetween(state.frames.survey.on, today) <= COUNT_HOLDS.value &&
    (state.frames.survey.source === 'moves' || isSinceMoved(state.frames.survey.on))
      ? state.frames
      : null;
  const young = recent.findLast(({ eggs, youngest }) => eggs === 'seen' || youngest === 'larvae-small');
  // What was told last counts: the look, or frames surveyed since.
  const isNewer = surveyed !== null && (!lastInspection || surveyed.survey.on >= lastInspection.inspection.on);
  const counted = (byLook: number | null, bySurvey: number | null) =>
    isNewer ? (bySurvey ?? byLook) : (byLook ?? bySurvey);
  const open = liveCells.filter(({ lastStage }) => isOpenCell(lastStage)).length;
  return {
    reading: readingToday(state),
    queen: expectedIn(queen),
    presumedGone: queen.is === 'going' || swarmedIn(queen) !== null,
    isUnseen: isUnseen(state),
    queenFound: lastInspection?.inspection.queen === 'seen' && lastInspection.inspection.on === today,
    youngBroodAgo: young ? daysBetween(young.on, today) : null,
    isEitherHalf: queen.is === 'either-half',
    queenlessFor: lost === null ? null : daysBetween(lost.to, today),
    openCells: open,
    sealedCells: liveCells.length - open,
    broodFrames: counted(
      last(({ broodFrames }) => broodFrames),
      surveyed && broodFrameCount(surveyed.survey.hive),
    ),
    coveredSeams: counted(
      last(({ coveredSeams }) => coveredSeams),
      surveyed?.survey.coveredSeams ?? null,
    ),
    drones: last(({ drones }): Exclude<Drones, 'not-looked-for'> | null =>
      drones === 'not-looked-for' ? null : drones,
    ),
    mainFlowInDays: daysToMainFlow(flow, today),
    stores: isNewer ? (surveyed.room.bound?.by ?? 'room') : (lastInspection?.inspection.stores ?? 'not-looked-for'),
    ...place,
  };
}
