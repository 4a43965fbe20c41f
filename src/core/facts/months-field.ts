import { z } from 'zod';

/** Months of the year, 1 to 12, at least one. */
export const monthsField = z.array(z.int().min(1).max(12)).min(1).max(12).readonly();
