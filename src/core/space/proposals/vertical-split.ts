import { hasEggs, newFrame } from '../frame-traits';
import { say } from '../says';
import { spareFood } from './food';
import { layInto, layNest } from './lay-nest';
import type { Propose } from './proposal';
import { refill } from './refill';
import { bodyFrames, boxLike, freeBrood, herFrameAfter, mainBox, parted, queensFrame } from './tools';

/** The queen below with some brood and the supers; the rest of the brood, with eggs and food, on top over a board. */
export const verticalSplit: Propose = (from) => {
  const { hive, context, newId, fill } = from;
  const box = boxLike(mainBox(hive), newId(), 'brood', 'board');
  const hers = queensFrame(from);
  const kept = bodyFrames(hive).filter(({ id }) => context.keptCellFrames.has(id));
  const free = freeBrood(from, hers);
  // Those with eggs first, one by one to either part, so that both get of each age.
  const dealt = [...free].sort((a, b) => Number(hasEggs(b)) - Number(hasEggs(a))).filter((_, i) => i % 2 === 0);
  const food = spareFood(from, [...kept, ...dealt]);
  const brood = [...kept, ...dealt].slice(0, box.places - food.length);
  const laid = layNest({ brood: inOrder(brood, bodyFrames(hive)), food }, box.places, 'both-sides', () =>
    newFrame(newId(), box.size, fill),
  );
  const arrangement = layInto(parted(hive, 'bottom', 'top', box), box.id, laid);
  return {
    arrangement: refill(arrangement, hive, from),
    shaken: [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: 'bottom',
    cellUnit: 'top',
    notes: [
      ...(brood.some(hasEggs) ? [] : [say('no-eggs-go-up')]),
      ...(food.length > 0 ? [] : [say('no-stores-for-the-top')]),
    ],
  };
};

/** As they hang in the hive: the fewer that change sides, the better. */
const inOrder = <T>(some: readonly T[], all: readonly T[]): readonly T[] =>
  [...some].sort((a, b) => all.indexOf(a) - all.indexOf(b));
