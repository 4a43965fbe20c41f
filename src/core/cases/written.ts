import { type CellStage, STAGES } from '../cells/stage';
import type { ColonyFacts } from '../colony/facts';
import type { EntryCell, InspectionEntry } from '../facts/entry';
import type { CellSeen, Sight } from './sight';

const NOTHING_MORE = {
  to: null,
  until: null,
  queenHandled: 'left',
  piping: 'not-listened',
  isByHelper: false,
  droneBroodInWorkerCells: 'none',
  severalEggsPerCell: 'none',
  temper: 'not-noted',
  food: 'not-looked-for',
  note: '',
} as const;

interface Written {
  readonly id: string;
  readonly colonyId: string;
  readonly at: string;
  /** Ids of cells that are broken down. */
  readonly down: ReadonlySet<string>;
}

const withoutId = ({ place, box, frame, part }: CellSeen) => ({ place, box, frame, part });

/**
 * What a look showed, written down as it was: each cell by what it can be told to be, and those that were known and are not there any more, where
 * the search was one that would have found them.
 */
export function writtenDown(
  sight: Sight,
  facts: Pick<ColonyFacts, 'cells' | 'inspections'>,
  to: Written,
): InspectionEntry {
  const { id, colonyId, at, down } = to;
  const { searched, cells, queen, queenSeenAs, eggs, youngest, stores, layingRoomDays } = sight;
  const known = new Set(facts.cells.map((cell) => cell.id));
  const over = new Set(
    facts.inspections.flatMap((look) =>
      look.cells
        .filter(({ takenDown, found }) => takenDown || found === 'not-found' || found === 'removed')
        .map(({ cellId }) => cellId),
    ),
  );
  const there = new Set(cells.map((cell) => cell.id));
  const seen = cells
    .filter((cell) => !over.has(cell.id))
    .map(
      (cell): EntryCell => ({
        observationId: `${id}-${cell.id}`,
        cellId: cell.id,
        found: cell.stages[0] ?? 'sealed',
        takenDown: down.has(cell.id),
        newCell: known.has(cell.id) ? null : withoutId(cell),
      }),
    );
  const gone =
    searched === 'tip-up'
      ? []
      : [...known]
          .filter((cellId) => !there.has(cellId) && !over.has(cellId))
          .map(
            (cellId): EntryCell => ({
              observationId: `${id}-${cellId}`,
              cellId,
              found: 'not-found',
              takenDown: false,
              newCell: null,
            }),
          );
  const { broodFrames, coveredSeams, drones } = sight;
  return {
    ...NOTHING_MORE,
    ...(searched === 'tip-up'
      ? { droneBroodInWorkerCells: 'not-looked-for' as const, severalEggsPerCell: 'not-looked-for' as const }
      : {}),
    id,
    colonyId,
    at,
    thoroughness: searched,
    queen,
    queenSeenAs,
    eggs,
    youngest,
    stores,
    layingRoomDays,
    broodFrames,
    coveredSeams,
    drones,
    cells: [...seen, ...gone],
  };
}

/** How far on a stage is; what has no place in a cell's life comes last. */
const rank = (stage: CellStage): number => STAGES[stage].rank ?? -1;

/**
 * The entry with its new cells put to those that were seen: the oldest as it was written to the oldest that hung there. Cells that were written
 * and are not there keep what they were called.
 */
export function linkedTo(entry: InspectionEntry, { cells }: Pick<Sight, 'cells'>): InspectionEntry {
  const named = new Set(entry.cells.map(({ cellId }) => cellId));
  const free = cells
    .filter(({ id }) => !named.has(id))
    .sort((a, b) => rank(b.stages[0] ?? 'cup-dry') - rank(a.stages[0] ?? 'cup-dry'));
  const isOf = (id: string) => cells.some((cell) => cell.id === id);
  const fresh = entry.cells
    .filter(({ newCell, cellId, found }) => newCell !== null && !isOf(cellId) && found !== 'not-found')
    .sort((a, b) => rank(b.found as CellStage) - rank(a.found as CellStage));
  const linked = new Map(fresh.map(({ cellId }, n) => [cellId, free[n]?.id ?? cellId]));
  return { ...entry, cells: entry.cells.map((one) => ({ ...one, cellId: linked.get(one.cellId) ?? one.cellId })) };
}
