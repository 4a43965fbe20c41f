import { figure } from '../biology/figure';
import type { Stores } from '../colony/facts';
import type { QueenExpected } from '../inspections/inspection-seen';
import type { ReadingName } from '../inspections/reading';
import type { Said } from '../says/said';
import type { Settings } from '../settings/settings';
import type { Method, MethodName } from './method';
import { say } from './says';

/** What is known of a colony when methods are weighed. Null: not noted, which is neither enough nor too little. */
export interface FitFacts {
  readonly reading: ReadingName | null;
  readonly queen: QueenExpected;
  /** She has probably left with a swarm. */
  readonly presumedGone: boolean;
  /** Nobody has looked into it yet, nor noted a queen: what `queen` says is only what such a colony has as a rule. */
  readonly isUnseen: boolean;
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
  readonly text: Said;
}

/** Never hidden, always with the reason. */
export type Fit =
  | { readonly kind: 'fits'; readonly warnings: readonly Said[] }
  | { readonly kind: 'would-fit'; readonly missing: readonly Missing[] }
  | { readonly kind: 'does-not-fit'; readonly because: Said };

const lays = ({ queen, presumedGone }: FitFacts) => queen === 'laying' && !presumedGone;
const liveCells = ({ openCells, sealedCells }: FitFacts) => openCells + sealedCells;

/** Something says that she is gone or failing, whatever was known before. */
const inDoubt = (facts: FitFacts) => !lays(facts) || facts.reading === 'queen-missing';
const forQueenless = (facts: FitFacts) => {
  if (facts.reading === 'drone-laying') return say('would-spoil-it');
  if (inDoubt(facts)) return null;
  return facts.isUnseen ? say('queen-not-known') : say('has-its-own-queen');
};

const NEEDS_LAYING_QUEEN = say('no-queen-to-part');
const swarmMethod = (facts: FitFacts) => {
  if (facts.isEitherHalf) return say('half-not-known');
  return lays(facts) && facts.reading !== 'drone-laying' ? null : NEEDS_LAYING_QUEEN;
};
/** With eggs in cups and nothing more, room is what is thought of first; once a larva is in one, room alone comes too late. */
const spaceAddition = (facts: FitFacts) =>
  liveCells(facts) > 0 && facts.reading !== 'early-preparing' ? say('room-too-late') : null;
const boundBy = (by: Stores & ('honey' | 'pollen')) => (facts: FitFacts) =>
  facts.stores === by ? spaceAddition(facts) : facts.stores === 'not-looked-for' ? null : say('nest-not-bound', { by });

/** Why a method is not for a colony as it stands, whatever else were true; null when it may be. */
const RULED_OUT: { readonly [M in MethodName]: (facts: FitFacts) => Said | null } = {
  'nuc-swarm': swarmMethod,
  'old-site-swarm': swarmMethod,
  demaree: swarmMethod,
  'part-demaree': swarmMethod,
  'walk-away': swarmMethod,
  'even-split': swarmMethod,
  'queen-split': swarmMethod,
  'vertical-split': swarmMethod,
  'requeen-mated': ({ reading }) => (reading === 'drone-laying' ? say('would-kill-her') : null),
  'after-swarm': ({ presumedGone, reading }) => {
    if (reading === 'cast-risk') {
      return say('keep-no-cell');
    }
    return presumedGone || reading === 'swarmed' ? null : say('not-swarmed');
  },
  'open-sides': spaceAddition,
  interleave: spaceAddition,
  'honey-bound': boundBy('honey'),
  'pollen-bound': boundBy('pollen'),
  'hive-swarm': () => say('only-for-a-swarm'),
  unite: (facts) => {
    if (facts.reading === 'drone-laying') return say('shake-out-first');
    return facts.isEitherHalf ? say('which-half-not-known') : null;
  },
  'test-comb': forQueenless,
  'give-eggs': forQueenless,
  'give-cell': (facts) => forQueenless(facts) ?? (liveCells(facts) > 0 ? say('has-live-cells') : null),
  'cell-nuc': (facts) => (!lays(facts) && liveCells(facts) === 1 ? say('needs-its-only-cell') : null),
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
      ...(isLate ? [say('drones-only-sealed')] : []),
      ...(method.needs.secondStand && facts.secondStand === null ? [say('takes-second-stand')] : []),
      ...(isTooLittle ? [say('room-alone-too-late')] : []),
    ],
  };
}

function cellsRuleOut({ needs }: Method, { sealedCells }: FitFacts): Said | null {
  const isTooLate = needs.cells === 'none-sealed' && sealedCells > 0;
  return isTooLate ? say('already-sealed') : null;
}

/** Eggs and very young larvae that were seen are too old to make a queen of after this. */
const YOUNG_BROOD_HOLDS = figure('young-brood-seen-can-still-be-raised-as-queens-for', 3, 'days', 'queenRearing');

function missingFor({ needs, name }: Method, facts: FitFacts, settings: Settings): readonly Missing[] {
  const { queenFound, broodFrames, coveredSeams, drones, mainFlowInDays, youngBroodAgo } = facts;
  const missing: Missing[] = [];
  const add = (code: MissingCode, text: Said) => missing.push({ code, text });
  const atLeast = (
    setting: Method['needs']['broodFrames' | 'coveredSeams'],
    there: number | null,
    code: MissingCode,
    what: 'frames-of-brood' | 'covered-seams',
  ) => {
    if (setting === null) return;
    const needed = settings[setting];
    if (there === null) add('not-noted', say('not-counted', { what, needed }));
    else if (there < needed) add(code, say('are-needed', { needed, what, there }));
  };
  const replacesQueen = name === 'requeen-mated' && lays(facts);
  if ((needs.queenFound || replacesQueen) && !queenFound) add('queen-not-found', say('queen-not-found'));
  atLeast(needs.broodFrames, broodFrames, 'too-little-brood', 'frames-of-brood');
  atLeast(needs.coveredSeams, coveredSeams, 'too-few-bees', 'covered-seams');
  if (needs.drones && drones === null) add('not-noted', say('drones-not-looked-for'));
  if (needs.drones && drones === 'none') add('no-drones', say('no-drones'));
  if (needs.cells === 'kept' && liveCells(facts) === 0) add('no-cells', say('no-live-cell'));
  if (needs.mainFlow && mainFlowInDays === null) add('not-noted', say('flow-not-noted'));
  else if (needs.mainFlow && (mainFlowInDays as number) > settings.mainFlowNearDays) {
    add('flow-not-near', say('flow-too-far', { inDays: mainFlowInDays as number, near: settings.mainFlowNearDays }));
  }
  if (needs.secondStand && facts.secondStand === false) add('no-second-stand', say('no-second-stand'));
  const warm = settings.interleaveNightC;
  if (needs.warmNights && facts.coldestNightC === null) add('not-noted', say('nights-not-noted', { warmC: warm }));
  else if (needs.warmNights && (facts.coldestNightC as number) < warm)
    add('nights-cold', say('nights-too-cold', { coldestC: facts.coldestNightC as number, warmC: warm }));
  if (needs.youngBrood && (youngBroodAgo === null || youngBroodAgo > YOUNG_BROOD_HOLDS.value)) {
    add('no-young-brood', say('no-young-brood', { days: YOUNG_BROOD_HOLDS.value }));
  }
  if (needs.missesQueen && facts.queenlessFor === 0) {
    add('too-soon', say('queenless-today'));
  }
  if (needs.doubtfulQueen && !inDoubt(facts)) {
    add('queen-in-the-way', say('both-may-lay'));
  }
  if (needs.cells === 'none' && liveCells(facts) > 0) add('cells-in-the-way', say('cells-in-the-way'));
  return missing;
}
