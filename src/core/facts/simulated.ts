import { z } from 'zod';
import { idField } from './fields';

/** What the demo's simulated devices can be asked for: a cold week of a station, a swarm of a scale. */
export const simulatedWish = z.strictObject({ kind: z.enum(['weather', 'scale']), ofId: idField });
export type SimulatedWish = z.infer<typeof simulatedWish>;
