import { daysBetween } from '../calendar/day';
import { FEW_CELLS, MANY_CELLS } from '../cells/cause';
import { SUPERS_FULL, TOP_BOX_COVERED } from '../space/triggers';
import type { ChoicesAsked } from './asked';
import type { Choice, When } from './choice';
import {
  DEMAREE_FRAMES,
  DEMAREE_SEAMS,
  FLOW_NEAR_DAYS,
  INTERLEAVE_NIGHT_C,
  isWeak,
  NUC_FRAMES_LEAST,
  OLD_SITE_FRAMES,
  SUPER_SEAMS,
  strengthOf,
} from './strength';

/** A choice in its place, with when it is the better one; the first has none. */
export interface InOrder {
  readonly choice: Choice;
  readonly when: When | null;
}

const first = (choice: Choice): InOrder => ({ choice, when: null });
const or = (choice: Choice, when: When): InOrder => ({ choice, when });

/** The main flow is on, or begins soon. */
export function isFlowNear({ on, place: { flow } }: ChoicesAsked): boolean {
  return flow !== null && on <= flow.to && daysBetween(on, flow.from) <= FLOW_NEAR_DAYS;
}

const SEALED = new Set(['sealed', 'ripe', 'emerged']);
export const isSealedBy = ({ colony: { cells } }: ChoicesAsked): boolean => SEALED.has(cells.oldest);

/** A cell is closed, or may be by today: where one is, it is too late to put her below an excluder. */
export const maySealBy = (asked: ChoicesAsked): boolean => asked.reading === 'swarm-imminent' || isSealedBy(asked);

/** Honey without increase: strong enough, a flow near, and no cell that may be sealed. */
export function fitsDemaree(asked: ChoicesAsked): boolean {
  const { frames, seams } = strengthOf(asked.colony);
  return frames >= DEMAREE_FRAMES && seams >= DEMAREE_SEAMS && isFlowNear(asked) && !maySealBy(asked);
}

/** What takes away what hems the nest in, by its cause. Where none is known the nest itself is given comb to lay in. */
export function roomFor(asked: ChoicesAsked): InOrder {
  const { bound } = asked.colony;
  if (bound === 'honey' || bound === 'nectar') return first('honey-bound');
  if (bound === 'pollen') return first('pollen-bound');
  return boxFor(asked) ?? first(nestRoomFor(asked));
}

/** A box or a super that is wanting; null: none is. */
export function boxFor(asked: ChoicesAsked): InOrder | null {
  const { coveredTenths, supers, fullestSuperTenths } = asked.colony;
  if ((coveredTenths ?? 0) * 10 >= TOP_BOX_COVERED.value) return first('add-box');
  const isFull = supers > 0 && (fullestSuperTenths ?? 0) * 10 >= SUPERS_FULL.value;
  const isFirstDue = supers === 0 && isFlowNear(asked) && strengthOf(asked.colony).seams >= SUPER_SEAMS;
  return isFull || isFirstDue ? first('add-super') : null;
}

/** Comb within the nest in warm nights and a strong colony, else at its sides. */
function nestRoomFor({ colony, place: { coldestOfNextFive } }: ChoicesAsked): Choice {
  const { frames, seams } = strengthOf(colony);
  const isWarm = coldestOfNextFive !== null && coldestOfNextFive >= INTERLEAVE_NIGHT_C;
  return isWarm && frames >= DEMAREE_FRAMES && seams >= DEMAREE_SEAMS ? 'interleave' : 'open-sides';
}

/** She is to be parted from her bees before she goes with them; where she was not found today, without finding her. */
function beforeSwarm(asked: ChoicesAsked): readonly InOrder[] {
  const { colony, place, wanted } = asked;
  const { frames } = strengthOf(colony);
  const splits: readonly Choice[] = [
    ...(frames >= OLD_SITE_FRAMES && place.secondStand !== false ? (['walk-away'] as const) : []),
    ...(frames >= OLD_SITE_FRAMES ? (['even-split'] as const) : []),
    ...(frames >= DEMAREE_FRAMES ? (['vertical-split'] as const) : []),
  ];
  if (colony.queenFound === 'no' && splits[0]) {
    const [best, ...more] = splits;
    return [first(best), ...more.slice(0, 1).map((one) => or(one, 'not-found')), or('nuc-swarm', 'once-found')];
  }
  const isHoneyFirst = wanted === 'honey' && fitsDemaree(asked);
  const nuc =
    frames < NUC_FRAMES_LEAST ? [] : [isHoneyFirst ? or('nuc-swarm', 'more-bees-wanted') : first('nuc-swarm')];
  const oldSite =
    frames >= OLD_SITE_FRAMES && place.secondStand !== false ? [or('old-site-swarm', 'with-a-second-hive')] : [];
  const demaree = fitsDemaree(asked) ? [or('demaree', 'honey-without-increase')] : [];
  const without = colony.queenFound === 'not-looked-for' ? splits.slice(0, 1).map((one) => or(one, 'not-found')) : [];
  return isHoneyFirst ? [...demaree, ...nuc, ...oldSite, ...without] : [...nuc, ...oldSite, ...demaree, ...without];
}

/** Room by its cause, cups broken, or a method at once: schools differ, and what the keeper holds with comes first. */
function atFirstSigns(asked: ChoicesAsked): readonly InOrder[] {
  const isNucFit = strengthOf(asked.colony).frames >= NUC_FRAMES_LEAST;
  const room = roomFor(asked).choice;
  const demaree = fitsDemaree(asked) ? [or('demaree', 'honey-without-increase')] : [];
  const cups = or('break-cups', 'to-buy-days');
  const nuc = isNucFit ? [or('nuc-swarm', 'to-act-now')] : [];
  if (asked.earlyFirst === 'act' && isNucFit) return [first('nuc-swarm'), or(room, 'more-room-too'), ...demaree, cups];
  if (asked.earlyFirst === 'cups') return [first('break-cups'), or(room, 'more-room-too'), ...demaree, ...nuc];
  return [first(room), ...demaree, cups, ...nuc];
}

/** A few of like age on the face, beside her eggs: they are let do it. */
const isSupersedure = ({ colony: { cause, cells, eggs } }: ChoicesAsked): boolean =>
  cause === 'supersedure' && cells.count <= FEW_CELLS.value && eggs === 'seen';

const BEFORE_SWARM = new Set(['early-preparing', 'preparing', 'swarm-imminent']);

/** A colony too weak to be divided that has cells. */
function weakWithCells({ colony: { cells }, place: { season } }: ChoicesAsked): readonly InOrder[] {
  const unite = season === 'after' ? [or('unite', 'late-or-weak')] : [];
  const isMany = cells.count >= MANY_CELLS.value && (cells.oldest === 'egg' || cells.oldest === 'larva');
  return isMany ? [first('nuc-swarm'), ...unite] : [first('feed'), or('nothing', 'food-is-there'), ...unite];
}

/** What a test frame has told of a colony in which no queen was found to lay. */
function byTestFrame({ colony, place }: ChoicesAsked): readonly InOrder[] {
  switch (colony.testFrame) {
    case 'none':
      return [first('test-comb')];
    case 'given':
    case 'no-cells':
      return [first('wait')];
    case 'cells':
      return queenless(isWeak(colony) || place.season === 'after', place);
  }
}

/** A cell or a queen; late in the year, or weak, it is united instead. */
function queenless(isLate: boolean, { season, otherColonies }: ChoicesAsked['place']): readonly InOrder[] {
  const cell = otherColonies > 0 ? [or('give-cell', 'another-needs-one')] : [];
  const queen = or('requeen-mated', 'bees-are-young');
  if (isLate && otherColonies > 0) return [first('unite'), queen, ...cell];
  const eggs = season !== 'after' && otherColonies > 0 ? [or('give-eggs', 'early-in-the-year')] : [];
  return [...cell, queen, ...eggs];
}

/** What the keeper wants of a colony that needs nothing. */
function byWish(asked: ChoicesAsked): readonly InOrder[] {
  const { frames } = strengthOf(asked.colony);
  const box = boxFor(asked);
  return [
    first('nothing'),
    ...(asked.wanted === 'increase' && frames >= NUC_FRAMES_LEAST ? [or('queen-split', 'more-bees-wanted')] : []),
    ...(asked.wanted === 'honey' && fitsDemaree(asked) ? [or('demaree', 'honey-without-increase')] : []),
    ...(box ? [or(box.choice, 'more-room-too')] : []),
  ];
}

/**
 * What may be done with a colony as it stands, the first that an experienced keeper would name first. What was not looked for takes its
 * likely value and moves nothing down.
 */
export function inOrder(asked: ChoicesAsked): readonly InOrder[] {
  const { colony, place, reading, on } = asked;
  if (place.season === 'rest') return [first('nothing')];
  if (colony.leaveShutTo !== null && colony.leaveShutTo >= on) {
    const isSuperDue = boxFor(asked)?.choice === 'add-super';
    return [first('leave-shut'), ...(isSuperDue ? [or('add-super', 'from-above')] : [])];
  }
  if (BEFORE_SWARM.has(reading)) {
    if (isWeak(colony)) return weakWithCells(asked);
    const isLate = place.season === 'after' && colony.cells.count < MANY_CELLS.value;
    if (isLate || isSupersedure(asked)) return [first('nothing'), or('inspect', 'more-cells')];
  }
  switch (reading) {
    case 'early-preparing':
      return atFirstSigns(asked);
    case 'preparing':
    case 'swarm-imminent':
      return beforeSwarm(asked);
    case 'swarmed':
      return [first('after-swarm'), ...spareCells(asked)];
    case 'cast-risk':
      return [first('thin-cells'), ...spareCells(asked)];
    case 'may-have-swarmed':
      return colony.cells.count > 0 ? [first('thin-cells'), or('leave-shut', 'not-to-open-it')] : [first('inspect')];
    case 'virgin-loose':
    case 'awaiting-eggs':
      return colony.eggsOverdue ? byTestFrame(asked) : [first('wait')];
    case 'raising-queen':
      return colony.cells.count === 0 && !colony.broodYoung && !asked.underWay
        ? queenless(isWeak(colony) || place.season === 'after', place)
        : [first('wait'), ...(colony.cells.oldest === 'ripe' ? [or('cell-nuc', 'ripe-cells-to-spare')] : [])];
    case 'queen-missing':
      return byTestFrame(asked);
    case 'not-laying':
      return colony.eggsOverdue ? byTestFrame(asked) : [first('wait'), or('feed', 'food-is-short'), ...moreRoom(asked)];
    case 'congested':
      return [roomFor(asked), ...(fitsDemaree(asked) ? [or('demaree', 'honey-without-increase')] : [])];
    case 'drone-laying':
      if (!colony.layingWorkers)
        return [first('remove-queen'), or('requeen-mated', 'bees-are-young'), or('unite', 'late-or-weak')];
      return [first('shake-out'), ...(place.season === 'after' ? [] : [or('give-eggs', 'early-in-the-year')])];
    case 'not-enough-seen':
      return [first('inspect')];
    case 'cups-only':
    case 'settled':
      return asked.underWay ? [first('wait'), ...moreRoom(asked)] : byWish(asked);
  }
}

const moreRoom = (asked: ChoicesAsked): readonly InOrder[] => {
  const box = boxFor(asked);
  return box ? [or(box.choice, 'more-room-too')] : [];
};

/** Cells that are more than it keeps go to nucs, or to who needs one. */
const spareCells = ({ colony, place }: ChoicesAsked): readonly InOrder[] => [
  ...(isWeak(colony) ? [] : [or('cell-nuc', 'ripe-cells-to-spare')]),
  ...(place.otherColonies > 0 ? [or('give-cell', 'another-needs-one')] : []),
];
