import { z } from 'zod';
import type { Said } from '../says/said';
import { LIMITS } from './limits';

/** What was said and is kept: its code, with what goes into it. Whether the code is known shows when it is read. */
export const saidField: z.ZodType<Said> = z
  .strictObject({
    says: z
      .string()
      .max(LIMITS.code)
      .regex(/^[a-z]+\/[a-z-]+$/),
    with: z.record(z.string().max(LIMITS.code), z.unknown()).optional(),
  })
  .transform(({ says, with: params }): Said => (params === undefined ? { says } : { says, with: params }));
