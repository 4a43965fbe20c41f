import type { InspectionRow } from '../../facts/inspection';
import type { SeasonFacts } from '../../formats/season-file';
import { byTime, namesOf, standing } from '../names';
import { type Column, type Sheet, sheetOf } from '../sheet';

/** What each field of an inspection is called; one more does not compile before it has its name. */
const INSPECTION_HEADS: { readonly [F in Exclude<keyof InspectionRow, 'colonyId'>]: string } = {
  id: 'id',
  at: 'at',
  to: 'or-as-late-as',
  until: 'shut-again-at',
  thoroughness: 'searched',
  queen: 'queen',
  queenSeenAs: 'which-queen',
  queenHandled: 'queen-was',
  piping: 'piping',
  isByHelper: 'by-a-helper',
  eggs: 'eggs',
  youngest: 'youngest-brood',
  droneBroodInWorkerCells: 'drone-brood-in-worker-cells',
  severalEggsPerCell: 'several-eggs-to-a-cell',
  stores: 'stores',
  layingRoomDays: 'days-of-laying-room',
  broodFrames: 'frames-of-brood',
  coveredSeams: 'covered-seams',
  drones: 'drones',
  temper: 'temper',
  food: 'food',
  note: 'note',
};

type Row = SeasonFacts['inspections'][number];
const FIELDS = Object.keys(INSPECTION_HEADS) as (keyof typeof INSPECTION_HEADS)[];

/** Every inspection, the earliest first: one line each. */
export function inspectionsSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const field = (name: (typeof FIELDS)[number]): Column<Row> => ({
    head: INSPECTION_HEADS[name],
    of: (row) => row[name],
  });
  const columns: readonly Column<Row>[] = [
    { head: 'apiary', of: ({ colonyId }) => names.apiaryOf(colonyId) },
    { head: 'colony', of: ({ colonyId }) => names.colony(colonyId) },
    ...FIELDS.filter((name) => name !== 'id').map(field),
    { head: 'colony-id', of: ({ colonyId }) => colonyId },
    field('id'),
  ];
  return sheetOf(columns, byTime(standing(facts.inspections)));
}
