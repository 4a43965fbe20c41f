import { hasYoungBrood, newFrame } from '../frame-traits';
import { type Box, broodBoxes } from '../hive';
import { say } from '../says';
import { WHOLE } from '../whole';
import { isOnlySealedUp } from './comb-at-hand';
import { spareFood } from './food';
import { layInto, layNest } from './lay-nest';
import type { Propose } from './proposal';
import { refill } from './refill';
import { overExcluder, supersOrNew } from './stack';
import { boxLike, freeBrood, herFrameAfter, mainBox, queensFrame } from './tools';

/** Queen, little brood, food and comb below; excluder; supers; the brood on top. */
export const demaree: Propose = (from) => {
  const { hive, newId, fill } = from;
  const box = boxLike(mainBox(hive), newId(), 'brood');
  const hers = queensFrame(from);
  const young = isOnlySealedUp(from) ? freeBrood(from, hers).filter(hasYoungBrood) : [];
  const brood = [...new Set([hers, ...young])].filter((frame) => frame !== null).slice(0, box.places);
  const food = spareFood(from, brood)
    .filter((frame) => frame.size === box.size)
    .slice(0, box.places - brood.length);
  const isWarm = brood.length > 1;
  const below = layNest({ brood, food }, box.places, isWarm ? 'both-sides' : 'one-side', () =>
    newFrame(newId(), box.size, fill),
  );
  const arrangement = layInto(
    {
      units: [
        {
          name: WHOLE,
          hive: { boxes: [box, ...overExcluder(supersOrNew(hive, from)), ...onTop(broodBoxes(hive))] },
        },
      ],
      out: [],
    },
    box.id,
    below,
  );
  const left = young.filter((frame) => !brood.includes(frame)).length;
  return {
    arrangement: refill(arrangement, { boxes: broodBoxes(hive) }, from),
    shaken: [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: null,
    cellUnit: null,
    notes: [
      ...(hers ? [] : [say('no-brood-for-the-queen')]),
      ...(food.length > 0 ? [] : [say('no-stores-for-her-box')]),
      ...(left > 0 ? [say('open-brood-goes-up', { frames: left })] : []),
    ],
  };
};

/** Brood on top of the supers, over an excluder. */
const onTop = (brood: readonly Box[]): readonly Box[] =>
  brood.map((box, i) => (i === 0 ? { ...box, under: 'excluder' as const } : box));
