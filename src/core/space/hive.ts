import { BROOD, CONTENTS, type Content, type Side, TENTHS, tenthsOf } from './content';
import { type FrameSize, sizeOf } from './frame-size';

export const FRAME_KINDS = ['comb', 'dummy', 'feeder'] as const;
/** A comb, drawn or not; a dummy board; or a feeder in a frame's place. */
export type FrameKind = (typeof FRAME_KINDS)[number];

/** A frame keeps its id wherever it goes. */
export interface Frame {
  readonly id: string;
  readonly kind: FrameKind;
  /** Id of its size; a frame in a box of another size leaves a gap or does not go in. */
  readonly size: string;
  /** Left and right side, seen from behind the hive; null for what is no comb. */
  readonly sides: readonly [Side, Side] | null;
}

export const BOX_ROLES = ['brood', 'super'] as const;
export type BoxRole = (typeof BOX_ROLES)[number];

/** Colours of tape by which a keeper tells boxes that look alike. */
export const TAPES = ['red', 'yellow', 'green', 'blue', 'white'] as const;
export type Tape = (typeof TAPES)[number];

/** One box: its frames from the left, pushed together. */
export interface Box {
  readonly id: string;
  readonly role: BoxRole;
  /** Id of the frame size that it takes. */
  readonly size: string;
  /** Frames that it is meant to hold; 9 in a box of 10 where the keeper spaces them so. */
  readonly places: number;
  /** A queen excluder, or a split board, lies under it. */
  readonly under: 'open' | 'excluder' | 'board';
  readonly frames: readonly Frame[];
  /** Seams of it that bees cover; null or absent: not counted by box. */
  readonly coveredSeams?: number | null;
  /** What is stuck on it; null or absent: nothing. */
  readonly tape?: Tape | null;
}

/** A hive's boxes from the floor up. */
export interface Hive {
  readonly boxes: readonly Box[];
  /** A feeder stands on top; absent: not told. */
  readonly feeder?: boolean;
  /** Bees fly from the top as well; absent: not told. */
  readonly topEntrance?: boolean;
}

/** How many cells of a frame hold something. */
export function cellsOn({ sides }: Frame, content: Content, { cells }: FrameSize): number {
  if (!sides) return 0;
  return ((tenthsOf(sides[0], content) + tenthsOf(sides[1], content)) / (2 * TENTHS)) * cells;
}

/** Tenths of both sides of a frame that hold one of these, of twenty. */
export function tenthsOn({ sides }: Frame, contents: readonly Content[]): number {
  if (!sides) return 0;
  return contents.reduce((sum, content) => sum + tenthsOf(sides[0], content) + tenthsOf(sides[1], content), 0);
}

/** Cells by what they hold. */
export type Comb = { readonly [C in Content]: number };

const NO_COMB = Object.fromEntries(CONTENTS.map((content) => [content, 0])) as unknown as Comb;

/** All cells of some boxes by what they hold. */
export function combOf(boxes: readonly Box[], sizes: readonly FrameSize[]): Comb {
  const sum: { -readonly [C in Content]: number } = { ...NO_COMB };
  for (const box of boxes) {
    for (const frame of box.frames) {
      const size = sizeOf(frame.size, sizes);
      for (const content of CONTENTS) sum[content] += cellsOn(frame, content, size);
    }
  }
  return sum;
}

/** Cells that are known to be drawn, whatever they hold. */
export const drawnCells = (comb: Comb): number =>
  Object.entries(comb).reduce(
    (sum, [content, cells]) => (content === 'undrawn' || content === 'unseen' ? sum : sum + cells),
    0,
  );

export const broodBoxes = ({ boxes }: Hive): readonly Box[] => boxes.filter(({ role }) => role === 'brood');
/** Boxes in which a queen on the floor side can lay: brood boxes below any excluder or board. */
export function layingBoxes({ boxes }: Hive): readonly Box[] {
  const cutOff = boxes.findIndex(({ under }, level) => level > 0 && under !== 'open');
  return (cutOff < 0 ? boxes : boxes.slice(0, cutOff)).filter(({ role }) => role === 'brood');
}

export const supers = ({ boxes }: Hive): readonly Box[] => boxes.filter(({ role }) => role === 'super');

/** A frame counts as one of brood when at least this much of its two sides is worker brood. */
const BROOD_FRAME_TENTHS = 2;

export const isBroodFrame = (frame: Frame): boolean => tenthsOn(frame, BROOD) >= BROOD_FRAME_TENTHS;

export const framesOf = ({ boxes }: Hive): readonly Frame[] => boxes.flatMap(({ frames }) => frames);

/** Frames with brood, as a keeper counts them. */
export const broodFrameCount = (hive: Hive): number => framesOf(hive).filter(isBroodFrame).length;
