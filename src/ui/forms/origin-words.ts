import type { ColonyOrigin } from '../../core/colony/facts';

/** How a colony began, as it is chosen from a list. */
export const ORIGIN_WORDS: { readonly [O in ColonyOrigin]: string } = {
  established: 'established',
  nuc: 'a nuc with a laying queen',
  'prime-swarm': 'a prime swarm, hived',
  cast: 'a cast, hived (virgin queen)',
  split: 'a split',
};
