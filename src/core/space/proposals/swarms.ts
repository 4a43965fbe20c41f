import { type Arrangement, addBox } from '../arrangement';
import {
  hasAllStages,
  hasEggs,
  hasYoungBrood,
  isHoneyFrame,
  isMainlySealed,
  isPollenFrame,
  isStoresFrame,
} from '../frame-traits';
import { type Box, broodBoxes, broodFrameCount, type Frame, framesOf, type Hive, isBroodFrame, supers } from '../hive';
import { asIs, type Proposal, type ProposalFrom, type Propose, WHOLE } from './proposal';
import {
  best,
  bodyFrames,
  boxLike,
  broodOn,
  fillAll,
  fillUp,
  hasNoCells,
  isFree,
  mainBox,
  moveAll,
  NUC_PLACES,
  parted,
  SHAKEN_INTO_NUC,
  sealedOn,
  storesFrame,
  youngOn,
} from './tools';

/** Frames of brood that go with the queen of a split. */
const QUEEN_SPLIT_BROOD = 3;
/** With hers. */
const PART_DEMAREE_STAYS = 2;
const PART_DEMAREE_UP = 4;
const PART_DEMAREE_LEAST = 6;

/** The frame that goes with the queen: hers, or where she was not found the best one free of cells. */
function queensFrame({ hive, context }: ProposalFrom): Frame | null {
  const hers = framesOf(hive).find(({ id }) => id === context.queenFrameId);
  if (hers) return hers;
  const clean = bodyFrames(hive).filter((frame) => isBroodFrame(frame) && hasNoCells(frame, context));
  return best(clean, (frame) => (hasAllStages(frame) ? 100 : 0) + broodOn(frame));
}

/** The queen into a nuc with `brood` frames of brood and one of stores; the parent is left as it stands. */
function queenIntoNuc(from: ProposalFrom, brood: number, isShaken: boolean): Proposal {
  const { hive, context, newId } = from;
  const main = mainBox(hive);
  const nuc: Box = { ...boxLike(main, newId(), 'brood'), places: NUC_PLACES };
  const hers = queensFrame(from);
  const more = bodyFrames(hive)
    .filter((frame) => frame !== hers && isBroodFrame(frame) && hasNoCells(frame, context))
    .sort((a, b) => sealedOn(b) - sealedOn(a))
    .slice(0, brood - 1);
  const stores = storesFrame(hive, from, new Set());
  let arrangement = moveAll(parted(hive, 'parent', 'nuc', nuc), [hers, ...more, stores], nuc.id);
  arrangement = fillAll(fillUp(arrangement, nuc.id, from), hive, from);
  const shaken = isShaken
    ? bodyFrames(hive)
        .filter((frame) => frame !== hers && isBroodFrame(frame) && hasNoCells(frame, context) && !more.includes(frame))
        .sort((a, b) => youngOn(b) - youngOn(a))
        .slice(0, SHAKEN_INTO_NUC)
    : [];
  return {
    arrangement,
    shaken: shaken.map(({ id }) => id),
    queenUnit: 'nuc',
    cellUnit: 'parent',
    notes: [
      ...(hers ? [] : ['No frame of brood is free of cells: clear one of cells for the queen first.']),
      ...(more.length < brood - 1 ? ['Too few frames of brood free of cells for the queen’s part.'] : []),
      ...(stores ? [] : ['No frame of stores to give: feed the nuc.']),
    ],
  };
}

/** One frame of brood in all stages with the queen, one of stores, bees of two more frames shaken in. */
export const nucSwarm: Propose = (from) => queenIntoNuc(from, 1, true);

/** The queen goes with three frames of brood and one of stores. */
export const queenSplit: Propose = (from) => queenIntoNuc(from, QUEEN_SPLIT_BROOD, false);

/** A box of comb on the old site with the queen’s frame and one of sealed brood, and the supers; the rest is moved aside. */
export const oldSiteSwarm: Propose = (from) => {
  const { hive, context, newId } = from;
  const box = boxLike(mainBox(hive), newId(), 'brood');
  const hers = queensFrame(from);
  const sealed = best(
    bodyFrames(hive).filter((frame) => frame !== hers && isBroodFrame(frame) && hasNoCells(frame, context)),
    (frame) => (isMainlySealed(frame) ? 100 : 0) + sealedOn(frame),
  );
  const above = supers(hive);
  const body: Hive = { boxes: broodBoxes(hive) };
  const start: Arrangement = {
    units: [
      { name: 'old-site', hive: { boxes: [box, ...overExcluder(above)] } },
      { name: 'parent', hive: body },
    ],
    out: [],
  };
  const moved = moveAll(start, [hers, sealed], box.id);
  return {
    arrangement: fillAll(fillUp(moved, box.id, from), body, from),
    shaken: [],
    queenUnit: 'old-site',
    cellUnit: 'parent',
    notes: hers ? [] : ['No frame of brood is free of cells: clear one of cells for the queen first.'],
  };
};

/** Supers as they stand, the lowest over an excluder. */
const overExcluder = (above: readonly Box[]): readonly Box[] =>
  above.map((box, i) => (i === 0 ? { ...box, under: 'excluder' as const } : box));

/** Queen, little brood and comb below; excluder; supers; the brood on top. */
export const demaree: Propose = (from) => {
  const { hive, newId } = from;
  const box = boxLike(mainBox(hive), newId(), 'brood');
  const hers = queensFrame(from);
  const brood = broodBoxes(hive);
  const stays = from.onlySealedBroodUp ? brood.flatMap(({ frames }) => frames).filter(hasYoungBrood) : [];
  const start: Arrangement = {
    units: [{ name: WHOLE, hive: { boxes: [box, ...overExcluder(supers(hive)), ...onTop(brood)] } }],
    out: [],
  };
  const below = [...new Set([hers, ...stays])].slice(0, box.places);
  const moved = moveAll(start, below, box.id);
  const left = stays.length - below.filter((frame) => frame && stays.includes(frame)).length;
  return {
    arrangement: fillAll(fillUp(moved, box.id, from), { boxes: brood }, from),
    shaken: [],
    queenUnit: null,
    cellUnit: null,
    notes: [
      ...(hers ? [] : ['No frame of brood for the queen.']),
      ...(left > 0 ? [`${left} frames with open brood do not fit below and go up.`] : []),
    ],
  };
};

/** Brood on top of the supers, over an excluder. */
const onTop = (brood: readonly Box[]): readonly Box[] =>
  brood.map((box, i) => (i === 0 ? { ...box, under: 'excluder' as const } : box));

/** Two brood frames stay in the centre, hers one of them, four of sealed brood go up, empty comb between brood and food. */
export const partDemaree: Propose = (from) => {
  const { hive, context, newId } = from;
  const main = mainBox(hive);
  if (broodFrameCount(hive) < PART_DEMAREE_LEAST) {
    const notes = [`It takes ${PART_DEMAREE_LEAST} frames of brood, and there are ${broodFrameCount(hive)}.`];
    return { arrangement: asIs(hive), shaken: [], queenUnit: null, cellUnit: null, notes };
  }
  const isCold = context.coldestNightC !== null && context.coldestNightC < context.onlySealedUpBelowC;
  const onlySealed = from.onlySealedBroodUp || isCold;
  const hers = queensFrame(from);
  const brood = main.frames.filter((frame) => isBroodFrame(frame) && frame !== hers);
  const staying = [...brood]
    .sort((a, b) => youngOn(b) - youngOn(a))
    .slice(0, PART_DEMAREE_STAYS - Number(hers !== null));
  const up = brood
    .filter((frame) => !staying.includes(frame) && isFree(frame, context) && (!onlySealed || !hasYoungBrood(frame)))
    .sort((a, b) => sealedOn(b) - sealedOn(a))
    .slice(0, PART_DEMAREE_UP);
  const top = boxLike(main, newId(), 'brood', 'excluder');
  const level = hive.boxes.length;
  let arrangement = addBox(asIs({ boxes: [...broodBoxes(hive), ...overExcluder(supers(hive))] }), WHOLE, top, level);
  arrangement = moveAll(arrangement, up, top.id);
  arrangement = fillUp(fillUp(arrangement, main.id, from), top.id, from);
  const short = PART_DEMAREE_UP - up.length;
  return {
    arrangement,
    shaken: [],
    queenUnit: null,
    cellUnit: null,
    notes: [
      ...(short > 0
        ? [`Only ${up.length} frames ${onlySealed ? 'of sealed brood ' : ''}can go up, ${short} fewer than usual.`]
        : []),
      ...(isCold ? [`Nights are cold: only sealed brood goes up.`] : []),
    ],
  };
};

/** Frames dealt out in two, so that each part gets alike of eggs, of brood and of stores. */
function dealt(frames: readonly Frame[]): readonly [readonly Frame[], readonly Frame[]] {
  const parts: [Frame[], Frame[]] = [[], []];
  const weight = (frame: Frame, part: readonly Frame[]) =>
    part.reduce((sum, other) => sum + Number(kindOf(other) === kindOf(frame)) * 100 + broodOn(other), 0);
  const ordered = [...frames].sort((a, b) => kindOf(a) - kindOf(b) || broodOn(b) - broodOn(a));
  for (const frame of ordered) {
    const [a, b] = parts.map((part) => weight(frame, part)) as [number, number];
    (a <= b ? parts[0] : parts[1]).push(frame);
  }
  return parts;
}

/** The half with less brood first. */
function inOrderOfBrood([a, b]: ReturnType<typeof dealt>): ReturnType<typeof dealt> {
  const brood = (half: readonly Frame[]) => half.reduce((sum, frame) => sum + broodOn(frame), 0);
  return brood(a) <= brood(b) ? [a, b] : [b, a];
}

/** With eggs, other brood, pollen, honey, the rest: each kind is dealt out by itself. */
function kindOf(frame: Frame): number {
  if (hasEggs(frame)) return 0;
  if (isBroodFrame(frame)) return 1;
  if (isPollenFrame(frame)) return 2;
  return isStoresFrame(frame) ? 3 : 4;
}

/** In the order of a nest: stores outside, brood in the middle. */
function nestOrder(frames: readonly Frame[]): readonly Frame[] {
  const outside = frames.filter((frame) => !isBroodFrame(frame));
  // Honey at the walls, then pollen, then what is empty beside the brood.
  const fromWall = [...outside].sort((a, b) => rank(a) - rank(b));
  const left = fromWall.filter((_, i) => i % 2 === 0);
  const right = fromWall.filter((_, i) => i % 2 === 1).reverse();
  return [...left, ...frames.filter(isBroodFrame), ...right];
}

const rank = (frame: Frame) => ({ 0: 3, 1: 3, 2: 1, 3: 0, 4: 2 })[kindOf(frame)] as number;

/** Both halves get alike of eggs, brood and stores, whoever has the queen. */
export const evenSplit: Propose = (from) => {
  const { hive, newId } = from;
  const main = mainBox(hive);
  const body: Hive = { boxes: broodBoxes(hive) };
  const box = boxLike(main, newId(), 'brood');
  const frames = bodyFrames(hive).filter(({ kind }) => kind === 'comb');
  const halves = dealt(frames);
  const [weaker, stronger] = inOrderOfBrood(halves);
  // Honey draws robbers and pests to whoever is too weak to guard it.
  const goes = from.manyPests ? weaker.filter((frame) => !isHoneyFrame(frame)) : halves[0];
  const start: Arrangement = {
    units: [
      { name: 'queenless-half', hive: { boxes: [box] } },
      { name: 'queen-half', hive: { boxes: [...body.boxes, ...overExcluder(supers(hive))] } },
    ],
    out: [],
  };
  const fits = nestOrder(goes).slice(0, box.places);
  const moved = moveAll(start, fits, box.id);
  const [hasEggsHere, hasEggsThere] = [
    fits.some(hasEggs),
    frames.some((frame) => hasEggs(frame) && !fits.includes(frame)),
  ];
  return {
    arrangement: fillAll(fillUp(moved, box.id, from), body, from),
    shaken: [],
    queenUnit: null,
    cellUnit: null,
    notes: [
      ...(hasEggsHere && hasEggsThere ? [] : ['Only one half has eggs: the other cannot raise a queen.']),
      ...(from.manyPests && weaker.some(isHoneyFrame) && stronger.length > 0
        ? ['Honey stays with the stronger half; feed the weaker one, and reduce its entrance.']
        : []),
    ],
  };
};

/** The queen below with some brood and the supers; the rest of the brood on top over a board. */
export const verticalSplit: Propose = (from) => {
  const { hive, context, newId } = from;
  const main = mainBox(hive);
  const box = boxLike(main, newId(), 'brood', 'board');
  const hers = queensFrame(from);
  const brood = bodyFrames(hive).filter((frame) => isBroodFrame(frame) && frame !== hers && isFree(frame, context));
  const [goes] = dealt(brood);
  const kept = bodyFrames(hive).filter(({ id }) => context.keptCellFrames.has(id));
  const stores = storesFrame(hive, from, new Set(kept.map(({ id }) => id)));
  const up = [...new Set([...kept, ...goes, stores])].slice(0, box.places);
  const moved = moveAll(parted(hive, 'bottom', 'top', box), up, box.id);
  return {
    arrangement: fillAll(fillUp(moved, box.id, from), hive, from),
    shaken: [],
    queenUnit: 'bottom',
    cellUnit: 'top',
    notes: up.some((frame) => frame && hasEggs(frame)) ? [] : ['No eggs go up: the top could not raise a queen.'],
  };
};
