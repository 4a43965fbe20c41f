import { day, dayOfMinute } from '../calendar/day';
import type { InspectionEntry } from '../facts/entry';
import type { CellFact, ColonyFacts, InspectionFact } from './facts';

/** The colony's facts as they would be with this entry, in place of what stands under its id. New cells have no letter yet. */
export function factsWith(facts: ColonyFacts, entry: InspectionEntry): ColonyFacts {
  const { cells, colonyId: _, to, ...inspection } = entry;
  const fact: InspectionFact = { ...inspection, on: dayOfMinute(entry.at), to: to === null ? null : day(to), cells };
  const isKnown = new Set(facts.cells.map(({ id }) => id));
  const found = cells.flatMap(({ cellId, newCell }): CellFact[] =>
    newCell && !isKnown.has(cellId) ? [{ id: cellId, label: 'new', ...newCell }] : [],
  );
  return {
    ...facts,
    cells: [...facts.cells, ...found],
    inspections: [...facts.inspections.filter(({ id }) => id !== entry.id), fact],
  };
}

/** The colony's facts as they would be without an inspection. */
export function factsWithout(facts: ColonyFacts, inspectionId: string): ColonyFacts {
  return { ...facts, inspections: facts.inspections.filter(({ id }) => id !== inspectionId) };
}
