import { hasEggs, isStoresFrame } from '../frame-traits';
import { type Box, type Frame, type Hive, isBroodFrame } from '../hive';
import type { Bound } from './even-split';

/** Halves count as even when they differ by no more frames of brood than this. */
const EVEN_WITHIN = 1;

interface Halves {
  readonly goes: readonly Box[];
  readonly stays: readonly Box[];
}

/**
 * The brood boxes of a hive parted into two hives as they stand, as evenly as whole boxes come out; then frames are exchanged one
 * for one until hers and the kept cells are where they belong, the brood is even within a frame, and both have eggs and food. What
 * stays is the half that keeps its floor. Null where boxes of different sizes stand in the way.
 */
export function halvesByBox({ boxes }: Hive, bound: Bound): { goes: Hive; stays: Hive } | null {
  if (new Set(boxes.map(({ size }) => size)).size > 1) return null;
  const all = waysToPart(boxes);
  const trouble = (halves: Halves) => wrongIn(halves, bound) * 10 + Math.abs(unevenness(halves));
  const begun = all.reduce((least, one) => (trouble(one) < trouble(least) ? one : least));
  const even = exchanged(begun, bound);
  // Whatever lay under the lowest box that goes, it stands on a floor of its own now.
  const onFloor = even.goes.map((box, i) => (i === 0 ? { ...box, under: 'open' as const } : box));
  const stays = even.stays.map((box, i) => (i === 0 ? { ...box, under: 'open' as const } : box));
  return { goes: { boxes: onFloor }, stays: { boxes: stays } };
}

/** Every way to part boxes in two that leaves neither without. */
function waysToPart(boxes: readonly Box[]): readonly Halves[] {
  return Array.from({ length: 2 ** boxes.length - 2 }, (_, way) => {
    const isGoing = (_: Box, i: number) => ((way + 1) & (1 << i)) !== 0;
    return { goes: boxes.filter(isGoing), stays: boxes.filter((box, i) => !isGoing(box, i)) };
  });
}

const framesIn = (boxes: readonly Box[]): readonly Frame[] => boxes.flatMap(({ frames }) => frames);
const count = (boxes: readonly Box[], is: (frame: Frame) => boolean) => framesIn(boxes).filter(is).length;
/** Frames of brood that those that go have more than those that stay. */
const unevenness = ({ goes, stays }: Halves) => count(goes, isBroodFrame) - count(stays, isBroodFrame);

/** How many things hang on the wrong side, or are missing on one. */
function wrongIn({ goes, stays }: Halves, { hers, kept }: Bound): number {
  const isKept = ({ id }: Frame) => kept.has(id);
  const lacks = (is: (frame: Frame) => boolean) => Number(count(goes, is) === 0) + Number(count(stays, is) === 0);
  return (
    Number(hers !== null && framesIn(goes).includes(hers)) +
    count(stays, isKept) +
    lacks(hasEggs) +
    lacks(isStoresFrame)
  );
}

/** Exchanges a frame of one half for one of the other as long as that sets something right or makes the brood more even. */
function exchanged(begun: Halves, bound: Bound): Halves {
  const trouble = (halves: Halves) => {
    const uneven = Math.abs(unevenness(halves));
    return wrongIn(halves, bound) * 10 + (uneven <= EVEN_WITHIN ? 0 : uneven);
  };
  let halves = begun;
  // What is wrong becomes less with each exchange, so that it comes to an end.
  for (;;) {
    let next = halves;
    for (const going of framesIn(halves.goes)) {
      for (const staying of framesIn(halves.stays)) {
        const tried = swapped(halves, going, staying);
        if (trouble(tried) < trouble(next)) next = tried;
      }
    }
    if (next === halves) return halves;
    halves = next;
  }
}

function swapped({ goes, stays }: Halves, going: Frame, staying: Frame): Halves {
  const put = (boxes: readonly Box[], old: Frame, other: Frame) =>
    boxes.map((box) => ({ ...box, frames: box.frames.map((frame) => (frame === old ? other : frame)) }));
  return { goes: put(goes, going, staying), stays: put(stays, staying, going) };
}
