import type { MethodName } from './method';
import { methodNamed } from './methods';

/** The method sets brood above an excluder, where it raises cells, and has a search of its own for them. */
export const liftsBrood = (method: MethodName): boolean =>
  methodNamed(method).followUps.some(({ code }) => code === 'clear-top-cells');
