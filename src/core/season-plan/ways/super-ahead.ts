import type { IntendedAct } from '../way';

/** Supers go on ahead of the flow, however a colony is run. */
export const superAhead: IntendedAct = {
  code: 'super',
  method: 'add-super',
  hangsOn: 'flow',
  days: { from: -14, ideal: -7, to: 3 },
  givesWayTo: ['swarmed'],
};
