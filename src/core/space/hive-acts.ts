import { type FrameSize, sizeOf } from './frame-size';
import { newFrame } from './frame-traits';
import { type Box, broodBoxes, type Frame, type Hive, supers } from './hive';

export const HIVE_ACTS = [
  'super-of-comb-on',
  'super-of-comb-under',
  'super-of-foundation-on',
  'super-of-foundation-under',
  'super-off',
  'excluder-on',
  'excluder-off',
  'full-frame-back',
  'feeder-on',
  'feeder-off',
  'top-entrance-open',
  'top-entrance-shut',
] as const;
/** One thing that is done at a hive without looking at its frames. */
export type HiveAct = (typeof HIVE_ACTS)[number];

/** What an act makes new things of. */
export interface ActWith {
  /** The keeper’s usual super. */
  readonly superSize: string;
  readonly sizes: readonly FrameSize[];
  readonly newId: () => string;
}

type Change = (hive: Hive, tools: ActWith) => Hive | null;

const CHANGE: { readonly [A in HiveAct]: Change } = {
  'super-of-comb-on': (hive, tools) => withSuper(hive, tools, 'empty', 'on'),
  'super-of-comb-under': (hive, tools) => withSuper(hive, tools, 'empty', 'under'),
  'super-of-foundation-on': (hive, tools) => withSuper(hive, tools, 'undrawn', 'on'),
  'super-of-foundation-under': (hive, tools) => withSuper(hive, tools, 'undrawn', 'under'),
  'super-off': (hive) => {
    const top = hive.boxes.at(-1);
    return top?.role === 'super' ? { ...hive, boxes: hive.boxes.slice(0, -1) } : null;
  },
  'excluder-on': (hive) => {
    const first = supers(hive)[0];
    const isThere = hive.boxes.some(({ under }, level) => level > 0 && under === 'excluder');
    if (!first || isThere || first === hive.boxes[0]) return null;
    return { ...hive, boxes: hive.boxes.map((box) => (box === first ? { ...box, under: 'excluder' } : box)) };
  },
  'excluder-off': (hive) => {
    const isThere = hive.boxes.some(({ under }) => under === 'excluder');
    if (!isThere) return null;
    return { ...hive, boxes: hive.boxes.map((box) => (box.under === 'excluder' ? { ...box, under: 'open' } : box)) };
  },
  'full-frame-back': (hive, { newId }) => {
    const roomy = broodBoxes(hive).find(({ frames, places }) => frames.length < places);
    if (!roomy) return null;
    const frame: Frame = newFrame(newId(), roomy.size, 'honey');
    const boxes = hive.boxes.map((box) => (box === roomy ? { ...box, frames: [...box.frames, frame] } : box));
    return { ...hive, boxes };
  },
  'feeder-on': (hive) => (hive.feeder ? null : { ...hive, feeder: true }),
  'feeder-off': (hive) => (hive.feeder ? { ...hive, feeder: false } : null),
  'top-entrance-open': (hive) => (hive.topEntrance ? null : { ...hive, topEntrance: true }),
  'top-entrance-shut': (hive) => (hive.topEntrance ? { ...hive, topEntrance: false } : null),
};

/**
 * A hive after something was done at it. A super comes on top, or under the supers that are there and over what lies on the brood; the first
 * one comes over an excluder. Null where it cannot be done: no super to take off, no place for a frame, an excluder that is there already.
 */
export const afterAct = (hive: Hive, act: HiveAct, tools: ActWith): Hive | null => CHANGE[act](hive, tools);

function withSuper(
  hive: Hive,
  { superSize, sizes, newId }: ActWith,
  holds: 'empty' | 'undrawn',
  where: 'on' | 'under',
): Hive | null {
  const first = hive.boxes.findIndex(({ role }) => role === 'super');
  if (where === 'under' && first < 0) return null;
  const like = hive.boxes[first];
  const { id: size, places } = sizeOf(like?.size ?? superSize, sizes);
  const frames = Array.from({ length: like?.places ?? places }, () => newFrame(newId(), size, holds));
  const fresh: Box = {
    id: newId(),
    role: 'super',
    size,
    places: frames.length,
    under: first < 0 ? 'excluder' : 'open',
    frames,
  };
  if (where === 'on') return { ...hive, boxes: [...hive.boxes, fresh] };
  // What lay under the lowest super stays on the brood.
  const [below, above] = [hive.boxes.slice(0, first), hive.boxes.slice(first)];
  const under = above[0]?.under ?? 'open';
  const lifted = above.map((box, i): Box => (i === 0 ? { ...box, under: 'open' } : box));
  return { ...hive, boxes: [...below, { ...fresh, under }, ...lifted] };
}
