import { addBox } from '../arrangement';
import { supers } from '../hive';
import { WHOLE } from '../whole';
import { fillAtWalls } from './lay-nest';
import { asIs, inOneHive, type Propose } from './proposal';
import { aboveNest, newSuper } from './stack';
import { boxLike } from './tools';

/** A second brood box of comb on the brood in which the queen lays, under whatever keeps her down. */
export const addBroodBox: Propose = (from) => {
  const level = aboveNest(from.hive);
  const like = from.hive.boxes[level - 1];
  if (!like) throw new Error('A hive has at least one brood box');
  const box = boxLike(like, from.newId(), 'brood');
  const added = addBox(asIs(from.hive), WHOLE, box, level);
  return inOneHive(from, fillAtWalls(added, box.id, from));
};

/**
 * A super on the brood in which the queen lays, over an excluder, under the supers that are there already. An excluder or a board
 * that keeps her from brood above stays where it is; only one that lay under a super comes down under the new one.
 */
export const addSuper: Propose = (from) => {
  const { hive } = from;
  const level = aboveNest(hive);
  const above = hive.boxes[level];
  const isWithout = supers(hive).length > 0 && above?.role === 'super' && above.under === 'open';
  const first = supers(hive)[0];
  const made = first ? boxLike(first, from.newId(), 'super') : newSuper(from);
  const box = { ...made, under: isWithout ? ('open' as const) : ('excluder' as const) };
  const boxes = hive.boxes.map((one) =>
    one === above && one.role === 'super' && one.under === 'excluder' ? { ...one, under: 'open' as const } : one,
  );
  const added = addBox(asIs({ boxes }), WHOLE, box, level);
  return inOneHive(from, fillAtWalls(added, box.id, from));
};
