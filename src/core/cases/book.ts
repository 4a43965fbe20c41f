import { type Day, day, dayOfMinute, formatDay } from '../calendar/day';
import { assembleFacts, type CellMoveFact, type OwnFacts } from '../colony/assemble';
import type { CellFact, ColonyFacts, InspectionFact } from '../colony/facts';
import { methodNamed, newUnitOf } from '../methods/methods';
import type { CheckAnswerFact, ProgrammeFact } from '../programmes/facts';
import { DEFAULT_SETTINGS, type Settings } from '../settings/settings';
import type { Case, CaseMove, CaseStart } from './case';

/** The settings that a case is read with: as they come. */
export const CASE_SETTINGS: Settings = DEFAULT_SETTINGS;

/** The letter of a cell: a to z, then aa and on. */
function letter(n: number): string {
  const [first, rest] = [Math.floor(n / 26), n % 26];
  const of = (i: number) => String.fromCharCode('a'.charCodeAt(0) + i);
  return first === 0 ? of(rest) : of(first - 1) + of(rest);
}

/** Which colonies there are: those of the beginning, and those that came of a method, with what they began as. */
function coloniesOf({ colonies, from }: Case, moves: readonly CaseMove[]): Map<string, OwnFacts> {
  const none = { endedOn: null, cells: [], inspections: [], queenEvents: [], surveys: [] } as const;
  const own = new Map<string, OwnFacts>(
    colonies.map(({ id }) => [id, { ...none, startedOn: day(formatDay(from)), origin: 'established' }]),
  );
  for (const move of moves) {
    if (move.kind !== 'start' || move.newColonyId === null) continue;
    const origin = newUnitOf(methodNamed(move.method))?.name === 'nuc' ? 'nuc' : 'split';
    own.set(move.newColonyId, { ...none, startedOn: move.on, origin });
  }
  return own;
}

const programmeOf = ({
  id,
  colonyId,
  method,
  at,
  on,
  keptCellIds,
  newColonyId,
  buysQueen,
}: CaseStart): ProgrammeFact => ({
  id,
  colonyId,
  method,
  at,
  on,
  to: null,
  endedOn: null,
  secondThinning: CASE_SETTINGS.secondThinning,
  onlySealedBroodUp: false,
  queenShakenDown: false,
  buysQueen,
  turnsDaily: false,
  queenId: null,
  units: methodNamed(method).units.map(({ name, isNewColony }) => ({
    unit: name,
    colonyId: isNewColony && newColonyId !== null ? newColonyId : colonyId,
  })),
  keptCellIds,
});

/** Cells kept by a method hang in the unit that raises a queen: where that is the new colony, they went with it. */
function movesOfCells(start: CaseStart, labelled: ReadonlyMap<string, string>): readonly CellMoveFact[] {
  const method = methodNamed(start.method);
  const toColonyId = start.newColonyId;
  if (toColonyId === null || newUnitOf(method)?.name !== method.raisesQueen?.unit) return [];
  return start.keptCellIds.map((cellId) => ({
    id: `${start.id}-${cellId}`,
    cellId,
    toColonyId,
    label: labelled.get(cellId) ?? '',
    at: start.at,
    on: start.on,
    travel: 'on-frame',
  }));
}

/** The book that the keeper has written so far: what was entered, and nothing of what is true beside it. */
export function bookOf(played: Case, moves: readonly CaseMove[]): ReadonlyMap<string, ColonyFacts> {
  const own = coloniesOf(played, moves);
  const labels = new Map<string, string>();
  const counts = new Map<string, number>();
  for (const move of moves) {
    if (move.kind !== 'look') continue;
    const facts = own.get(move.colonyId);
    if (!facts) throw new Error(`No colony ${move.colonyId} in this case`);
    const { cells: seen, colonyId: _, ...inspection } = move.entry;
    const found = seen.flatMap(({ cellId, newCell }): CellFact[] => {
      if (!newCell || labels.has(cellId)) return [];
      const n = counts.get(move.colonyId) ?? 0;
      counts.set(move.colonyId, n + 1);
      labels.set(cellId, letter(n));
      return [{ id: cellId, label: letter(n), ...newCell }];
    });
    const look: InspectionFact = { ...inspection, on: dayOfMinute(inspection.at), to: null, cells: seen };
    own.set(move.colonyId, {
      ...facts,
      cells: [...facts.cells, ...found],
      inspections: [...facts.inspections, look],
    });
  }
  const starts = moves.filter((move) => move.kind === 'start');
  const answers = moves
    .filter((move) => move.kind === 'answer')
    .map(({ kind: _, ...answer }): CheckAnswerFact => ({ ...answer, queenlessColonyId: null }));
  return assembleFacts(own, {
    programmes: starts.map(programmeOf),
    answers,
    changes: [],
    cellMoves: starts.flatMap((start) => movesOfCells(start, labels)),
  });
}

/** The minute at which the next thing of a day is done: one after another from the morning on. */
export function minuteOf(on: Day, moves: readonly CaseMove[]): string {
  const done = moves.filter((move) => move.on === on).length;
  const [hours, minutes] = [10 + Math.floor(done / 6), (done % 6) * 10];
  const two = (n: number) => String(n).padStart(2, '0');
  return `${formatDay(on)}T${two(hours)}:${two(minutes)}`;
}
