/** A run of all tests leaves out what takes minutes; `npm run test:long` does not. */
export const isLong = process.env.UBBET_LONG === '1';

const SHARE = Number(process.env.UBBET_TRIES ?? (isLong ? 1 : 0.2));

/**
 * How often a property is tried: so often with `npm run test:long`, a fifth of it otherwise. `UBBET_TRIES=10` tries it ten times as
 * often.
 */
export const tries = (often: number): number => Math.max(1, Math.ceil(often * SHARE));
