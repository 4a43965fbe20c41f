import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';
import type { Stores } from '../colony/facts';
import type { QueenExpected } from '../inspections/inspection-seen';
import type { ReadingName } from '../inspections/reading';
import type { Settings } from '../settings/settings';
import type { Method, MethodName } from './method';

/** What is known of a colony when methods are weighed. Null: not noted, which is neither enough nor too little. */
export interface FitFacts {
  readonly reading: ReadingName | null;
  readonly queen: QueenExpected;
  /** She has probably left with a swarm. */
  readonly presumedGone: boolean;
  /** She was seen at the last look. */
  readonly queenFound: boolean;
  /** Days since eggs or very young larvae were seen, of which a queen can be raised; null: not seen, or not since frames were moved. */
  readonly youngBroodAgo: number | null;
  /** It is one half of a split of which nobody knows yet whether she is in it. */
  readonly isEitherHalf: boolean;
  /** Days since it lost its queen; null: it has not, or it is not known when. */
  readonly queenlessFor: number | null;
  readonly openCells: number;
  readonly sealedCells: number;
  readonly broodFrames: number | null;
  readonly coveredSeams: number | null;
  readonly drones: 'flying' | 'sealed-only' | 'none' | null;
  /** Days until the main flow; 0: it is on. */
  readonly mainFlowInDays: number | null;
  readonly stores: Stores;
  /** The coldest of the next five nights, °C. */
  readonly coldestNightC: number | null;
  /** A second stand is free. */
  readonly secondStand: boolean | null;
}

export const MISSING_CODES = [
  'queen-not-found',
  'too-little-brood',
  'too-few-bees',
  'no-drones',
  'no-cells',
  'no-young-brood',
  'too-soon',
  'queen-in-the-way',
  'cells-in-the-way',
  'flow-not-near',
  'no-second-stand',
  'nights-cold',
  'not-noted',
] as const;
export type MissingCode = (typeof MISSING_CODES)[number];

export interface Missing {
  readonly code: MissingCode;
  readonly text: string;
}

/** Never hidden, always with the reason. */
export type Fit =
  | { readonly kind: 'fits'; readonly warnings: readonly string[] }
  | { readonly kind: 'would-fit'; readonly missing: readonly Missing[] }
  | { readonly kind: 'does-not-fit'; readonly because: string };

const lays = ({ queen, presumedGone }: FitFacts) => queen === 'laying' && !presumedGone;
const liveCells = ({ openCells, sealedCells }: FitFacts) => openCells + sealedCells;

/** Something says that she is gone or failing, whatever was known before. */
const inDoubt = (facts: FitFacts) => !lays(facts) || facts.reading === 'queen-missing';
const forQueenless = (facts: FitFacts) => {
  if (facts.reading === 'drone-laying') return 'Laying workers or a drone layer would spoil it; deal with that first.';
  return inDoubt(facts) ? null : 'It has its own laying queen.';
};

const NEEDS_LAYING_QUEEN = 'No laying queen here to part from her brood.';
const swarmMethod = (facts: FitFacts) => {
  if (facts.isEitherHalf)
    return 'It is one half of a split, and which has the queen is not known: find that out first.';
  return lays(facts) && facts.reading !== 'drone-laying' ? null : NEEDS_LAYING_QUEEN;
};
const spaceAddition = (facts: FitFacts) =>
  liveCells(facts) > 0 ? 'There are cells already: room alone is too late now.' : null;
const boundBy = (stores: Stores, words: string) => (facts: FitFacts) =>
  facts.stores === stores
    ? spaceAddition(facts)
    : facts.stores === 'not-looked-for'
      ? null
      : `The nest is not ${words}-bound.`;

/** Why a method is not for a colony as it stands, whatever else were true; null when it may be. */
const RULED_OUT: { readonly [M in MethodName]: (facts: FitFacts) => string | null } = {
  'nuc-swarm': swarmMethod,
  'old-site-swarm': swarmMethod,
  demaree: swarmMethod,
  'part-demaree': swarmMethod,
  'walk-away': swarmMethod,
  'even-split': swarmMethod,
  'queen-split': swarmMethod,
  'vertical-split': swarmMethod,
  'requeen-mated': ({ reading }) =>
    reading === 'drone-laying' ? 'Laying workers or a drone layer would kill her; deal with that first.' : null,
  'after-swarm': ({ presumedGone, reading }) => {
    if (reading === 'cast-risk') {
      return 'A virgin is out, or nearly: keep no cell. Break down all the others, or give them away.';
    }
    return presumedGone || reading === 'swarmed' ? null : 'It has not swarmed, going by what was seen.';
  },
  'open-sides': spaceAddition,
  interleave: spaceAddition,
  'honey-bound': boundBy('honey', 'honey'),
  'pollen-bound': boundBy('pollen', 'pollen'),
  'hive-swarm': () => 'This is for a swarm that was taken, not for a colony in its hive.',
  unite: (facts) => {
    if (facts.reading === 'drone-laying')
      return 'Laying workers must be shaken out first; they are not united as they are.';
    return facts.isEitherHalf ? 'It is not known yet which half has the queen: find that out first.' : null;
  },
  'test-comb': forQueenless,
  'give-eggs': forQueenless,
  'give-cell': (facts) => forQueenless(facts) ?? (liveCells(facts) > 0 ? 'It has live cells of its own.' : null),
  'cell-nuc': (facts) =>
    !lays(facts) && liveCells(facts) === 1
      ? 'It has one live cell and no laying queen: it needs that cell itself.'
      : null,
  'add-box': spaceAddition,
  'add-super': () => null,
};

/**
 * Whether a method can be started now. It does not fit when the colony's state rules it out; it would fit if what is missing were
 * there or noted; else it fits, with warnings. A need that was not noted counts as missing, never as met.
 */
export function fitOf(method: Method, facts: FitFacts, settings: Settings): Fit {
  const because = RULED_OUT[method.name](facts) ?? cellsRuleOut(method, facts);
  if (because) return { kind: 'does-not-fit', because };
  const missing = missingFor(method, facts, settings);
  if (missing.length > 0) return { kind: 'would-fit', missing };
  const isLate = method.needs.drones && facts.drones === 'sealed-only';
  const isTooLittle = method.kind === 'room' && liveCells(facts) > 0;
  return {
    kind: 'fits',
    warnings: [
      ...(isLate ? ['Only sealed drone brood as yet: her mating may be late.'] : []),
      ...(method.needs.secondStand && facts.secondStand === null ? ['It takes a second stand.'] : []),
      ...(isTooLittle ? ['There are cells already: room alone no longer keeps them from swarming.'] : []),
    ],
  };
}

function cellsRuleOut({ needs }: Method, { sealedCells }: FitFacts): string | null {
  const isTooLate = needs.cells === 'none-sealed' && sealedCells > 0;
  return isTooLate ? 'Cells are already sealed: she may swarm before it works.' : null;
}

/** Eggs and very young larvae that were seen are too old to make a queen of after this. */
const YOUNG_BROOD_HOLDS = figure('Young brood seen can still be raised as queens for', 3, 'days', SOURCES.queenRearing);

function missingFor({ needs, name }: Method, facts: FitFacts, settings: Settings): readonly Missing[] {
  const { queenFound, broodFrames, coveredSeams, drones, mainFlowInDays, youngBroodAgo } = facts;
  const missing: Missing[] = [];
  const add = (code: MissingCode, text: string) => missing.push({ code, text });
  const atLeast = (
    setting: Method['needs']['broodFrames' | 'coveredSeams'],
    there: number | null,
    code: MissingCode,
    what: string,
  ) => {
    if (setting === null) return;
    const needed = settings[setting];
    if (there === null) add('not-noted', `${what} not counted; at least ${needed} needed`);
    else if (there < needed) add(code, `${needed} ${what} are needed, there are ${there}`);
  };
  const replacesQueen = name === 'requeen-mated' && lays(facts);
  if ((needs.queenFound || replacesQueen) && !queenFound) add('queen-not-found', 'the queen has to be found first');
  atLeast(needs.broodFrames, broodFrames, 'too-little-brood', 'frames of brood');
  atLeast(needs.coveredSeams, coveredSeams, 'too-few-bees', 'covered seams');
  if (needs.drones && drones === null) add('not-noted', 'drones: not looked for; a young queen needs them to mate');
  if (needs.drones && drones === 'none') add('no-drones', 'no drones yet: a young queen could not mate');
  if (needs.cells === 'kept' && liveCells(facts) === 0) add('no-cells', 'there is no live cell to keep');
  if (needs.mainFlow && mainFlowInDays === null) add('not-noted', 'when the main flow comes was not noted');
  else if (needs.mainFlow && (mainFlowInDays as number) > settings.mainFlowNearDays) {
    add('flow-not-near', `the main flow is ${mainFlowInDays} days off, more than ${settings.mainFlowNearDays}`);
  }
  if (needs.secondStand && facts.secondStand === false) add('no-second-stand', 'there is no second stand free');
  const warm = settings.interleaveNightC;
  if (needs.warmNights && facts.coldestNightC === null)
    add('not-noted', `the coldest of the next five nights was not noted; it takes ${warm} °C`);
  else if (needs.warmNights && (facts.coldestNightC as number) < warm)
    add('nights-cold', `nights down to ${facts.coldestNightC} °C, and it takes ${warm}: open the sides instead`);
  if (needs.youngBrood && (youngBroodAgo === null || youngBroodAgo > YOUNG_BROOD_HOLDS.value)) {
    add(
      'no-young-brood',
      `eggs or very young larvae have to be seen, not longer than ${YOUNG_BROOD_HOLDS.value} days ago: without them no queen is raised`,
    );
  }
  if (name === 'requeen-mated' && facts.queenlessFor === 0) {
    add('too-soon', 'it lost its queen today: wait 8 hours at least, better a day, before a bought one is caged in');
  }
  if (name === 'unite' && !inDoubt(facts)) {
    add(
      'queen-in-the-way',
      'both may lay: keep the younger, or the better layer, and take the other out the day before',
    );
  }
  const mustBeClear = name === 'requeen-mated' || name === 'walk-away' || name === 'even-split';
  if (mustBeClear && liveCells(facts) > 0)
    add('cells-in-the-way', 'live cells have to be broken down first, or given away');
  return missing;
}
