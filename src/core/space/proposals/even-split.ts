import { boxesOf, hiveOf } from '../arrangement';
import { hasEggs, isHoneyFrame, isPollenFrame, isStoresFrame, newFrame } from '../frame-traits';
import { type Box, broodBoxes, type Frame, type Hive, isBroodFrame, supers } from '../hive';
import { say } from '../says';
import { halvesByBox } from './halves-by-box';
import { layInto, layNest } from './lay-nest';
import type { Proposal, ProposalFrom, Propose } from './proposal';
import { refill } from './refill';
import { overExcluder } from './stack';
import { bodyFrames, boxLike, broodOn, herFrameAfter, mainBox, queensFrame } from './tools';

/** The halves of a split, by the names that the methods give them. */
export const QUEENLESS = 'queenless-half';
export const QUEENRIGHT = 'queen-half';

/** What may hang in which half: hers in the queen’s, kept cells in the other. */
export interface Bound {
  readonly hers: Frame | null;
  readonly kept: ReadonlySet<string>;
}

/**
 * Both halves get alike of eggs, brood and stores, whoever has the queen; where she is known her frame stays, and kept cells go. A
 * hive of several brood boxes is parted box by box, frames being exchanged only as far as it takes.
 */
export const evenSplit: Propose = (from) => {
  const { hive, context } = from;
  const body: Hive = { boxes: broodBoxes(hive) };
  const hers = context.queenFrameId === null ? null : queensFrame(from);
  const bound: Bound = { hers, kept: hers ? context.keptCellFrames : new Set() };
  const byBox = body.boxes.length > 1 ? halvesByBox(body, bound) : null;
  const parted = byBox ?? halvesOfOne(from, body, bound);
  const stays = { ...parted.stays, boxes: [...parted.stays.boxes, ...overExcluder(supers(hive))] };
  const start = {
    units: [
      { name: QUEENLESS, hive: parted.goes },
      { name: QUEENRIGHT, hive: stays },
    ],
    out: [],
  };
  const arrangement = refill(refill(start, parted.goes, from), parted.stays, from);
  return checked(from, { arrangement, hers, hasCells: bound.kept.size > 0 });
};

/** One brood box: its frames are dealt out, and the half that goes is laid into a box of its own. */
function halvesOfOne(from: ProposalFrom, body: Hive, bound: Bound): { goes: Hive; stays: Hive } {
  const { newId, fill } = from;
  const box = boxLike(mainBox(from.hive), newId(), 'brood');
  const combs = bodyFrames(body).filter(({ kind }) => kind === 'comb');
  const goes = dealt(combs, bound, from.manyPests).slice(0, box.places);
  const brood = goes.filter((frame) => isBroodFrame(frame) || bound.kept.has(frame.id));
  const food = goes.filter((frame) => !brood.includes(frame) && isStoresFrame(frame));
  const comb = goes.filter((frame) => !brood.includes(frame) && !food.includes(frame));
  const start = {
    units: [
      { name: QUEENLESS, hive: { boxes: [box] } },
      { name: QUEENRIGHT, hive: body },
    ],
    out: [],
  };
  const laid = layInto(
    start,
    box.id,
    layNest({ brood, food, comb }, box.places, 'both-sides', () => newFrame(newId(), box.size, fill)),
  );
  return { goes: hiveOf(laid, QUEENLESS), stays: hiveOf(laid, QUEENRIGHT) };
}

/**
 * The frames of the half that goes, in the order in which they hang. Brood is dealt out by its kind, from the fullest; of stores and
 * comb the half that stays has the one more, and those next to its brood.
 */
function dealt(frames: readonly Frame[], { hers, kept }: Bound, manyPests: boolean): readonly Frame[] {
  const parts: { goes: Frame[]; stays: Frame[] } = {
    goes: frames.filter(({ id }) => kept.has(id)),
    stays: hers ? [hers] : [],
  };
  const weight = (frame: Frame, part: readonly Frame[]) =>
    part.reduce((sum, other) => sum + Number(hasEggs(other) === hasEggs(frame)) * 100 + broodOn(other), 0);
  const isTaken = (frame: Frame) => frame === hers || kept.has(frame.id);
  const brood = frames.filter((frame) => isBroodFrame(frame) && !isTaken(frame));
  for (const frame of [...brood].sort((a, b) => Number(hasEggs(b)) - Number(hasEggs(a)) || broodOn(b) - broodOn(a)))
    (weight(frame, parts.goes) <= weight(frame, parts.stays) ? parts.goes : parts.stays).push(frame);
  const others = outermostFirst(
    frames.filter((frame) => !isBroodFrame(frame) && !isTaken(frame)),
    frames,
  );
  const stores = others.filter(isStoresFrame);
  const pollen = stores.filter(isPollenFrame);
  const goesOfPollen = Math.floor(pollen.length / 2);
  const given = [
    ...pollen.slice(0, goesOfPollen),
    ...stores.filter((frame) => !pollen.includes(frame)).slice(0, Math.floor(stores.length / 2) - goesOfPollen),
  ];
  const comb = others.filter((frame) => !stores.includes(frame));
  given.push(...comb.slice(0, Math.floor(comb.length / 2)));
  parts.goes.push(...given);
  parts.stays.push(...others.filter((frame) => !given.includes(frame)));
  if (manyPests) honeyToStronger(parts, isTaken);
  return frames.filter((frame) => parts.goes.includes(frame));
}

const outermostFirst = (some: readonly Frame[], row: readonly Frame[]): readonly Frame[] => {
  const fromWall = (frame: Frame) => Math.min(row.indexOf(frame), row.length - 1 - row.indexOf(frame));
  return [...some].sort((a, b) => fromWall(a) - fromWall(b));
};

/** Honey draws robbers and pests to whoever is too weak to guard it. */
function honeyToStronger(parts: { goes: Frame[]; stays: Frame[] }, isTaken: (frame: Frame) => boolean): void {
  const brood = (part: readonly Frame[]) => part.reduce((sum, frame) => sum + broodOn(frame), 0);
  const [weaker, stronger]: (keyof typeof parts)[] =
    brood(parts.goes) <= brood(parts.stays) ? ['goes', 'stays'] : ['stays', 'goes'];
  if (!weaker || !stronger) return;
  const honey = parts[weaker].filter((frame) => isHoneyFrame(frame) && !isTaken(frame));
  parts[stronger].push(...honey);
  parts[weaker] = parts[weaker].filter((frame) => !honey.includes(frame));
}

/** The proposal with what it could not do: eggs and food on both sides, kept cells and the queen apart. */
function checked(
  from: ProposalFrom,
  { arrangement, hers, hasCells }: { arrangement: Proposal['arrangement']; hers: Frame | null; hasCells: boolean },
): Proposal {
  const body = (unit: string) => boxesOf(arrangement).filter((one) => one.unit === unit && one.box.role === 'brood');
  const has = (unit: string, is: (frame: Frame) => boolean) =>
    body(unit).some(({ box }: { box: Box }) => box.frames.some(is));
  const hungry = [QUEENLESS, QUEENRIGHT].filter((unit) => !has(unit, isStoresFrame));
  return {
    arrangement,
    shaken: [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: hers ? QUEENRIGHT : null,
    cellUnit: hers && hasCells ? QUEENLESS : null,
    notes: [
      ...(has(QUEENLESS, hasEggs) && (hers || has(QUEENRIGHT, hasEggs)) ? [] : [say('eggs-in-one-half-only')]),
      ...(from.manyPests && [QUEENLESS, QUEENRIGHT].some((unit) => !has(unit, isHoneyFrame))
        ? [say('honey-with-the-stronger')]
        : hungry.length > 0
          ? [say('no-stores-in-one-half')]
          : []),
    ],
  };
}
