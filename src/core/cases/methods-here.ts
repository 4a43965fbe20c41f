import type { DayRange } from '../calendar/window';
import type { BesideColony } from '../choices/asked-of';
import { fitFactsOf } from '../colony/fit-facts';
import { type Fit, fitOf } from '../methods/fit';
import { METHOD_KINDS, type Method, type MethodName } from '../methods/method';
import { METHODS } from '../methods/methods';
import { CHOICES } from '../population/asked';
import type { ColonyState } from '../state/fold';
import { CASE_SETTINGS } from './book';

/**
 * What a case can be played with: each method of which it is reckoned what it does with bees and brood, cells kept after a swarm, young brood for a
 * hive that may have no queen, and room.
 */
const BESIDE: readonly MethodName[] = ['after-swarm', 'test-comb', 'give-eggs', 'add-box', 'add-super'];
const NAMES: ReadonlySet<string> = new Set([...CHOICES, ...BESIDE]);

/** In the order in which they are thought of. */
export const CASE_METHODS: readonly Method[] = METHOD_KINDS.flatMap((kind) =>
  METHODS.filter((method) => method.kind === kind && NAMES.has(method.name)),
);

/** It stays mild, and there is another stand: a case has no weather of its own. */
export const PLACE = { coldestNightC: 12, secondStand: true } as const;

/** What a case's colonies are asked of: swarms come, nothing in particular is wanted, and there are others to help. */
export const CASE_PLACE: Omit<BesideColony, 'flow'> = {
  season: 'swarm-season',
  coldestOfNextFive: PLACE.coldestNightC,
  secondStand: PLACE.secondStand,
  otherColonies: 3,
  wanted: 'nothing',
  earlyFirst: 'room',
  kit: null,
};

export interface MethodHere {
  readonly method: Method;
  readonly fit: Fit;
}

/** Every method of a case weighed for a colony as it stands in the book. */
export function methodsHere(state: ColonyState, mainFlow: DayRange): readonly MethodHere[] {
  const facts = fitFactsOf(state, mainFlow, PLACE);
  return CASE_METHODS.map((method) => ({ method, fit: fitOf(method, facts, CASE_SETTINGS) }));
}

/** Without the queen in hand, or without a cell, some cannot be done at all; all else the keeper may do against advice. */
const CANNOT: ReadonlySet<string> = new Set(['queen-not-found', 'no-cells', 'too-soon']);

export const mayBegin = (fit: Fit): boolean =>
  fit.kind === 'fits' || (fit.kind === 'would-fit' && !fit.missing.some(({ code }) => CANNOT.has(code)));
