import { type Day, daysBetween } from '../core/calendar/day';
import { mayStillHoldQueen } from '../core/colony/track-cells';
import { keepTogether } from '../core/programmes/best-to-keep';
import { allSizes, roomFigures, type Settings } from '../core/settings/settings';
import { carryForward } from '../core/space/carry-forward';
import { framesOfCells } from '../core/space/cell-frames';
import { coveredIn } from '../core/space/covered';
import type { FrameSize } from '../core/space/frame-size';
import { framesOf, type Hive } from '../core/space/hive';
import type { Flow } from '../core/space/nectar';
import type { SurveyFact } from '../core/space/survey';
import { type Triggers, triggersOf } from '../core/space/triggers';
import { boxWeight } from '../core/space/weight';
import type { ColonyState } from '../core/state/fold';
import { framesPhrases } from '../words/pages/frames';
import { type RoomWords, storedRoomWords } from '../words/room';
import type { AllApiaries, ColonyEntry } from './all-apiaries';

/** What a hive weighs. */
export interface HiveWeights {
  /** By the ids of its boxes, in kg. */
  readonly kgByBox: { readonly [boxId: string]: number };
  /** Covered seams were counted, so that bees are reckoned in. */
  readonly withBees: boolean;
}

/**
 * What a hive weighs, box by box.
 *
 * @param coveredSeams in all, where they were not counted by box; null: not counted
 */
export const weighsOf = (hive: Hive, coveredSeams: number | null, sizes: readonly FrameSize[]): HiveWeights => ({
  kgByBox: Object.fromEntries(
    hive.boxes.map((box) => [box.id, boxWeight(box, coveredIn(box, hive, coveredSeams), sizes)]),
  ),
  withBees: coveredSeams !== null || hive.boxes.some((box) => typeof box.coveredSeams === 'number'),
});

/** A hive's frames as they stand on a day, with what is known of each. */
export interface FramesView {
  /** Carried forward to the day. */
  readonly hive: Hive;
  readonly surveyedOn: Day;
  readonly knownFrom: string;
  /** Only counted: where each frame hangs, and how the ages of brood are spread, is assumed. */
  readonly areCounted: boolean;
  readonly flow: Flow;
  readonly wouldLayPerDay: number;
  readonly queenFrameId: string | null;
  readonly keptCellFrames: readonly string[];
  /** Frames with other live cells. */
  readonly cellFrames: readonly string[];
  readonly room: RoomWords;
  readonly triggers: Triggers;
  readonly coveredSeams: number | null;
  readonly weighs: HiveWeights;
}

/** Null where the frames were never surveyed. */
export function framesView(state: ColonyState, surveys: readonly SurveyFact[], settings: Settings): FramesView | null {
  if (!state.frames) return null;
  const { survey, room } = state.frames;
  const { today } = state;
  const sizes = allSizes(settings);
  const days = daysBetween(survey.on, today);
  const hive = carryForward(survey.hive, days, sizes);
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const hung = framesOfCells(
    live.map(({ cell, lastSeen }) => ({ ...cell, lastSeen })),
    surveys,
  );
  const kept = keptCells(state, settings.cellsKept);
  const here = new Set(framesOf(hive).map(({ id }) => id));
  const framesWith = (isKept: boolean) =>
    [
      ...new Set(
        live.filter(({ cell }) => kept.has(cell.id) === isKept).flatMap(({ cell }) => hung.get(cell.id) ?? []),
      ),
    ].filter((id) => here.has(id));
  const keptCellFrames = framesWith(true);
  const coveredSeams = survey.coveredSeams ?? lastCount(state);
  const since = days === 0 ? '' : framesPhrases.carriedForwardToToday;
  return {
    hive,
    surveyedOn: survey.on,
    knownFrom: framesPhrases.knownFrom(
      survey.source === 'moves' ? 'left' : survey.manner === 'counts' ? 'counted' : 'found',
      survey.on,
      since,
    ),
    areCounted: survey.manner === 'counts',
    flow: survey.flow,
    wouldLayPerDay: room.wouldLayPerDay,
    queenFrameId: survey.queenFrameId !== null && here.has(survey.queenFrameId) ? survey.queenFrameId : null,
    keptCellFrames,
    cellFrames: framesWith(false).filter((id) => !keptCellFrames.includes(id)),
    room: storedRoomWords(survey, room, roomFigures(settings), today),
    triggers: triggersOf(hive, coveredSeams, sizes),
    coveredSeams,
    weighs: weighsOf(hive, coveredSeams, sizes),
  };
}

const lastCount = ({ inspections }: ColonyState): number | null =>
  inspections.map(({ inspection }) => inspection.coveredSeams).findLast((count) => count !== null) ?? null;

/** Cells kept by what is running; where nothing is, those that are best kept. */
function keptCells({ parts, liveCells }: ColonyState, howMany: number): ReadonlySet<string> {
  const running = parts.filter(({ programme }) => programme.endedOn === null);
  const kept = running.flatMap(({ programme }) => programme.keptCellIds);
  return new Set(kept.length > 0 ? kept : keepTogether(liveCells, howMany).map(({ cell }) => cell.id));
}

/** Other hives of a colony’s apiary whose frames are known, carried forward to the day. */
export function otherHives(
  { colonies, settings }: AllApiaries,
  { id, apiaryId }: Pick<ColonyEntry, 'id' | 'apiaryId'>,
) {
  const sizes = allSizes(settings);
  return colonies.flatMap(({ colony, state: { frames, today } }) => {
    if (!frames || colony.id === id || colony.apiaryId !== apiaryId) return [];
    const { survey } = frames;
    const hive = carryForward(survey.hive, daysBetween(survey.on, today), sizes);
    return [{ id: colony.id, name: colony.name, hive, queenFrameId: survey.queenFrameId }];
  });
}
