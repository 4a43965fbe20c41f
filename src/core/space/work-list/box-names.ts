import type { Said } from '../../says/said';
import { type Arrangement, boxesOf } from '../arrangement';
import { type Box, broodBoxes, type Hive, supers } from '../hive';
import { type BoxNamed, say } from './says';

/** What a box is called in its hive, counted from below. */
export function boxNamed(hive: Hive, box: Box): BoxNamed {
  return named(box, box.role === 'brood' ? broodBoxes(hive) : supers(hive));
}

function named({ id, role, tape = null }: Box, alike: readonly Box[]): BoxNamed {
  return { role, tape, nth: alike.length === 1 ? null : alike.findIndex((one) => one.id === id) + 1 };
}

/**
 * What each box is called on a list, from its first line to its last: `brood box 2` as it stood before, `new super` where it came,
 * and `old brood box` beside a `new brood box`. A name does not change because the box was lifted to another level.
 */
export function boxNames(
  before: Arrangement,
  after: Arrangement,
  ofUnit: (unit: string) => Said,
): ReadonlyMap<string, Said> {
  const known = new Set(boxesOf(before).map(({ box }) => box.id));
  const added = boxesOf(after).filter(({ box }) => !known.has(box.id));
  const rolesAdded = new Set(added.map(({ box }) => box.role));
  const names = new Map<string, Said>();
  for (const { name, hive } of before.units) {
    const of = before.units.length > 1 ? ofUnit(name) : null;
    for (const box of hive.boxes) {
      names.set(box.id, say('box', { named: boxNamed(hive, box), isOld: rolesAdded.has(box.role), of }));
    }
  }
  for (const { unit, box } of added) {
    const alike = added.filter((one) => one.unit === unit && one.box.role === box.role).map((one) => one.box);
    const of = after.units.length > 1 ? ofUnit(unit) : null;
    names.set(box.id, say('new-box', { named: named(box, alike), of }));
  }
  return names;
}
