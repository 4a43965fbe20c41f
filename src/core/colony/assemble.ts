import type { Day } from '../calendar/day';
import type { CheckAnswerFact, CheckChangeFact, ProgrammeFact } from '../programmes/facts';
import { unitsOf } from '../programmes/parts';
import {
  type CellArrival,
  type CellFact,
  type CellTravel,
  type ColonyFacts,
  daysOf,
  type InspectionFact,
} from './facts';
import { checkOf, followCells, type TrackedCell } from './track-cells';

/** What was entered for one colony, apart from what it shares with others. */
export type OwnFacts = Pick<
  ColonyFacts,
  | 'startedOn'
  | 'enteredOn'
  | 'endedOn'
  | 'origin'
  | 'swarmMonths'
  | 'year'
  | 'cells'
  | 'inspections'
  | 'queenEvents'
  | 'surveys'
  | 'afternoons'
>;

/** A cell that went from one colony to another. */
export interface CellMoveFact {
  readonly id: string;
  readonly cellId: string;
  readonly toColonyId: string;
  readonly label: string;
  /** Local minute; null: not noted. */
  readonly at: string | null;
  readonly on: Day;
  readonly travel: CellTravel;
}

/** What colonies share. */
export interface SharedFacts {
  readonly programmes: readonly ProgrammeFact[];
  readonly answers: readonly CheckAnswerFact[];
  readonly changes: readonly (CheckChangeFact & { readonly colonyId: string })[];
  readonly cellMoves: readonly CellMoveFact[];
}

/** Puts each colony's facts together with those that it shares with others: programmes, and cells given and taken. */
export function assembleFacts(
  own: ReadonlyMap<string, OwnFacts>,
  shared: SharedFacts,
): ReadonlyMap<string, ColonyFacts> {
  const giverOf = new Map([...own].flatMap(([id, { cells }]) => cells.map((cell) => [cell.id, { id, cell }] as const)));
  return new Map([...own].map(([id, facts]) => [id, { ...facts, ...sharedBy(id, own, shared, giverOf) }]));
}

function sharedBy(
  id: string,
  own: ReadonlyMap<string, OwnFacts>,
  { programmes, answers, changes, cellMoves }: SharedFacts,
  giverOf: ReadonlyMap<string, { readonly id: string; readonly cell: CellFact }>,
): Omit<ColonyFacts, keyof OwnFacts> {
  const parts = programmes
    .filter((programme) => unitsOf(programme, id).length > 0)
    .map((programme) => {
      const others = new Set(programme.units.map(({ colonyId }) => colonyId).filter((colonyId) => colonyId !== id));
      return {
        colonyId: id,
        programme,
        queenClipped: isClipped(programme, own),
        otherHalfLooks: [...others].flatMap((other) => own.get(other)?.inspections ?? []),
      };
    });
  const ids = new Set(parts.map(({ programme }) => programme.id));
  return {
    parts,
    answers: answers.filter(
      ({ programmeId, colonyId, code }) => ids.has(programmeId) && (colonyId === id || code === 'which-half'),
    ),
    changes: changes.filter(({ colonyId }) => colonyId === id),
    departures: cellMoves
      .filter(({ cellId }) => giverOf.get(cellId)?.id === id)
      .map(({ id: moveId, at, on, cellId, toColonyId }) => ({ id: moveId, at, on, cellId, toColonyId })),
    arrivals: cellMoves
      .filter(({ toColonyId }) => toColonyId === id)
      .flatMap(({ id: moveId, at, on, cellId, label, travel }): CellArrival[] => {
        const giver = giverOf.get(cellId);
        const facts = giver && own.get(giver.id);
        const cell = facts && asItLeft(giver.cell, facts, on);
        return cell
          ? [
              {
                id: moveId,
                at,
                on,
                travel,
                cell: { ...cell, cell: { ...cell.cell, label, box: null, frame: null, part: null } },
              },
            ]
          : [];
      }),
  };
}

/** The queen was clipped in one of the programme's colonies before it began. */
function isClipped({ queenId, on, colonyId, units }: ProgrammeFact, own: ReadonlyMap<string, OwnFacts>): boolean {
  if (queenId === null) return false;
  const members = new Set([colonyId, ...units.map((unit) => unit.colonyId)]);
  return [...members].some((member) =>
    own
      .get(member)
      ?.queenEvents.some((event) => event.kind === 'clipped' && event.queenId === queenId && event.on <= on),
  );
}

/**
 * A cell as it was known on the day it left its colony, from what was seen of it there; null when it was never seen. That its own
 * colony counts it as broken down that day says nothing against it.
 */
function asItLeft(cell: CellFact, { inspections, queenEvents }: OwnFacts, on: Day): TrackedCell | null {
  const looks = inspections.filter((look) => look.on <= on).sort(byTime);
  const removals = queenEvents
    .filter((event) => event.on <= on && (event.kind === 'removed' || event.kind === 'lost'))
    .map(daysOf);
  const followed = new Map<string, TrackedCell>();
  const facts = new Map([[cell.id, cell]]);
  looks.forEach((look, i) => {
    const seen = look.cells
      .filter(({ cellId }) => cellId === cell.id)
      .map((one) => (look.on === on ? { ...one, takenDown: false } : one));
    followCells(followed, facts, { ...look, cells: seen }, looks.slice(0, i + 1).map(checkOf), removals);
  });
  return followed.get(cell.id) ?? null;
}

const byTime = (a: InspectionFact, b: InspectionFact) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0);
