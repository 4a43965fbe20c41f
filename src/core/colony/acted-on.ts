import type { Day } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';

/** Readings that more room is an answer to. */
const ROOM_ANSWERS: ReadonlySet<ReadingName> = new Set(['congested', 'cups-only', 'settled']);

/** Whether a programme begun since a look is what was done about what it read. */
export function isActedOn(
  look: { readonly on: Day; readonly reading: ReadingName },
  parts: readonly ProgrammePart[],
): boolean {
  return parts.some(({ programme, queen }) => {
    if (programme.on < look.on || queen === 'ends') return false;
    const { kind } = methodNamed(programme.method);
    if (kind === 'increase') return queen !== 'unchanged';
    return kind !== 'room' || ROOM_ANSWERS.has(look.reading);
  });
}
