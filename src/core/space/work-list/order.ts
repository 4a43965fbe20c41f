import { type Arrangement, allFrames, boxesOf, type FramePlace, placeOf } from '../arrangement';
import type { Frame } from '../hive';

/** A frame lifted into its place, or stood aside to make room. */
export interface Lifted {
  readonly frame: Frame;
  readonly to: FramePlace;
  readonly isAside: boolean;
}

/** Frames that have to be lifted: those in another box, those out of their order, those that are new or go out. */
export function movedFrames(before: Arrangement, after: Arrangement): readonly Frame[] {
  const stays = new Set(
    boxesOf(after).flatMap(({ box }) => {
      const was = boxesOf(before).find((one) => one.box.id === box.id);
      if (!was) return [];
      const order = new Map(was.box.frames.map(({ id }, i) => [id, i]));
      const still = box.frames.filter(({ id }) => order.has(id));
      const hung = still.map(({ id }) => order.get(id) as number);
      const ends = still.map((frame) => box.frames.indexOf(frame));
      return longestInOrder(hung, ends).map((i) => (still[i] as Frame).id);
    }),
  );
  const wasOut = new Set(before.out.map(({ id }) => id));
  return allFrames(after).filter(
    ({ id }) => !stays.has(id) && !(wasOut.has(id) && after.out.some((frame) => frame.id === id)),
  );
}

/** Of two ways to leave as many frames hanging, the one that leaves more at the place that they have. */
const AT_ITS_PLACE = 0.001;

/**
 * Indexes of a longest rising run: the frames that can stay where they are while the others are moved around them.
 *
 * @param places where each hung, in the order in which they are to hang
 * @param ends the place that each comes to
 */
function longestInOrder(places: readonly number[], ends: readonly number[]): readonly number[] {
  const weights = places.map((place, i) => 1 + Number(place === ends[i]) * AT_ITS_PLACE);
  const best = [...weights];
  const from = places.map(() => -1);
  for (let i = 0; i < places.length; i++) {
    for (let j = 0; j < i; j++) {
      const joined = (best[j] as number) + (weights[i] as number);
      if ((places[j] as number) < (places[i] as number) && joined > (best[i] as number)) {
        best[i] = joined;
        from[i] = j;
      }
    }
  }
  const run: number[] = [];
  for (let i = best.indexOf(Math.max(0, ...best)); i >= 0; i = from[i] as number) run.unshift(i);
  return run;
}

/** The queen’s frame first; then whichever has room to go to; where all are full, one is stood aside to make room. */
export function inWorkableOrder(
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
