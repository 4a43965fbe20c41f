import type { Arrangement } from '../../core/space/arrangement';
import type { Finding } from '../../core/space/arrangement-rules';
import { boxName, boxTitle } from '../../words/boxes';
import { capital } from '../../words/capital';

export type FramePlace = Pick<Finding, 'frameId' | 'boxId'>;
type UnitName = (unit: string) => string;

/** `Frame 3 of the lower brood box of the nuc`, or the box alone; null: there is no such box on the board. */
export function framePlaceWords({ units }: Arrangement, unitName: UnitName, { frameId, boxId }: FramePlace) {
  const unit = units.find(({ hive }) => hive.boxes.some(({ id }) => id === boxId));
  const box = unit?.hive.boxes.find(({ id }) => id === boxId);
  if (!unit || !box) return null;
  const name = `${boxName(unit.hive, box)}${units.length > 1 ? ` of ${unitName(unit.name)}` : ''}`;
  const at = box.frames.findIndex(({ id }) => id === frameId);
  return at >= 0 ? `Frame ${at + 1} of ${name}` : capital(name);
}

/** The boxes that a frame can be moved to, with how many other frames each holds. */
export function boxChoices({ units }: Arrangement, unitName: UnitName, frameId: string) {
  return units.flatMap(({ name, hive }) =>
    hive.boxes.map((box) => ({
      id: box.id,
      name: `${boxTitle(hive, box)}${units.length > 1 ? `, ${unitName(name)}` : ''}`,
      frames: box.frames.filter(({ id }) => id !== frameId).length,
    })),
  );
}
