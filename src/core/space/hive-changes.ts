import { type Frame, framesOf, type Hive, isBroodFrame } from './hive';

/** What is another about a hive from one time to a later one, without what bees did. */
export type HiveChange =
  | { readonly what: 'super-on' | 'super-off' | 'brood-box-on' | 'brood-box-off'; readonly count: number }
  | { readonly what: 'brood-came' | 'brood-left' | 'frames-came' | 'frames-left'; readonly count: number }
  | {
      readonly what:
        | 'excluder-on'
        | 'excluder-off'
        | 'boxes-reordered'
        | 'frames-moved'
        | 'feeder-on'
        | 'feeder-off'
        | 'top-entrance-open'
        | 'top-entrance-shut';
    };

/** What was done to a hive between two times, by its boxes and frames; empty where it is made up as it was. */
export function hiveChanges(before: Hive, after: Hive): readonly HiveChange[] {
  const [wasBoxes, isBoxes] = [before.boxes, after.boxes];
  const boxes = (role: 'brood' | 'super', from: typeof wasBoxes, to: typeof wasBoxes) =>
    gone(
      from.filter((box) => box.role === role),
      to,
    ).length;
  // A box that comes or goes takes its frames with it: they are not told again, unless they hang in another box by then.
  const framesGone = (from: Hive, to: Hive) =>
    gone(combsOf(from.boxes.filter(({ id }) => to.boxes.some((box) => box.id === id))), combsOf(to.boxes));
  const [left, came] = [framesGone(before, after), framesGone(after, before)];
  const brood = (frames: readonly Frame[]) => frames.filter(isBroodFrame).length;
  const counted: readonly HiveChange[] = [
    { what: 'brood-box-on', count: boxes('brood', isBoxes, wasBoxes) },
    { what: 'brood-box-off', count: boxes('brood', wasBoxes, isBoxes) },
    { what: 'super-on', count: boxes('super', isBoxes, wasBoxes) },
    { what: 'super-off', count: boxes('super', wasBoxes, isBoxes) },
    { what: 'brood-came', count: brood(came) },
    { what: 'brood-left', count: brood(left) },
    { what: 'frames-came', count: came.length - brood(came) },
    { what: 'frames-left', count: left.length - brood(left) },
  ];
  const has = ({ boxes: all }: Hive) => all.some(({ under }, level) => level > 0 && under === 'excluder');
  const order = (all: typeof wasBoxes, of: typeof wasBoxes) =>
    all.filter(({ id }) => of.some((box) => box.id === id)).map(({ id }) => id);
  const isReordered = order(wasBoxes, isBoxes).join() !== order(isBoxes, wasBoxes).join();
  const changes: readonly HiveChange[] = [
    ...counted.filter((change) => 'count' in change && change.count > 0),
    ...(has(before) === has(after)
      ? []
      : [{ what: has(after) ? ('excluder-on' as const) : ('excluder-off' as const) }]),
    ...(isReordered ? [{ what: 'boxes-reordered' as const }] : []),
    ...told(before.feeder, after.feeder, 'feeder-on', 'feeder-off'),
    ...told(before.topEntrance, after.topEntrance, 'top-entrance-open', 'top-entrance-shut'),
  ];
  const hangs = (hive: Hive) => hive.boxes.map(({ id, frames }) => [id, frames.map((frame) => frame.id)]);
  const isMoved = JSON.stringify(hangs(before)) !== JSON.stringify(hangs(after));
  return changes.length === 0 && isMoved ? [{ what: 'frames-moved' }] : changes;
}

/** Those of one list that are not in another. */
function gone<Named extends { readonly id: string }>(from: readonly Named[], to: readonly Named[]): readonly Named[] {
  const there = new Set(to.map(({ id }) => id));
  return from.filter(({ id }) => !there.has(id));
}

/** Not told is neither on nor off: nothing was done that anybody said. */
function told<On extends HiveChange['what'], Off extends HiveChange['what']>(
  was: boolean | undefined,
  is: boolean | undefined,
  on: On,
  off: Off,
): readonly { readonly what: On | Off }[] {
  if (is === undefined || is === (was ?? false)) return [];
  return [{ what: is ? on : off }];
}

const combsOf = (boxes: Hive['boxes']): readonly Frame[] => framesOf({ boxes }).filter(({ kind }) => kind === 'comb');
