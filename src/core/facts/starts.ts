import { z } from 'zod';
import { LIMITS } from './limits';
import { programmeStart } from './programme-start';

/** A method with the cells that go to other colonies on the same visit, each of them a start of its own there. */
export const startsEntry = z.strictObject({
  start: programmeStart,
  gifts: z.array(programmeStart).max(LIMITS.cellsPerInspection).readonly(),
});

export type Starts = z.infer<typeof startsEntry>;

/** The same, done on another day and minute than was thought when it was planned. */
export function startsOn({ start, gifts }: Starts, at: string): Starts {
  const when = { on: at.slice(0, 10), to: null, at };
  return { start: { ...start, ...when }, gifts: gifts.map((gift) => ({ ...gift, ...when })) };
}
