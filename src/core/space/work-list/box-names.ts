import { type Arrangement, boxesOf } from '../arrangement';
import { type Box, type BoxRole, broodBoxes, type Hive, supers } from '../hive';

/** `brood box`, `brood box 2`, `super 1`: what a box is called in its hive, counted from below. */
export function boxName(hive: Hive, box: Box): string {
  const alike = box.role === 'brood' ? broodBoxes(hive) : supers(hive);
  return named(box, alike);
}

const ROLE_WORDS: { readonly [R in BoxRole]: string } = { brood: 'brood box', super: 'super' };

function named(box: Box, alike: readonly Box[]): string {
  const word = ROLE_WORDS[box.role];
  const tape = box.tape ? ` (${box.tape} tape)` : '';
  return `${word}${alike.length === 1 ? '' : ` ${alike.findIndex(({ id }) => id === box.id) + 1}`}${tape}`;
}

/**
 * What each box is called on a list, from its first line to its last: `brood box 2` as it stood before, `new super` where it came,
 * and `old brood box` beside a `new brood box`. A name does not change because the box was lifted to another level.
 */
export function boxNames(
  before: Arrangement,
  after: Arrangement,
  unitName: (unit: string) => string,
): ReadonlyMap<string, string> {
  const known = new Set(boxesOf(before).map(({ box }) => box.id));
  const added = boxesOf(after).filter(({ box }) => !known.has(box.id));
  const rolesAdded = new Set(added.map(({ box }) => box.role));
  const names = new Map<string, string>();
  for (const { name, hive } of before.units) {
    const where = before.units.length > 1 ? ` of ${unitName(name)}` : '';
    for (const box of hive.boxes) {
      names.set(box.id, `${rolesAdded.has(box.role) ? 'old ' : ''}${boxName(hive, box)}${where}`);
    }
  }
  for (const { unit, box } of added) {
    const alike = added.filter((one) => one.unit === unit && one.box.role === box.role).map((one) => one.box);
    const words = `new ${named(box, alike)}`;
    names.set(box.id, after.units.length > 1 ? `${unitName(unit)}, ${words}` : words);
  }
  return names;
}
