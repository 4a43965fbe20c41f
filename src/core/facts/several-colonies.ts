import { z } from 'zod';
import { colonyFact } from './colony';
import { LIMITS } from './limits';

/** Colonies that are entered in one go: all of them or none. */
export const severalColonies = z.strictObject({
  colonies: z.array(colonyFact).min(1).max(LIMITS.coloniesAtOnce).readonly(),
});

export type SeveralColonies = z.infer<typeof severalColonies>;
