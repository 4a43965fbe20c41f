import { EGG_HATCHES, LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import type { CellPart } from '../colony/facts';
import { type Game, raisesFromBrood, takeCellsDown } from '../population/fate';
import { RAISED_FROM } from '../population/figures';
import { sumAbove, type Unit } from '../population/unit';
import { type Draws, drawsOf } from '../practice/stream';
import { type CaseCell, emergesOn, isStanding } from './case-cell';

/** One hive of a case as it truly is: its bees, and each of its queen cells. */
export interface CaseHive {
  readonly colonyId: string;
  unit: Unit;
  cells: readonly CaseCell[];
  /** How often cells were begun in it, so that each time they fall otherwise. */
  cycles: number;
}

export interface CaseGame {
  readonly game: Game;
  readonly seed: number;
}

/**
 * Cells at one time: a colony about to swarm builds more than one that lost its queen. These and what follows are supposed, so that hives to practise
 * on differ; no date and no advice of the book rests on them.
 */
const SWARM_CELLS = { from: 5, to: 14 };
const EMERGENCY_CELLS = { from: 3, to: 9 };
const ABOVE_CELLS = { from: 0, to: 5 };
/** A queen lays into cups over some days. */
const LAID_OVER = 5;
/** Bees show within so many days that they raise a queen. */
const SHOWN_WITHIN = { from: 1, to: 2 };
const FRAMES = { from: 3, to: 8 };

const PLACES = [
  { place: 'bottom', y: 1 },
  { place: 'bottom', y: 1 },
  { place: 'edge', y: 0.7 },
  { place: 'face', y: 0.5 },
] as const;

interface Begun {
  readonly laid: number;
  readonly begunOn: number;
  readonly part: CellPart | null;
  readonly kind: 'swarm' | 'emergency';
}

function aCell(hive: CaseHive, n: number, { laid, begunOn, part, kind }: Begun, draws: Draws): CaseCell {
  // Swarm cells hang at the edges, cells raised from larvae out of the comb itself.
  const spot = kind === 'swarm' ? draws.oneOf(PLACES) : draws.happens(0.75) ? PLACES[3] : PLACES[2];
  const x = spot.place === 'edge' ? draws.oneOf([0.03, 0.97]) : draws.between(0.12, 0.88);
  return {
    id: `${hive.colonyId}-${hive.cycles}-${n}`,
    laid,
    begunOn,
    seed: draws.whole(1, 0x7ffffff),
    ...spot,
    x,
    box: part === 'above' ? 3 : 1,
    frame: draws.whole(FRAMES.from, FRAMES.to),
    part,
    isUnderBees: draws.happens(0.6),
    isFromBelow: draws.happens(0.6),
    end: null,
  };
}

function begin(hive: CaseHive, { seed }: CaseGame, of: (draws: Draws) => readonly Begun[]): void {
  hive.cycles += 1;
  const draws = drawsOf(seed, `cells ${hive.colonyId} ${hive.cycles}`);
  hive.cells = [...hive.cells, ...of(draws).map((begun, n) => aCell(hive, n, begun, draws))];
}

/** Cups are laid in from the day of the first egg on. */
export function beginSwarmCells(hive: CaseHive, first: number, to: CaseGame): void {
  begin(hive, to, (draws) =>
    Array.from({ length: draws.whole(SWARM_CELLS.from, SWARM_CELLS.to) }, (_, n): Begun => {
      const laid = first + (n === 0 ? 0 : draws.whole(0, LAID_OVER));
      return { laid, begunOn: laid, part: null, kind: 'swarm' };
    }),
  );
}

/** Larvae of the unit that lost its queen are raised as queens, the one that comes out first among them. */
export function beginEmergencyCells(hive: CaseHive, today: number, to: CaseGame): void {
  const { queen } = hive.unit;
  if (queen.kind !== 'to-lay' || queen.out === null) return;
  const oldest = Math.min(
    RAISED_FROM.value.late,
    Math.max(RAISED_FROM.value.early, QUEEN_EMERGES.value.typical - (queen.out - today)),
  );
  begin(hive, to, (draws) => raised(draws, today, oldest, null));
}

/** Far from the queen larvae above an excluder are raised too, if bees choose to. */
export function beginCellsAbove(hive: CaseHive, today: number, to: CaseGame): void {
  if (sumAbove(hive.unit, 0, LAST_QUEENABLE_AGE.value + 1) < 1) return;
  begin(hive, to, (draws) => {
    const many = draws.whole(ABOVE_CELLS.from, ABOVE_CELLS.to);
    return raised(draws, today, RAISED_FROM.value.typical, 'above').slice(0, many);
  });
}

const raised = (draws: Draws, today: number, oldest: number, part: CellPart | null): readonly Begun[] =>
  Array.from({ length: draws.whole(EMERGENCY_CELLS.from, EMERGENCY_CELLS.to) }, (_, n): Begun => {
    const age = n === 0 ? oldest : draws.whole(Math.min(EGG_HATCHES.value - 2, oldest), oldest);
    const begunOn = today + draws.whole(SHOWN_WITHIN.from, SHOWN_WITHIN.to);
    return { laid: today - age, begunOn, part, kind: 'emergency' };
  });

/** Cells that stand in a part of the hive, the oldest first. */
export const standingIn = ({ cells }: CaseHive, today: number, part: 'above' | 'nest'): readonly CaseCell[] =>
  cells
    .filter((cell) => isStanding(cell, today) && (cell.part === 'above') === (part === 'above'))
    .sort((a, b) => a.laid - b.laid);

/** Cells to come are not begun after all. */
export const dropToCome = (hive: CaseHive, today: number): void => {
  hive.cells = hive.cells.filter(({ begunOn, part }) => begunOn <= today || part === 'above');
};

export function endCells(cells: readonly CaseCell[], on: number, how: 'taken-down' | 'emerged' | 'torn-down'): void {
  for (const cell of cells) cell.end = { on, how };
}

/** What follows for a hive from cells having been broken down in its nest on a day. */
export function afterTakingDown(hive: CaseHive, today: number, to: CaseGame): void {
  const { unit } = hive;
  const [oldest] = standingIn(hive, today, 'nest');
  if (unit.queen.kind === 'laying') {
    if (unit.preparing === null) return;
    if (oldest) unit.preparing = oldest.laid;
    else {
      takeCellsDown(unit);
      dropToCome(hive, today);
    }
    return;
  }
  if (unit.queen.kind !== 'to-lay' || unit.queen.out === null || unit.queen.out <= today) return;
  const { out, on } = unit.queen;
  const first =
    oldest ?? hive.cells.find(({ begunOn, end, part }) => begunOn > today && end === null && part !== 'above');
  if (first) {
    // Another is the first to be out now, and all that hangs on it moves with her.
    const later = Math.max(today + 1, emergesOn(first)) - (unit.castsOn[0] ?? out);
    unit.castsOn = unit.castsOn.map((cast) => cast + later);
    unit.queen = { kind: 'to-lay', out: out + later, on: on === null ? null : on + later };
    return;
  }
  // No cell is left: what young brood there is has to do.
  unit.castsOn = [];
  raisesFromBrood(unit, today, to.game);
  beginEmergencyCells(hive, today, to);
}
