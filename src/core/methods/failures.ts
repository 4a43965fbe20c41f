/** How a method can fail. */
export const FAILURES = [
  'cells-on-top-late',
  'cells-again-below',
  'no-eggs-of-the-swarm',
  'no-eggs-came',
  'drone-layer',
  'caged-queen-not-taken',
  'eggs-in-cups-anyway',
  'cells-on-test-frame',
  'fighting',
  'cells-in-neither-half',
] as const;
export type FailureCode = (typeof FAILURES)[number];
