import { figure } from '../../biology/figure';
import { addBox } from '../arrangement';
import { hasYoungBrood, newFrame } from '../frame-traits';
import { broodFrameCount, isBroodFrame, supers } from '../hive';
import { say } from '../says';
import { WHOLE } from '../whole';
import { isOnlySealedUp } from './comb-at-hand';
import { fillBesideBrood, layInto, layNest } from './lay-nest';
import { asIs, inOneHive, type Propose } from './proposal';
import { aboveNest, newSuper, overExcluder } from './stack';
import { boxLike, herFrameAfter, isFree, mainBox, queensFrame, sealedOn, youngOn } from './tools';

/** With hers. */
const STAYS = figure('brood-below-a-part-demaree', 2, 'frames-of-brood', 'practice').value;
const UP = figure('brood-above-a-part-demaree', 4, 'frames-of-brood', 'practice').value;
const LEAST = STAYS + UP;

/** Two brood frames stay in the centre, hers one of them, four of sealed brood go up, empty comb between brood and food. */
export const partDemaree: Propose = (from) => {
  const { hive, context, newId, fill } = from;
  const main = mainBox(hive);
  if (broodFrameCount(hive) < LEAST)
    return inOneHive(from, asIs(hive), say('takes-brood-frames', { least: LEAST, there: broodFrameCount(hive) }));
  const onlySealed = isOnlySealedUp(from);
  const hers = queensFrame(from);
  const brood = main.frames.filter((frame) => isBroodFrame(frame) && frame !== hers);
  const staying = [...brood].sort((a, b) => youngOn(b) - youngOn(a)).slice(0, STAYS - Number(hers !== null));
  const up = brood
    .filter((frame) => !staying.includes(frame) && isFree(frame, context) && (!onlySealed || !hasYoungBrood(frame)))
    .sort((a, b) => sealedOn(b) - sealedOn(a))
    .slice(0, UP);
  if (up.length === 0) return inOneHive(from, asIs(hive), say('nothing-can-go-up', { onlySealed }));
  const top = boxLike(main, newId(), 'brood', 'excluder');
  // What stands above her box already stays in its order, the lowest of it over an excluder.
  const level = aboveNest(hive);
  const above = hive.boxes.slice(level);
  const isContained = above[0]?.under !== undefined && above[0].under !== 'open';
  const stack = {
    boxes: [
      ...hive.boxes.slice(0, level),
      ...(supers(hive).length === 0 ? overExcluder([newSuper(from)]) : []),
      ...(isContained ? above : overExcluder(above)),
    ],
  };
  const laid = layNest({ brood: up, food: [] }, top.places, 'both-sides', () => newFrame(newId(), top.size, fill));
  const lifted = layInto(addBox(asIs(stack), WHOLE, top, stack.boxes.length), top.id, laid);
  const short = UP - up.length;
  return {
    arrangement: fillBesideBrood(lifted, main.id, from),
    shaken: [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: null,
    cellUnit: null,
    notes: [
      ...(short > 0 ? [say('fewer-can-go-up', { count: up.length, onlySealed, short })] : []),
      ...(onlySealed ? [say('cold-only-sealed-up')] : []),
    ],
  };
};
