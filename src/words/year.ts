/** The parts of an apiary's year, as they stand on a band. */
export const YEAR_BAND_NAMES = {
  'build-up': 'build-up',
  'swarm-season': 'swarm season',
  'after-season': 'after the season',
  dearth: 'dearth',
  'autumn-flow': 'autumn flow',
} as const;
