import { type Glance, sidesByGlance } from './count-survey';
import { mainContent } from './frame-traits';
import type { Frame, Hive } from './hive';
import type { RoomFigures } from './nectar';
import { type HiveOnDay, type LaidBefore, type Pressure, pressureOf } from './room';
import { triggersOf } from './triggers';

/** Frames of one box that were counted as the same, and that what to do hangs on. */
export interface EdgeFrames {
  readonly boxId: string;
  readonly holds: NonNullable<ReturnType<typeof mainContent>>;
}

/** What a frame that was counted at a glance as one thing may mainly hold instead. */
const MISTAKEN: { readonly [C in EdgeFrames['holds']]: readonly Glance[] } = {
  brood: ['honey', 'pollen', 'empty'],
  eggs: [],
  larvae: [],
  sealed: [],
  drone: ['brood'],
  pollen: ['brood', 'nectar', 'empty'],
  nectar: ['empty', 'honey'],
  honey: ['brood', 'nectar'],
  empty: ['nectar', 'brood', 'undrawn'],
  droneComb: ['empty'],
  undrawn: ['empty'],
  unseen: [],
};

/**
 * The frames of a counted hive of which a single one, if it was taken for something else, would turn what is to be done: whether she is
 * hemmed in and by what, short of room now, or in want of another super. They are worth a second look. Empty where
 * no one frame turns it, and where the frames were painted side by side.
 */
export function nearEdge(found: HiveOnDay, figures: RoomFigures, before?: LaidBefore): readonly EdgeFrames[] {
  if (found.manner === 'frames') return [];
  const { hive } = found;
  const adviceWith = (one: Hive) => adviceOf(pressureOf({ ...found, hive: one }, figures, before), one, figures);
  const told = adviceWith(hive);
  const tried = new Map<string, EdgeFrames>();
  for (const { id: boxId, frames } of hive.boxes) {
    for (const frame of frames) {
      const holds = mainContent(frame);
      if (holds === null || tried.has(`${boxId} ${holds}`)) continue;
      const turns = MISTAKEN[holds].some((glance) => adviceWith(withFrame(hive, frame, glance)) !== told);
      if (turns) tried.set(`${boxId} ${holds}`, { boxId, holds });
    }
  }
  return [...tried.values()];
}

const adviceOf = ({ bound, isShortNow }: Pressure, hive: Hive, { sizes }: RoomFigures): string =>
  JSON.stringify([bound?.by, isShortNow, triggersOf(hive, null, sizes).addSuper]);

const withFrame = (hive: Hive, { id }: Frame, glance: Glance): Hive => ({
  boxes: hive.boxes.map((box) => ({
    ...box,
    frames: box.frames.map((frame) => (frame.id === id ? { ...frame, sides: sidesByGlance(glance) } : frame)),
  })),
});
