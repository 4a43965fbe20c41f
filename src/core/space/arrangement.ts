import type { Box, Frame, Hive } from './hive';

/** One hive of those that frames are moved between: the hive itself, or a unit that a method makes. */
export interface Unit {
  readonly name: string;
  readonly hive: Hive;
}

/** Where every frame is. Frames that were taken out are kept as well: no comb is ever lost sight of. */
export interface Arrangement {
  readonly units: readonly Unit[];
  readonly out: readonly Frame[];
}

/** Where a frame is. */
export interface FramePlace {
  readonly unit: string;
  readonly boxId: string;
  /** From the left, from 0. */
  readonly at: number;
}

/** Everything that a box could be asked of by its id. */
export interface BoxPlace {
  readonly unit: string;
  readonly box: Box;
  /** From the floor, from 0. */
  readonly level: number;
}

export const boxesOf = ({ units }: Arrangement): readonly BoxPlace[] =>
  units.flatMap(({ name, hive }) => hive.boxes.map((box, level) => ({ unit: name, box, level })));

export const allFrames = (arrangement: Arrangement): readonly Frame[] => [
  ...boxesOf(arrangement).flatMap(({ box }) => box.frames),
  ...arrangement.out,
];

/** Where a frame is; null: taken out, or not there at all. */
export function placeOf(arrangement: Arrangement, frameId: string): FramePlace | null {
  for (const { unit, box } of boxesOf(arrangement)) {
    const at = box.frames.findIndex(({ id }) => id === frameId);
    if (at >= 0) return { unit, boxId: box.id, at };
  }
  return null;
}

export function frameNamed(arrangement: Arrangement, frameId: string): Frame {
  const found = allFrames(arrangement).find(({ id }) => id === frameId);
  if (!found) throw new Error(`No frame ${frameId} in this arrangement`);
  return found;
}

/** The arrangement with one box's frames changed. */
function withFrames(arrangement: Arrangement, boxId: string, change: (frames: readonly Frame[]) => readonly Frame[]) {
  return {
    ...arrangement,
    units: arrangement.units.map((unit) => ({
      ...unit,
      hive: {
        ...unit.hive,
        boxes: unit.hive.boxes.map((box) => (box.id === boxId ? { ...box, frames: change(box.frames) } : box)),
      },
    })),
  };
}

/**
 * Takes a frame from wherever it is and puts it at a place among the frames of a box, which close up behind it and make way for
 * it; `null` takes it out. Throws when there is no such frame or box.
 */
export function moveFrame(arrangement: Arrangement, frameId: string, to: Omit<FramePlace, 'unit'> | null): Arrangement {
  const frame = frameNamed(arrangement, frameId);
  const from = placeOf(arrangement, frameId);
  const lifted = from
    ? withFrames(arrangement, from.boxId, (frames) => frames.filter(({ id }) => id !== frameId))
    : { ...arrangement, out: arrangement.out.filter(({ id }) => id !== frameId) };
  if (!to) return { ...lifted, out: [...lifted.out, frame] };
  if (!boxesOf(lifted).some(({ box }) => box.id === to.boxId)) throw new Error(`No box ${to.boxId}`);
  return withFrames(lifted, to.boxId, (frames) => [...frames.slice(0, to.at), frame, ...frames.slice(to.at)]);
}

/** Brings a frame that was not there before into a box. */
export function addFrame(arrangement: Arrangement, frame: Frame, to: Omit<FramePlace, 'unit'>): Arrangement {
  return moveFrame({ ...arrangement, out: [...arrangement.out, frame] }, frame.id, to);
}

/** Puts a box into a unit's hive, at a level from the floor. */
export function addBox(arrangement: Arrangement, unit: string, box: Box, level: number): Arrangement {
  return {
    ...arrangement,
    units: arrangement.units.map((one) =>
      one.name === unit
        ? {
            ...one,
            hive: { ...one.hive, boxes: [...one.hive.boxes.slice(0, level), box, ...one.hive.boxes.slice(level)] },
          }
        : one,
    ),
  };
}

/** The hive of a unit. Throws when there is none of that name. */
export function hiveOf({ units }: Arrangement, name: string): Hive {
  const found = units.find((unit) => unit.name === name);
  if (!found) throw new Error(`No unit ${name}`);
  return found.hive;
}
