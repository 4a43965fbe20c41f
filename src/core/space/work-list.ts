import { type Arrangement, allFrames, boxesOf, type FramePlace, hiveOf, placeOf } from './arrangement';
import type { FrameSize } from './frame-size';
import { mainContent } from './frame-traits';
import { type Box, broodBoxes, type Frame, type Hive, supers } from './hive';
import { boxWeight, HEAVY } from './weight';

export const WORK_KINDS = ['lift', 'queen', 'box', 'shake', 'aside', 'out', 'frame', 'new-frame', 'close'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** One thing to be done at the hive. */
export interface WorkStep {
  readonly kind: WorkKind;
  readonly text: string;
  /** The frames that it is about; new ones for one box are brought together. */
  readonly frameIds: readonly string[];
}

interface WorkContext {
  readonly queenFrameId: string | null;
  readonly keptCellFrames: ReadonlySet<string>;
  readonly shaken: ReadonlySet<string>;
  /** Frames of the brood boxes that bees cover, for the weights. */
  readonly coveredSeams: number;
  readonly unitName: (unit: string) => string;
  readonly sizes: readonly FrameSize[];
}

/** `brood box`, `brood box 2`, `super 1`: what a box is called in its hive, counted from below. */
export function boxName(hive: Hive, box: Box): string {
  const alike = box.role === 'brood' ? broodBoxes(hive) : supers(hive);
  const word = box.role === 'brood' ? 'brood box' : 'super';
  return alike.length === 1 ? word : `${word} ${alike.findIndex(({ id }) => id === box.id) + 1}`;
}

const CONTENT_NAMES = {
  brood: 'brood',
  drone: 'drone brood',
  pollen: 'pollen',
  nectar: 'nectar',
  honey: 'honey',
  empty: 'empty comb',
  undrawn: 'foundation',
  eggs: 'brood',
  larvae: 'brood',
  sealed: 'brood',
} as const;

/** What a frame is called by what it holds. */
export function frameWords(frame: Frame): string {
  const main = mainContent(frame);
  return main === null ? frame.kind : CONTENT_NAMES[main];
}

/**
 * What to do at the hive, in order, to come from one arrangement to another: what stands in the way is lifted off first, the queen
 * is put where she is safe before any frame is shaken or moved, frames leave before others come, and a frame only goes where there
 * is room for it by then. Frames that only slide along are not named.
 */
export function workList(before: Arrangement, after: Arrangement, context: WorkContext): readonly WorkStep[] {
  const steps: WorkStep[] = [];
  const add = (kind: WorkKind, text: string, ...frameIds: readonly string[]) => steps.push({ kind, text, frameIds });
  const { unitName, sizes } = context;
  const ofUnit = (unit: string) => (before.units.length > 1 ? ` in ${unitName(unit)}` : '');
  const names = new Map(
    before.units.flatMap(({ name, hive }) =>
      hive.boxes.flatMap((box) =>
        box.frames.map((frame, i) => [frame.id, `frame ${i + 1} of ${boxName(hive, box)}${ofUnit(name)}`] as const),
      ),
    ),
  );
  const nameOf = (frame: Frame) => `${names.get(frame.id) ?? 'a new frame'} (${frameWords(frame)})`;
  const isSeveral = after.units.length > 1;
  const boxWords = ({ unit, boxId }: Pick<FramePlace, 'unit' | 'boxId'>) => {
    const hive = hiveOf(after, unit);
    const box = hive.boxes.find(({ id }) => id === boxId) as Box;
    return isSeveral ? `${unitName(unit)}, ${boxName(hive, box)}` : boxName(hive, box);
  };

  const moved = movedFrames(before, after);
  liftOff(before, after, moved, context).forEach((text) => {
    add('lift', text);
  });
  const queenMoves = moved.some(({ id }) => id === context.queenFrameId);
  const hers = allFrames(before).find(({ id }) => id === context.queenFrameId);
  if (hers) {
    const words = `The queen was last on ${nameOf(hers)}.`;
    add(
      'queen',
      queenMoves
        ? `${words} Find her, and move that frame first.`
        : `${words} Find her, and stand that frame aside, covered, until the rest is done.`,
      hers.id,
    );
  } else if (moved.length > 0) {
    add(
      'queen',
      'Nobody has noted where the queen is: look on every frame before it leaves its box, and cage her if seen.',
    );
  }
  for (const { unit, box } of newBoxes(before, after)) {
    const under =
      box.under === 'excluder' ? ' over a queen excluder' : box.under === 'board' ? ' over a division board' : '';
    add('box', `Make ready: ${boxWords({ unit, boxId: box.id })}${under}.`);
  }
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
        `${what} (${frameWords(frame)}) into ${boxWords(to)}, as frame${ids.length === 1 ? '' : 's'} ${places}.`,
        ...ids,
      );
    } else {
      const care = context.keptCellFrames.has(frame.id)
        ? ' Keep it upright and do not jar it: the kept cell is on it.'
        : '';
      add('frame', `${capital(nameOf(frame))} to ${boxWords(to)}, as frame ${places}.${care}`, ...ids);
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
  return moved.length === 0 && newBoxes(before, after).length === 0 && context.shaken.size === 0 ? [] : steps;

  function stackWords(hive: Hive): string {
    return hive.boxes
      .map((box) => {
        const under = box.under === 'excluder' ? 'excluder, ' : box.under === 'board' ? 'division board, ' : '';
        return `${under}${boxName(hive, box)} (about ${Math.round(boxWeight(box, 0, sizes))} kg)`;
      })
      .join(', ')
      .replace(/^/, 'from the floor up ');
  }
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

/** Frames that have to be lifted: those in another box, those out of their order, those that are new or go out. */
export function movedFrames(before: Arrangement, after: Arrangement): readonly Frame[] {
  const stays = new Set(
    boxesOf(after).flatMap(({ box }) => {
      const was = boxesOf(before).find((one) => one.box.id === box.id);
      if (!was) return [];
      const order = new Map(was.box.frames.map(({ id }, i) => [id, i]));
      const still = box.frames.filter(({ id }) => order.has(id));
      return longestInOrder(still.map(({ id }) => order.get(id) as number)).map((i) => (still[i] as Frame).id);
    }),
  );
  const wasOut = new Set(before.out.map(({ id }) => id));
  return allFrames(after).filter(
    ({ id }) => !stays.has(id) && !(wasOut.has(id) && after.out.some((frame) => frame.id === id)),
  );
}

/** Indexes of a longest rising run: the frames that can stay where they are while the others are moved around them. */
function longestInOrder(places: readonly number[]): readonly number[] {
  const best = places.map(() => 1);
  const from = places.map(() => -1);
  for (let i = 0; i < places.length; i++) {
    for (let j = 0; j < i; j++) {
      if ((places[j] as number) < (places[i] as number) && (best[j] as number) + 1 > (best[i] as number)) {
        best[i] = (best[j] as number) + 1;
        from[i] = j;
      }
    }
  }
  const run: number[] = [];
  for (let i = best.indexOf(Math.max(0, ...best)); i >= 0; i = from[i] as number) run.unshift(i);
  return run;
}

interface Lifted {
  readonly frame: Frame;
  readonly to: FramePlace;
  readonly isAside: boolean;
}

/** The queen’s frame first; then whichever has room to go to; where all are full, one is stood aside to make room. */
function inWorkableOrder(
  before: Arrangement,
  after: Arrangement,
  moved: readonly Frame[],
  queenFrameId: string | null,
): readonly Lifted[] {
  const counts = new Map(boxesOf(after).map(({ box }) => [box.id, 0]));
  for (const { box } of boxesOf(before)) counts.set(box.id, box.frames.length);
  const places = new Map(boxesOf(after).map(({ box }) => [box.id, Math.max(box.places, box.frames.length)]));
  const from = new Map(moved.map(({ id }) => [id, placeOf(before, id)?.boxId ?? null]));
  const leave = (id: string) => {
    const boxId = from.get(id) ?? null;
    if (boxId !== null) counts.set(boxId, (counts.get(boxId) as number) - 1);
    from.set(id, null);
  };
  for (const { id } of moved) if (placeOf(after, id) === null) leave(id);
  const waiting = moved
    .flatMap((frame) => {
      const to = placeOf(after, frame.id);
      return to ? [{ frame, to }] : [];
    })
    .sort(
      (a, b) =>
        Number(b.frame.id === queenFrameId) - Number(a.frame.id === queenFrameId) ||
        Number(from.get(a.frame.id) === null) - Number(from.get(b.frame.id) === null),
    );
  const done: Lifted[] = [];
  while (waiting.length > 0) {
    const next = waiting.findIndex(
      ({ frame, to }) =>
        from.get(frame.id) === to.boxId || (counts.get(to.boxId) as number) < (places.get(to.boxId) as number),
    );
    if (next >= 0) {
      const [{ frame, to }] = waiting.splice(next, 1) as [(typeof waiting)[number]];
      leave(frame.id);
      counts.set(to.boxId, (counts.get(to.boxId) as number) + 1);
      done.push({ frame, to, isAside: false });
      continue;
    }
    // All that wait go where it is full: one that still hangs in a box is stood aside.
    const blocker = waiting.find(({ frame }) => from.get(frame.id) !== null);
    if (!blocker) throw new Error('Frames are left over, and every box is full');
    leave(blocker.frame.id);
    done.push({ ...blocker, isAside: true });
  }
  return done;
}

/** What stands on the lowest box that is worked in, from the top down, with what it weighs. */
function liftOff(
  before: Arrangement,
  after: Arrangement,
  moved: readonly Frame[],
  { coveredSeams, sizes, shaken }: WorkContext,
): readonly string[] {
  const ids = new Set([...moved.map(({ id }) => id), ...shaken]);
  const added = new Set(newBoxes(before, after).map(({ box }) => box.id));
  return before.units.flatMap(({ name, hive }) => {
    const now = after.units.find((unit) => unit.name === name)?.hive ?? hive;
    const newAt = now.boxes.findIndex(({ id }) => added.has(id));
    const lowestNew = newAt < 0 ? Number.POSITIVE_INFINITY : newAt;
    const touched = hive.boxes.findIndex(({ frames }) => frames.some(({ id }) => ids.has(id)));
    const lowest = Math.min(touched < 0 ? Number.POSITIVE_INFINITY : touched + 1, lowestNew);
    return hive.boxes
      .map((box, level) => ({ box, level }))
      .filter(({ level }) => level >= lowest)
      .reverse()
      .map(({ box }) => {
        const kg = boxWeight(box, box.role === 'brood' ? coveredSeams : 0, sizes);
        const care = kg >= HEAVY.value ? ': take frames out of it, or have somebody help' : '';
        return `Lift off ${boxName(hive, box)}, about ${Math.round(kg)} kg${care}.`;
      });
  });
}
