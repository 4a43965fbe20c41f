import { isMainlySealed, newFrame } from '../frame-traits';
import { broodBoxes, type Hive, supers } from '../hive';
import { say } from '../says';
import { spareFood } from './food';
import { layInto, layNest } from './lay-nest';
import type { Propose } from './proposal';
import { NO_CLEAN_FRAME } from './queen-into-nuc';
import { refill } from './refill';
import { overExcluder } from './stack';
import { best, boxLike, freeBrood, herFrameAfter, mainBox, queensFrame, sealedOn } from './tools';

/** A box of comb on the old site with the queen’s frame, one of sealed brood and food, and the supers; the rest is moved aside. */
export const oldSiteSwarm: Propose = (from) => {
  const { hive, newId, fill } = from;
  const box = boxLike(mainBox(hive), newId(), 'brood');
  const hers = queensFrame(from);
  const sealed = best(freeBrood(from, hers), (frame) => (isMainlySealed(frame) ? 100 : 0) + sealedOn(frame));
  const brood = [hers, sealed].filter((frame) => frame !== null);
  const food = spareFood(from, brood, 1, []);
  const above = supers(hive);
  const body: Hive = { boxes: broodBoxes(hive) };
  const arrangement = layInto(
    {
      units: [
        { name: 'old-site', hive: { boxes: [box, ...overExcluder(above)] } },
        { name: 'parent', hive: body },
      ],
      out: [],
    },
    box.id,
    layNest({ brood, food }, box.places, 'one-side', () => newFrame(newId(), box.size, fill)),
  );
  return {
    arrangement: refill(arrangement, body, from),
    shaken: [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: 'old-site',
    cellUnit: 'parent',
    notes: [...(hers ? [] : [NO_CLEAN_FRAME]), ...(food.length > 0 ? [] : [say('no-stores-for-the-swarm')])],
  };
};
