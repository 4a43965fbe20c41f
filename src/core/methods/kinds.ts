import type { MethodKind } from './method';

/** What methods are for, in the order in which they are read. */
export const METHOD_KINDS_IN_ORDER = ['swarm', 'room', 'queen', 'increase'] as const satisfies readonly MethodKind[];
