import type { Settings } from '../settings/settings';
import { type FitFacts, fitOf } from './fit';
import { METHOD_KINDS, type MethodName } from './method';
import { METHODS } from './methods';

/**
 * The method that fits a colony first as it stands, by the order of their kinds; else the first that would fit, were something more known or
 * there. A swarm is hived, which is no choice for a colony. Null: none.
 */
export function fitsFirst(facts: FitFacts, settings: Settings): MethodName | null {
  const weighed = METHOD_KINDS.flatMap((kind) =>
    METHODS.filter((method) => method.kind === kind && method.name !== 'hive-swarm'),
  ).map((method) => ({ name: method.name, fit: fitOf(method, facts, settings).kind }));
  const first = weighed.find(({ fit }) => fit === 'fits') ?? weighed.find(({ fit }) => fit === 'would-fit');
  return first?.name ?? null;
}
