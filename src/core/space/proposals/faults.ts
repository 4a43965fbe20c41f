import type { MethodName } from '../../methods/method';
import { type Arrangement, boxesOf, hiveOf, placeOf } from '../arrangement';
import { broodSpan, hasEggs, isEmptyFrame, isHoneyFrame, isPollenFrame, isStoresFrame } from '../frame-traits';
import { type Box, broodBoxes, type Frame, framesOf, type Hive, isBroodFrame, layingBoxes, tenthsOn } from '../hive';
import { boundIn } from '../room';
import { type WorkStep, workList } from '../work-list/work-list';
import { asIs, type Proposal, type ProposalFrom, WHOLE } from './proposal';
import { NUC_PLACES, SHAKEN_INTO_NUC } from './tools';

/** What a keeper would shake his head at in a proposal, by number. */
export const PROPOSAL_FAULTS = {
  1: 'food stands next to the brood in every unit that is made, no empty comb between',
  2: 'the last frame of stores or of pollen, and the feeder, stay',
  3: 'from the wall inwards honey, pollen, brood; the brood in one block, in the middle of a new box',
  4: 'the queen, where she is known, is in the unit that is to have her, and not shut off',
  5: 'a kept cell is in the unit that raises a queen, and its frame is not shaken',
  6: 'every excluder and board that keeps the queen down stays',
  7: 'every unit has what its method says: eggs or cells, stores, bees, or it is said that it has not',
  8: 'no comb is lifted twice, and none is put back where it hung',
  9: 'no box is lifted that need not be',
  10: 'a nest that was hemmed in is so no more, or it is said why',
  11: 'nothing empty comes between brood at cold nights',
  12: 'comb that hangs idle is used before food is taken',
} as const;
export type FaultNumber = keyof typeof PROPOSAL_FAULTS;

export const FAULT_NUMBERS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const satisfies readonly FaultNumber[];

export interface ProposalFault {
  readonly number: FaultNumber;
  readonly text: string;
}

interface Judged {
  readonly method: MethodName;
  readonly from: ProposalFrom;
  readonly proposal: Proposal;
  readonly before: Arrangement;
  readonly after: Arrangement;
  readonly steps: readonly WorkStep[];
}

type Judge = (judged: Judged) => readonly string[];

/** Comb between brood and food is how a part Demaree is laid out; empty frames between brood are what interleaving is. */
const LAID_OUT_OTHERWISE: readonly MethodName[] = ['part-demaree'];
const PARTS_BROOD: readonly MethodName[] = ['interleave'];
const FREES_THE_NEST: readonly MethodName[] = ['honey-bound', 'pollen-bound'];

const hasNote = ({ proposal }: Judged, about: RegExp) => proposal.notes.some((note) => about.test(note));
const boxBefore = ({ before }: Judged, boxId: string) =>
  boxesOf(before).find(({ box }) => box.id === boxId)?.box ?? null;
const bodyOf = (hive: Hive) => broodBoxes(hive).flatMap(({ frames }) => frames);
const hasAny = (frames: readonly Frame[], is: (frame: Frame) => boolean) => frames.some(is);

/** From the brood to the wall, on either side. */
function outwards(frames: readonly Frame[]): readonly (readonly Frame[])[] {
  const span = broodSpan(frames);
  return span ? [frames.slice(0, span.first).reverse(), frames.slice(span.last + 1)] : [];
}

const isSplit = ({ after }: Judged) => after.units.length > 1;

/** Boxes with brood that the method made or parted: of a split all, of a Demaree the queen’s. */
function madeNests(judged: Judged): readonly Box[] {
  const boxes = boxesOf(judged.after).filter(({ box }) => box.role === 'brood' && box.frames.some(isBroodFrame));
  return boxes.filter(({ box }) => isSplit(judged) || boxBefore(judged, box.id) === null).map(({ box }) => box);
}

const foodBeside = (frames: readonly Frame[]) =>
  outwards(frames).filter(([first]) => first !== undefined && isStoresFrame(first)).length;

const hasCombBeforeFood = (frames: readonly Frame[]) =>
  outwards(frames).some((row) => {
    const food = row.findIndex(isStoresFrame);
    return food > 0 && row.slice(0, food).some(isEmptyFrame);
  });

const isOutOfOrder = (frames: readonly Frame[]) =>
  outwards(frames).some((row) => {
    const honey = row.findIndex(isHoneyFrame);
    return honey >= 0 && row.slice(honey + 1).some((frame) => isPollenFrame(frame) && !isHoneyFrame(frame));
  });

function isParted(frames: readonly Frame[]): boolean {
  const span = broodSpan(frames);
  return span !== null && frames.slice(span.first, span.last + 1).some((frame) => !isBroodFrame(frame));
}

/** Further from the middle than this many places the brood of a new full-size box stands to one side. */
const OFF_MIDDLE = 1.5;

function isOffMiddle({ frames, places }: Box): boolean {
  const span = broodSpan(frames);
  return (
    span !== null &&
    places > NUC_PLACES &&
    Math.abs((span.first + span.last) / 2 - (frames.length - 1) / 2) > OFF_MIDDLE
  );
}

const isCutOff = (hive: Hive, boxId: string) => {
  const level = hive.boxes.findIndex(({ id }) => id === boxId);
  return hive.boxes.slice(0, level + 1).some(({ under }, i) => under !== 'open' && (i > 0 || level === 0));
};

const isCold = ({ from: { context } }: Judged) =>
  context.coldestNightC === null || context.coldestNightC < context.warmNightC;

const JUDGES: { readonly [N in FaultNumber]: Judge } = {
  1: (judged) => {
    if (LAID_OUT_OTHERWISE.includes(judged.method)) return [];
    return madeNests(judged).flatMap((box) => {
      const was = boxBefore(judged, box.id)?.frames ?? null;
      const { frames } = box;
      const food = frames.filter(isStoresFrame).length;
      const isSaid = hasNote(judged, /feed|stores/i);
      const isNuc = box.places <= NUC_PLACES;
      const beside = foodBeside(frames);
      // What stood apart before the method came is not of its making.
      if (was && foodBeside(was) <= beside && hasCombBeforeFood(was) === hasCombBeforeFood(frames)) return [];
      return [
        ...(beside === 0 && !(food === 0 && isSaid) ? [`no food beside the brood of ${box.id}`] : []),
        ...(isNuc && food >= 2 && beside < 2 ? [`food on one side only of ${box.id}`] : []),
        ...(hasCombBeforeFood(frames) && !(was && hasCombBeforeFood(was))
          ? [`empty comb between brood and food in ${box.id}`]
          : []),
      ];
    });
  },
  2: (judged) => {
    const { before, after } = judged;
    const was = bodyOf(hiveOf(before, WHOLE));
    const stays = after.units.find(({ hive }) =>
      hive.boxes.some(({ id }) => id === hiveOf(before, WHOLE).boxes[0]?.id),
    );
    const units = isSplit(judged) ? (stays ? [stays] : []) : after.units;
    const left = units.flatMap(({ hive }) => (isSplit(judged) ? framesOf(hive) : bodyOf(hive)));
    // Where robbers are many the weaker half is to have no honey: that is asked for, and it is said to feed it.
    if (judged.from.manyPests && hasNote(judged, /^Honey stays/)) return [];
    return [
      ...(hasAny(was, isStoresFrame) && !hasAny(left, isStoresFrame) ? ['the last frame of stores has left'] : []),
      ...(hasAny(framesOf(judged.from.hive), isHoneyFrame) &&
      !units.some(({ hive }) => hasAny(framesOf(hive), isHoneyFrame))
        ? ['the last frame of honey has left']
        : []),
      ...(hasAny(was, isPollenFrame) && !hasAny(left, isPollenFrame) ? ['the last frame of pollen has left'] : []),
      ...(after.out.some(({ kind }) => kind === 'feeder') ? ['the feeder has been taken out'] : []),
    ];
  },
  3: (judged) =>
    boxesOf(judged.after)
      .filter(({ box }) => box.role === 'brood')
      .flatMap(({ box }) => {
        const was = boxBefore(judged, box.id);
        const isNew = (is: (frames: readonly Frame[]) => boolean) => is(box.frames) && !(was && is(was.frames));
        return [
          ...(isNew(isParted) && !PARTS_BROOD.includes(judged.method) ? [`the brood of ${box.id} is parted`] : []),
          ...(isNew(isOutOfOrder) ? [`pollen outside honey in ${box.id}`] : []),
          ...(was === null && isOffMiddle(box) ? [`the brood of ${box.id} stands to one side`] : []),
        ];
      }),
  4: ({ from, proposal, before, after }) => {
    const { queenFrameId, queenUnit } = proposal;
    if (from.context.queenFrameId === null || queenFrameId === null) return [];
    const [at, was] = [placeOf(after, queenFrameId), placeOf(before, from.context.queenFrameId)];
    if (!at) return ['her frame is taken out'];
    const isShut =
      isCutOff(hiveOf(after, at.unit), at.boxId) && !(was && isCutOff(hiveOf(before, was.unit), was.boxId));
    const isOwnUnit = at.unit === 'top' && queenUnit === 'top';
    return [
      ...(queenUnit !== null && at.unit !== queenUnit ? [`she is in ${at.unit}`] : []),
      ...(isShut && !isOwnUnit ? ['she is shut off'] : []),
    ];
  },
  5: ({ from, proposal: { cellUnit, queenUnit, queenFrameId, shaken }, after }) =>
    [...from.context.keptCellFrames].flatMap((id) => {
      const at = placeOf(after, id);
      return [
        ...(cellUnit !== null && at?.unit !== cellUnit
          ? [`a kept cell is in ${at?.unit ?? 'what was taken out'}`]
          : []),
        ...(shaken.includes(id) ? ['its frame is shaken'] : []),
        ...(cellUnit !== queenUnit && id === queenFrameId ? ['she is left on its frame'] : []),
      ];
    }),
  6: ({ before, after }) =>
    before.units.flatMap(({ hive }) => {
      const nest = layingBoxes(hive).map(({ id }) => id);
      return hive.boxes.flatMap((box) => {
        if (!isCutOff(hive, box.id)) return [];
        const now = after.units.find((unit) => unit.hive.boxes.some(({ id }) => id === box.id));
        const isWithHer = now?.hive.boxes.some(({ id }) => nest.includes(id)) ?? false;
        return now && isWithHer && !isCutOff(now.hive, box.id) ? [`nothing keeps her from ${box.id} any more`] : [];
      });
    }),
  7: (judged) => NEEDS[judged.method]?.(judged) ?? [],
  8: ({ steps, before, after }) => {
    const lifted = steps.filter(({ kind }) => kind === 'frame' || kind === 'aside' || kind === 'out');
    const ids = lifted.flatMap(({ frameIds }) => frameIds);
    const twice = ids.filter((id, i) => ids.indexOf(id) !== i);
    const back = lifted
      .filter(({ kind }) => kind === 'frame')
      .flatMap(({ frameIds }) => frameIds)
      .filter((id) => {
        const [was, now] = [placeOf(before, id), placeOf(after, id)];
        return was !== null && was.boxId === now?.boxId && was.at === now.at;
      });
    return [...twice.map((id) => `${id} is lifted twice`), ...back.map((id) => `${id} is put back where it hung`)];
  },
  9: (judged) => {
    const lifts = judged.steps.filter(({ kind }) => kind === 'lift').length;
    const needed = neededLifts(judged);
    return lifts > needed ? [`${lifts} boxes are lifted off where ${needed} will do`] : [];
  },
  10: (judged) => {
    const { method, from, after } = judged;
    if (!FREES_THE_NEST.includes(method)) return [];
    const is = (hive: Hive) => boundIn(hive, from.wouldLayPerDay, from.flow, from) !== null;
    const isSaid = hasNote(judged, /hemmed in|drawn comb/i);
    return is(from.hive) && is(hiveOf(after, WHOLE)) && !isSaid ? ['she is hemmed in as before'] : [];
  },
  11: (judged) => {
    if (!isCold(judged)) return [];
    return boxesOf(judged.after).flatMap(({ box }) => {
      const span = broodSpan(box.frames);
      if (!span) return [];
      const was = boxBefore(judged, box.id)?.frames ?? [];
      const wasSpan = broodSpan(was);
      return box.frames
        .slice(span.first, span.last + 1)
        .filter(isEmptyFrame)
        .filter((frame) => {
          const at = was.findIndex(({ id }) => id === frame.id);
          return !(wasSpan && at > wasSpan.first && at < wasSpan.last);
        })
        .map(() => `an empty frame comes between the brood of ${box.id}`);
    });
  },
  12: (judged) => {
    if (isSplit(judged) || madeNests(judged).length > 0) return [];
    return boxesOf(judged.after).flatMap(({ box }) => {
      const was = boxBefore(judged, box.id);
      if (!was || box.role !== 'brood') return [];
      const span = broodSpan(box.frames);
      const isIdle = (frame: Frame) => {
        const at = box.frames.indexOf(frame);
        const wasThere = was.frames.some(({ id }) => id === frame.id);
        const isDrawn = tenthsOn(frame, ['empty']) === 20;
        return wasThere && isDrawn && (!span || at < span.first - 1 || at > span.last + 1);
      };
      const foodLeft = was.frames.some(
        (frame) => isStoresFrame(frame) && judged.after.out.some(({ id }) => id === frame.id),
      );
      const isInNest = layingBoxes(hiveOf(judged.after, WHOLE)).includes(box);
      return foodLeft && isInNest && box.frames.some(isIdle) ? [`comb hangs idle in ${box.id}, and food is taken`] : [];
    });
  },
};

/** Frames of a unit’s brood boxes. */
const unitBody = ({ after }: Judged, unit: string) => bodyOf(hiveOf(after, unit));

/** What a method says that its units have; what is missing has to be said. */
const NEEDS: { readonly [M in MethodName]?: Judge } = {
  'nuc-swarm': (judged) => [
    ...needs(judged, 'nuc', isBroodFrame, 'brood', /cells|brood/i),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', /stores/i),
    ...bees(judged),
  ],
  'queen-split': (judged) => [
    ...needs(judged, 'nuc', isBroodFrame, 'brood', /cells|brood/i),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', /stores/i),
  ],
  'old-site-swarm': (judged) => [
    ...needs(judged, 'old-site', isBroodFrame, 'brood', /cells|brood/i),
    ...needs(judged, 'old-site', isStoresFrame, 'stores', /stores/i),
  ],
  demaree: (judged) => {
    const nest = hiveOf(judged.after, WHOLE).boxes[0]?.frames ?? [];
    return [
      ...(nest.some(isBroodFrame) || hasNote(judged, /brood/i) ? [] : ['no brood below']),
      ...(nest.some(isStoresFrame) || hasNote(judged, /stores/i) ? [] : ['no stores below']),
    ];
  },
  'even-split': (judged) => halvesNeed(judged),
  'walk-away': (judged) => halvesNeed(judged),
  'vertical-split': (judged) => [
    ...needs(judged, 'top', hasEggs, 'eggs', /eggs/i),
    ...needs(judged, 'top', isStoresFrame, 'stores', /stores/i),
  ],
  'cell-nuc': (judged) => [
    ...needs(judged, 'nuc', ({ id }) => judged.from.context.cellFrames.has(id), 'cell', /cell/i),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', /stores/i),
    ...bees(judged),
  ],
};

function needs(
  judged: Judged,
  unit: string,
  is: (frame: Frame) => boolean,
  what: string,
  note: RegExp,
): readonly string[] {
  return unitBody(judged, unit).some(is) || hasNote(judged, note) ? [] : [`no ${what} in ${unit}`];
}

function halvesNeed(judged: Judged): readonly string[] {
  const isFound = judged.from.context.queenFrameId !== null;
  return ['queenless-half', 'queen-half'].flatMap((unit) => [
    ...(isFound && unit === 'queen-half' ? [] : needs(judged, unit, hasEggs, 'eggs', /eggs/i)),
    ...needs(judged, unit, isStoresFrame, 'stores', /stores|feed/i),
  ]);
}

/** Two frames’ bees go into a nuc, as far as there are frames that can be shaken. */
function bees({ proposal, from, after }: Judged): readonly string[] {
  const { keptCellFrames, cellFrames, queenFrameId } = from.context;
  const could = unitShakeable(hiveOf(after, 'parent')).filter(
    ({ id }) => id !== queenFrameId && !keptCellFrames.has(id) && !cellFrames.has(id),
  ).length;
  return proposal.shaken.length < Math.min(SHAKEN_INTO_NUC, could) ? ['too few bees are shaken in'] : [];
}

const unitShakeable = (hive: Hive) => bodyOf(hive).filter(isBroodFrame);

/** Boxes above the lowest that is opened or changed, counted anew. */
function neededLifts({ before, after, steps }: Judged): number {
  const handled = new Set(
    steps
      .filter(({ kind }) => kind !== 'queen' && kind !== 'close')
      .flatMap(({ frameIds }) => frameIds)
      .filter((id) => placeOf(before, id) !== null),
  );
  return before.units.reduce((sum, { hive }) => {
    const home = after.units.find((unit) => unit.hive.boxes.some(({ id }) => id === hive.boxes[0]?.id));
    let lifts = 0;
    let isReached = false;
    hive.boxes.forEach((box, level) => {
      const now = home?.hive.boxes[level];
      isReached ||= now?.id !== box.id || now.under !== box.under;
      // A frame that comes to a box opens it as much as one that leaves it.
      lifts += Number(isReached);
      const came = now?.frames.some(({ id }) => !box.frames.some((frame) => frame.id === id)) ?? false;
      isReached ||= came || box.frames.some(({ id }) => handled.has(id));
    });
    return sum + lifts;
  }, 0);
}

/**
 * What is wrong with a proposal, by the twelve things that a keeper would see at a glance. It knows nothing of how proposals are made,
 * and judges one that was written by hand as well.
 */
export function proposalFaults(method: MethodName, from: ProposalFrom, proposal: Proposal): readonly ProposalFault[] {
  const before = asIs(from.hive);
  const after = proposal.arrangement;
  const steps = workList(before, after, {
    queenWasOn: from.context.queenFrameId,
    queenFrameId: proposal.queenFrameId,
    keptCellFrames: from.context.keptCellFrames,
    shaken: new Set(proposal.shaken),
    coveredSeams: 0,
    placesAssumed: from.areCounted,
    unitName: (unit) => unit,
    sizes: from.sizes,
  });
  const judged: Judged = { method, from, proposal, before, after, steps };
  return FAULT_NUMBERS.flatMap((number) => JUDGES[number](judged).map((text) => ({ number, text })));
}
