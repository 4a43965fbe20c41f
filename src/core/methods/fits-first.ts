import type { ReadingName } from '../inspections/reading';
import type { Settings } from '../settings/settings';
import { type FitFacts, fitOf } from './fit';
import { METHOD_KINDS, type MethodKind, type MethodName } from './method';
import { METHODS } from './methods';

/** The kinds of methods that a reading asks for, in the order in which they are thought of: who lacks room is given room, and no other queen. */
export const kindsAsked = (reading: ReadingName | null): readonly MethodKind[] =>
  reading === 'congested' ? ['room'] : METHOD_KINDS;

/**
 * The method that fits a colony first as it stands, by the order of the kinds that its reading asks for; else the first that would fit, were something more known or
 * there. A swarm is hived, which is no choice for a colony. Null: none.
 */
export function fitsFirst(facts: FitFacts, settings: Settings): MethodName | null {
  const weighed = kindsAsked(facts.reading)
    .flatMap((kind) => METHODS.filter((method) => method.kind === kind && method.name !== 'hive-swarm'))
    .map((method) => ({ name: method.name, fit: fitOf(method, facts, settings).kind }));
  const first = weighed.find(({ fit }) => fit === 'fits') ?? weighed.find(({ fit }) => fit === 'would-fit');
  return first?.name ?? null;
}
