import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { liftsBrood } from '../methods/lifts-brood';
import { methodNamed } from '../methods/methods';
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
  const factsOf: FactsOf = (id, generations) => {
    const facts = own.get(id);
    return facts ? { ...facts, ...sharedBy(id, own, shared, giverOf, (other) => handedOn(other, generations)) } : null;
  };
  const handedOn = (id: string, generations: number) => (generations > 0 ? factsOf(id, generations - 1) : null);
  return new Map([...own.keys()].map((id) => [id, factsOf(id, GENERATIONS) as ColonyFacts]));
}

/** A colony's facts with those it shares; of that many colonies which it came of, one of the other, what they handed on. */
type FactsOf = (id: string, generations: number) => ColonyFacts | null;

/** A part of a part of a part: what was waited for longer ago is over. */
const GENERATIONS = 2;

function sharedBy(
  id: string,
  own: ReadonlyMap<string, OwnFacts>,
  { programmes, answers, changes, cellMoves }: SharedFacts,
  giverOf: ReadonlyMap<string, { readonly id: string; readonly cell: CellFact }>,
  dividedFrom: (id: string) => ColonyFacts | null,
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
        dividedOn: dividedAgain(programme, programmes),
        dividedFrom: programme.colonyId !== id && leavesItOpen(programme) ? dividedFrom(programme.colonyId) : null,
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
        const cell = facts && asItLeft(giver.cell, facts, on, cutOffsOf(giver.id, programmes));
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

/** A method that leaves it open which part has the queen. */
const leavesItOpen = ({ method }: ProgrammeFact): boolean =>
  methodNamed(method).units.some(({ queen }) => queen === 'either');

/** The colonies of a programme that were divided again after it, with the first day of that. */
function dividedAgain(programme: ProgrammeFact, programmes: readonly ProgrammeFact[]): Record<string, Day> {
  const members = new Set(programme.units.map(({ colonyId }) => colonyId));
  const divided: Record<string, Day> = {};
  for (const { id, on, colonyId, units } of programmes) {
    const isLater = id !== programme.id && (on > programme.on || (on === programme.on && id > programme.id));
    const divides = units.some((unit) => unit.colonyId !== colonyId);
    if (!isLater || !divides || !members.has(colonyId)) continue;
    const known = divided[colonyId];
    divided[colonyId] = known === undefined || on < known ? on : known;
  }
  return divided;
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
function asItLeft(
  cell: CellFact,
  { inspections, queenEvents }: OwnFacts,
  on: Day,
  cutOffs: readonly DayRange[],
): TrackedCell | null {
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
    const soFar = looks.slice(0, i + 1);
    const eggsSeenOn = soFar.findLast(({ eggs }) => eggs === 'seen')?.on ?? null;
    followCells(followed, facts, { ...look, cells: seen }, soFar.map(checkOf), { removals, cutOffs, eggsSeenOn });
  });
  return followed.get(cell.id) ?? null;
}

/** The days on which a colony's brood was set above an excluder. */
const cutOffsOf = (id: string, programmes: readonly ProgrammeFact[]): readonly DayRange[] =>
  programmes.filter(({ colonyId, method }) => colonyId === id && liftsBrood(method)).map(daysOf);

const byTime = (a: InspectionFact, b: InspectionFact) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0);
