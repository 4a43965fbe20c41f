import type { InspectionEntry } from './entry';

/** What an entry says, whatever the order in which its cells are listed. */
export function comparable(entry: InspectionEntry): InspectionEntry {
  const byId = [...entry.cells].sort((a, b) => (a.observationId < b.observationId ? -1 : 1));
  return { ...entry, cells: byId };
}
