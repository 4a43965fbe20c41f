import { type Arrangement, allFrames, boxesOf, type FramePlace, placeOf } from '../arrangement';
import { coveredIn } from '../covered';
import type { FrameSize } from '../frame-size';
import { mainContent } from '../frame-traits';
import type { Frame, Hive } from '../hive';
import { boxWeight, HEAVY } from '../weight';
import { boxNames } from './box-names';
import { boxSteps } from './box-steps';
import { liftsFor } from './lifts';
import { inWorkableOrder, type Lifted, movedFrames } from './order';

export const WORK_KINDS = ['lift', 'queen', 'box', 'shake', 'aside', 'out', 'frame', 'new-frame', 'close'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** One thing to be done at the hive. */
export interface WorkStep {
  readonly kind: WorkKind;
  readonly text: string;
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
  readonly unitName: (unit: string) => string;
  readonly sizes: readonly FrameSize[];
}

const CONTENT_NAMES = {
  brood: 'brood',
  drone: 'drone brood',
  pollen: 'pollen',
  nectar: 'nectar',
  honey: 'honey',
  empty: 'empty comb',
  droneComb: 'empty drone comb',
  undrawn: 'foundation',
  unseen: 'not looked at',
  eggs: 'brood',
  larvae: 'brood',
  sealed: 'brood',
} as const;

/** What frames are called by what they mainly hold. */
export const frameKindWords = (main: keyof typeof CONTENT_NAMES): string => CONTENT_NAMES[main];

/** What a frame is called by what it holds. */
export function frameWords(frame: Frame): string {
  const main = mainContent(frame);
  return main === null ? frame.kind : frameKindWords(main);
}

/**
 * What to do at the hive, in order, to come from one arrangement to another: what stands in the way is lifted off first, the queen
 * is put where she is safe before any frame is shaken or moved, frames leave before others come, and a frame only goes where there
 * is room for it by then. Frames that only slide along are not named. Every box keeps one name from the first line to the last.
 */
export function workList(before: Arrangement, after: Arrangement, context: WorkContext): readonly WorkStep[] {
  const steps: WorkStep[] = [];
  const add = (kind: WorkKind, text: string, ...frameIds: readonly string[]) => steps.push({ kind, text, frameIds });
  const { unitName, sizes, coveredSeams, placesAssumed } = context;
  const boxWords = boxNames(before, after, unitName);
  const ofBox = (boxId: string) => boxWords.get(boxId) ?? 'a box';
  const names = new Map(
    boxesOf(before).flatMap(({ box }) =>
      box.frames.map((frame, i) => [
        frame.id,
        placesAssumed
          ? `a frame of ${frameWords(frame)} in ${ofBox(box.id)}`
          : `frame ${i + 1} of ${ofBox(box.id)} (${frameWords(frame)})`,
      ]),
    ),
  );
  const nameOf = (frame: Frame) => names.get(frame.id) ?? `a new frame (${frameWords(frame)})`;
  const isSeveral = after.units.length > 1;

  const moved = movedFrames(before, after);
  const added = newBoxes(before, after);
  const restacked = boxSteps(before, after, ofBox);
  if (moved.length + added.length + context.shaken.size + restacked.length === 0) return [];
  const touched = new Set([...moved.map(({ id }) => id), ...context.shaken]);
  for (const { box, kg } of liftsFor(before, after, touched, coveredSeams, sizes)) {
    const care = kg >= HEAVY.value ? ': take frames out of it, or have somebody help' : '';
    add('lift', `Lift off ${ofBox(box.id)}, about ${Math.round(kg)} kg${care}.`);
  }
  const words = queenWords(before, after, moved, context, nameOf);
  if (words) add('queen', words, ...[context.queenWasOn ?? []].flat());
  for (const { box } of added) {
    const under =
      box.under === 'excluder' ? ' over a queen excluder' : box.under === 'board' ? ' over a split board' : '';
    add('box', `Make ready: ${ofBox(box.id)}${under}.`);
  }
  for (const step of restacked) add('box', step);
  for (const frame of moved.filter(({ id }) => placeOf(after, id) === null))
    add('out', `Take out ${nameOf(frame)}, bees brushed off.`, frame.id);
  for (const lifted of together(inWorkableOrder(before, after, moved, context.queenFrameId), names)) {
    const [{ frame, to, isAside }] = lifted as [Lifted];
    const ids = lifted.map((one) => one.frame.id);
    const places = listWords(lifted.map((one) => String(one.to.at + 1)));
    if (isAside) add('aside', `Stand aside ${nameOf(frame)}.`, ...ids);
    else if (!names.has(frame.id)) {
      const what = ids.length === 1 ? 'New frame' : `${ids.length} new frames`;
      add(
        'new-frame',
        `${what} (${frameWords(frame)}) into ${ofBox(to.boxId)}, as frame${ids.length === 1 ? '' : 's'} ${places}.`,
        ...ids,
      );
    } else {
      const care = context.keptCellFrames.has(frame.id)
        ? ' Keep it upright and do not jar it: the kept cell is on it.'
        : '';
      add('frame', `${capital(nameOf(frame))} ${whereTo(to, frame)}.${care}`, ...ids);
    }
  }
  for (const frame of allFrames(before).filter(({ id }) => context.shaken.has(id))) {
    const target = after.units.find(({ name }) => name !== placeOf(after, frame.id)?.unit);
    add(
      'shake',
      `Shake the bees of ${nameOf(frame)} into ${target ? unitName(target.name) : 'the hive'}; look for the queen first.`,
      frame.id,
    );
  }
  after.units.forEach(({ name, hive }) => {
    add('close', `Close up ${isSeveral ? unitName(name) : 'the hive'}: ${stackWords(hive)}.`);
  });
  return steps;

  /** `to the nuc, new brood box, as frame 3`; within its own box only the place. */
  function whereTo({ boxId, at }: FramePlace, frame: Frame): string {
    const isSameBox = placeOf(before, frame.id)?.boxId === boxId;
    return isSameBox ? `within it, as frame ${at + 1}` : `to ${ofBox(boxId)}, as frame ${at + 1}`;
  }

  function stackWords(hive: Hive): string {
    const boxes = hive.boxes.map((box) => ({ box, kg: boxWeight(box, coveredIn(box, hive, coveredSeams), sizes) }));
    const stack = boxes.map(({ box, kg }) => {
      const under = box.under === 'excluder' ? 'excluder, ' : box.under === 'board' ? 'split board, ' : '';
      return `${under}${ofBox(box.id)} (about ${Math.round(kg)} kg)`;
    });
    const all = boxes.reduce((sum, { kg }) => sum + kg, 0);
    const whole = boxes.length > 1 ? `; about ${Math.round(all)} kg in all` : '';
    return `from the floor up ${stack.join(', ')}${whole}`;
  }
}

/** What is to be done about the queen before a frame is moved; null: she is in no danger of it. */
function queenWords(
  before: Arrangement,
  after: Arrangement,
  moved: readonly Frame[],
  { queenWasOn, queenFrameId, shaken }: WorkContext,
  nameOf: (frame: Frame) => string,
): string | null {
  const hers = allFrames(before).find(({ id }) => id === queenWasOn);
  const hung = moved.filter(({ id }) => placeOf(before, id) !== null);
  if (!hers) {
    const isAsked = hung.length > 0 || shaken.size > 0;
    return isAsked
      ? 'The queen’s place is not known: check every frame before it leaves its box, and cage her if you see her.'
      : null;
  }
  const was = `The queen was last on ${nameOf(hers)}.`;
  const to = allFrames(after).find(({ id }) => id === queenFrameId);
  if (to && to.id !== hers.id)
    return `${was} Find her, and move her over by hand, or in a cage, to ${nameOf(to)}: the kept cell hangs on her frame, and the two must part.`;
  if (moved.some(({ id }) => id === hers.id)) return `${was} Find her, and move that frame first.`;
  const herBox = placeOf(before, hers.id)?.boxId;
  const isNear = [...hung.map(({ id }) => id), ...shaken].some((id) => placeOf(before, id)?.boxId === herBox);
  return isNear ? `${was} Find her, and stand that frame aside, covered, until the rest is done.` : null;
}

/** New frames of one kind for one box are one step; every other frame is one of its own. */
function together(lifted: readonly Lifted[], known: ReadonlyMap<string, string>): readonly (readonly Lifted[])[] {
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
      frameWords(last.frame) === frameWords(one.frame);
    if (isAlike) groups.at(-1)?.push(one);
    else groups.push([one]);
  }
  return groups;
}

/** `1, 2 and 5` */
const listWords = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const newBoxes = (before: Arrangement, after: Arrangement) => {
  const known = new Set(boxesOf(before).map(({ box }) => box.id));
  return boxesOf(after).filter(({ box }) => !known.has(box.id));
};
