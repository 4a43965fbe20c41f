import type { SeasonFacts } from '../../formats/season-file';
import { namesOf, standing } from '../names';
import { type Sheet, sheetOf } from '../sheet';

/** Every cell at every inspection that saw it, or looked for it and did not: one line each, the earliest first. */
export function cellsSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const looks = new Map(standing(facts.inspections).map((look) => [look.id, look]));
  const cells = new Map(facts.cells.map((cell) => [cell.id, cell]));
  const rows = facts.cellObservations.flatMap((seen) => {
    const [look, cell] = [looks.get(seen.inspectionId), cells.get(seen.cellId)];
    return look && cell ? [{ seen, look, cell }] : [];
  });
  rows.sort((a, b) => (a.look.at < b.look.at ? -1 : a.look.at > b.look.at ? 1 : a.cell.label < b.cell.label ? -1 : 1));
  return sheetOf(
    [
      { head: 'apiary', of: ({ look }) => names.apiaryOf(look.colonyId) },
      { head: 'colony', of: ({ look }) => names.colony(look.colonyId) },
      { head: 'at', of: ({ look }) => look.at },
      { head: 'cell', of: ({ cell }) => cell.label },
      { head: 'found', of: ({ seen }) => seen.found },
      { head: 'broken-down', of: ({ seen }) => seen.takenDown },
      { head: 'hangs', of: ({ cell }) => cell.place },
      { head: 'box', of: ({ cell }) => cell.box },
      { head: 'frame', of: ({ cell }) => cell.frame },
      { head: 'above-or-below-the-excluder', of: ({ cell }) => cell.part },
      { head: 'cell-id', of: ({ cell }) => cell.id },
      { head: 'first-in', of: ({ cell }) => names.colony(cell.colonyId) },
      { head: 'inspection-id', of: ({ look }) => look.id },
      { head: 'colony-id', of: ({ look }) => look.colonyId },
      { head: 'id', of: ({ seen }) => seen.id },
    ],
    rows,
  );
}
