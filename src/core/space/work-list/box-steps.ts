import type { Said } from '../../says/said';
import { type Arrangement, boxesOf } from '../arrangement';
import type { Box, Hive } from '../hive';
import { hiveChanges } from '../hive-changes';
import { say } from './says';

/**
 * What is to be done with boxes that were there before and stay in their hive: those set at another level, and an excluder or a board put
 * on one or taken off it, and those left off. What lies on a box stays there when another comes over it. A new box brings its own, which is said with it.
 */
export function boxSteps(before: Arrangement, after: Arrangement, ofBox: (boxId: string) => Said): readonly Said[] {
  return before.units.flatMap(({ hive }) => {
    const was = hive.boxes;
    const nowHive = after.units.find((one) => one.hive.boxes.some(({ id }) => id === was[0]?.id))?.hive;
    const now = nowHive?.boxes ?? [];
    const levelOf = ({ id }: Box) => was.findIndex((box) => box.id === id);
    const stays = inOrder(
      now.filter((box) => levelOf(box) >= 0),
      levelOf,
    );
    const stand = new Set(boxesOf(after).map(({ box }) => box.id));
    const off = was.filter(({ id }) => !stand.has(id)).map(({ id }) => say('leave-off', { box: ofBox(id) }));
    const took = was.flatMap((box) => takenOff(box, was, now));
    const built = now.flatMap((box) => [
      ...(levelOf(box) < 0 || stays.includes(box) ? [] : [set(box, now)]),
      ...putOn(box, was, now),
    ]);
    return [...off, ...took, ...built, ...(nowHive ? onRoof(hive, nowHive) : [])];
  });

  function set(box: Box, now: readonly Box[]): Said {
    const below = now[now.indexOf(box) - 1];
    return say('set-on', { box: ofBox(box.id), below: below ? ofBox(below.id) : null });
  }

  function takenOff({ id }: Box, was: readonly Box[], now: readonly Box[]): readonly Said[] {
    const lay = layOn(id, was);
    const isHere = now.some((box) => box.id === id);
    return isHere && lay !== 'open' && lay !== layOn(id, now) ? [say('take-off', { what: lay, box: ofBox(id) })] : [];
  }

  function putOn({ id }: Box, was: readonly Box[], now: readonly Box[]): readonly Said[] {
    const lies = layOn(id, now);
    const over = aboveOf(id, now);
    // What comes with a new box is said with it.
    const isNew = over !== undefined && !was.some((box) => box.id === over.id);
    return lies === 'open' || isNew || lies === layOn(id, was) ? [] : [say('put-on', { what: lies, box: ofBox(id) })];
  }
}

const aboveOf = (boxId: string, boxes: readonly Box[]): Box | undefined =>
  boxes[boxes.findIndex(({ id }) => id === boxId) + 1];

/** What lies on a box; nothing on one that is not there. */
const layOn = (boxId: string, boxes: readonly Box[]): Box['under'] =>
  boxes.some(({ id }) => id === boxId) ? (aboveOf(boxId, boxes)?.under ?? 'open') : 'open';

/** What is put on top or opened there; not told is as it was. */
const onRoof = (was: Hive, now: Hive): readonly Said[] =>
  hiveChanges(was, now).flatMap(({ what }) => (isOnRoof(what) ? [say(what)] : []));

const ON_ROOF = ['feeder-on', 'feeder-off', 'top-entrance-open', 'top-entrance-shut'] as const;
const isOnRoof = (what: string): what is (typeof ON_ROOF)[number] => (ON_ROOF as readonly string[]).includes(what);

/** The most boxes that can be left standing: the longest run that stands in the order in which it stood. */
function inOrder(boxes: readonly Box[], levelOf: (box: Box) => number): readonly Box[] {
  const best: (readonly Box[])[] = [];
  boxes.forEach((box, i) => {
    const before = best.slice(0, i).filter((run) => levelOf(run.at(-1) as Box) < levelOf(box));
    const longest = before.reduce<readonly Box[]>((most, run) => (run.length > most.length ? run : most), []);
    best.push([...longest, box]);
  });
  return best.reduce<readonly Box[]>((most, run) => (run.length > most.length ? run : most), []);
}
