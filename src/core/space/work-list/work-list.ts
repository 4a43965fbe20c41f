import type { Said } from '../../says/said';
import { type Arrangement, allFrames, boxesOf, type FramePlace, placeOf } from '../arrangement';
import { coveredIn } from '../covered';
import type { FrameSize } from '../frame-size';
import type { Frame } from '../hive';
import { boxWeight, HEAVY } from '../weight';
import { WHOLE } from '../whole';
import { boxNames } from './box-names';
import { boxSteps } from './box-steps';
import { holdsOf } from './frame-holds';
import { liftsFor } from './lifts';
import { inWorkableOrder, type Lifted, movedFrames } from './order';
import { say } from './says';

export const WORK_KINDS = ['lift', 'queen', 'box', 'shake', 'aside', 'out', 'frame', 'new-frame', 'close'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** One thing to be done at the hive. */
export interface WorkStep {
  readonly kind: WorkKind;
  readonly text: Said;
  /** The frames that it is about; new ones for one box are brought together. */
  readonly frameIds: readonly string[];
}

export interface WorkContext {
  /** The frame that she was last on, and the one that she is to be on; null: not known. */
  readonly queenWasOn: string | null;
  readonly queenFrameId: string | null;
  readonly keptCellFrames: ReadonlySet<string>;
  readonly shaken: ReadonlySet<string>;
  /** Seams of the hive that bees cover, for the weights, where they were not counted by box; null: not counted. */
  readonly coveredSeams: number | null;
  /** The frames were only counted: what hangs where is assumed, so a frame is told by what is on it. */
  readonly placesAssumed: boolean;
  /** Names of the colonies that units are, where they have one. */
  readonly colonyNames?: ReadonlyMap<string, string>;
  readonly sizes: readonly FrameSize[];
}

/**
 * What to do at the hive, in order, to come from one arrangement to another: what stands in the way is lifted off first, the queen
 * is put where she is safe before any frame is shaken or moved, frames leave before others come, and a frame only goes where there
 * is room for it by then. Frames that only slide along are not named. Every box keeps one name from the first line to the last.
 */
export function workList(before: Arrangement, after: Arrangement, context: WorkContext): readonly WorkStep[] {
  const steps: WorkStep[] = [];
  const add = (kind: WorkKind, text: Said, ...frameIds: readonly string[]) => steps.push({ kind, text, frameIds });
  const { sizes, coveredSeams, placesAssumed, colonyNames } = context;
  const ofUnit = (unit: string) => say('unit', { unit, colony: colonyNames?.get(unit) ?? null });
  const called = boxNames(before, after, ofUnit);
  const ofBox = (boxId: string) => called.get(boxId) as Said;
  const names = new Map(
    boxesOf(before).flatMap(({ box }) =>
      box.frames.map((frame, i) => [
        frame.id,
        placesAssumed
          ? say('frame-in', { holds: holdsOf(frame), box: ofBox(box.id) })
          : say('frame-at', { place: i + 1, holds: holdsOf(frame), box: ofBox(box.id) }),
      ]),
    ),
  );
  const nameOf = (frame: Frame) => names.get(frame.id) ?? say('new-frame', { holds: holdsOf(frame) });
  const isSeveral = after.units.length > 1;

  const moved = movedFrames(before, after);
  const added = newBoxes(before, after);
  const restacked = boxSteps(before, after, ofBox);
  if (moved.length + added.length + context.shaken.size + restacked.length === 0) return [];
  const touched = new Set([...moved.map(({ id }) => id), ...context.shaken]);
  for (const { box, kg } of liftsFor(before, after, touched, coveredSeams, sizes)) {
    add('lift', say('lift-off', { box: ofBox(box.id), kg, isHeavy: kg >= HEAVY.value }));
  }
  const ofQueen = queenStep(before, after, moved, context, nameOf);
  if (ofQueen) add('queen', ofQueen, ...[context.queenWasOn ?? []].flat());
  for (const { box } of added) add('box', say('make-ready', { box: ofBox(box.id), under: box.under }));
  for (const step of restacked) add('box', step);
  for (const frame of moved.filter(({ id }) => placeOf(after, id) === null))
    add('out', say('take-out', { frame: nameOf(frame) }), frame.id);
  for (const lifted of together(inWorkableOrder(before, after, moved, context.queenFrameId), names)) {
    const [{ frame, to, isAside }] = lifted as [Lifted];
    const ids = lifted.map((one) => one.frame.id);
    const places = lifted.map((one) => one.to.at + 1);
    if (isAside) add('aside', say('stand-aside', { frame: nameOf(frame) }), ...ids);
    else if (!names.has(frame.id))
      add('new-frame', say('hang-new-frames', { holds: holdsOf(frame), box: ofBox(to.boxId), places }), ...ids);
    else add('frame', moveStep(to, frame), ...ids);
  }
  for (const frame of allFrames(before).filter(({ id }) => context.shaken.has(id))) {
    const target = after.units.find(({ name }) => name !== placeOf(after, frame.id)?.unit);
    add('shake', say('shake', { frame: nameOf(frame), into: ofUnit(target?.name ?? WHOLE) }), frame.id);
  }
  after.units.forEach(({ name, hive }) => {
    const boxes = hive.boxes.map((box) => ({
      box: ofBox(box.id),
      under: box.under,
      kg: boxWeight(box, coveredIn(box, hive, coveredSeams), sizes),
    }));
    const kg = boxes.reduce((sum, box) => sum + box.kg, 0);
    add('close', say('close-up', { unit: ofUnit(isSeveral ? name : WHOLE), boxes, kg }));
  });
  return steps;

  function moveStep({ boxId, at }: FramePlace, frame: Frame): Said {
    const step = { frame: nameOf(frame), place: at + 1, hasKeptCell: context.keptCellFrames.has(frame.id) };
    const isSameBox = placeOf(before, frame.id)?.boxId === boxId;
    return isSameBox ? say('move-within', step) : say('move-to', { ...step, box: ofBox(boxId) });
  }
}

/** What is to be done about the queen before a frame is moved; null: she is in no danger of it. */
function queenStep(
  before: Arrangement,
  after: Arrangement,
  moved: readonly Frame[],
  { queenWasOn, queenFrameId, shaken }: WorkContext,
  nameOf: (frame: Frame) => Said,
): Said | null {
  const hers = allFrames(before).find(({ id }) => id === queenWasOn);
  const hung = moved.filter(({ id }) => placeOf(before, id) !== null);
  if (!hers) {
    const isAsked = hung.length > 0 || shaken.size > 0;
    return isAsked ? say('queens-place-not-known') : null;
  }
  const frame = nameOf(hers);
  const to = allFrames(after).find(({ id }) => id === queenFrameId);
  if (to && to.id !== hers.id) return say('move-queen-by-hand', { from: frame, to: nameOf(to) });
  if (moved.some(({ id }) => id === hers.id)) return say('queens-frame-first', { frame });
  const herBox = placeOf(before, hers.id)?.boxId;
  const isNear = [...hung.map(({ id }) => id), ...shaken].some((id) => placeOf(before, id)?.boxId === herBox);
  return isNear ? say('queens-frame-aside', { frame }) : null;
}

/** New frames of one kind for one box are one step; every other frame is one of its own. */
function together(lifted: readonly Lifted[], known: ReadonlyMap<string, Said>): readonly (readonly Lifted[])[] {
  const groups: Lifted[][] = [];
  for (const one of lifted) {
    const last = groups.at(-1)?.[0];
    const isAlike =
      last !== undefined &&
      !known.has(last.frame.id) &&
      !known.has(one.frame.id) &&
      !last.isAside &&
      !one.isAside &&
      last.to.boxId === one.to.boxId &&
      holdsOf(last.frame) === holdsOf(one.frame);
    if (isAlike) groups.at(-1)?.push(one);
    else groups.push([one]);
  }
  return groups;
}

const newBoxes = (before: Arrangement, after: Arrangement) => {
  const known = new Set(boxesOf(before).map(({ box }) => box.id));
  return boxesOf(after).filter(({ box }) => !known.has(box.id));
};
