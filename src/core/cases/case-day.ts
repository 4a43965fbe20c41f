import type { Assumed } from '../population/assumed';
import type { Part } from '../population/crowding';
import { dayStep } from '../population/day-step';
import { comesToLay, leaveWith, mayPrepare, maySwarm } from '../population/fate';
import { CAST_TAKES, CASTS_AT_MOST, DAYS_BETWEEN_CASTS } from '../population/figures';
import type { CaseEventKind } from './case';
import { emergesOn, isSealedOn } from './case-cell';
import { beginSwarmCells, type CaseGame, type CaseHive, dropToCome, endCells, standingIn } from './case-hive';

export interface CaseWeather {
  readonly flowKg: number;
  readonly part: Part;
  readonly isFit: boolean;
}

/** A cast needs a queen to go with and another to stay. */
const QUEENS_FOR_A_CAST = 2;

/** A unit that raises a queen and is left with several cells may throw casts: whether, and when, is drawn as it begins. */
export function mayCast(hive: CaseHive, { game }: CaseGame): void {
  const { unit } = hive;
  if (unit.queen.kind !== 'to-lay' || unit.queen.out === null) return;
  const stream = game.luck(unit.luck, 'swarm');
  const { out, on } = unit.queen;
  const casts: number[] = [];
  while (casts.length < CASTS_AT_MOST.value && stream() < game.assumed.castFollows)
    casts.push(out + casts.length * DAYS_BETWEEN_CASTS.value);
  const later = casts.length * DAYS_BETWEEN_CASTS.value;
  unit.castsOn = casts;
  unit.queen = { kind: 'to-lay', out: out + later, on: on === null ? null : on + later };
}

/** One day of one hive, with its queen, its cells and its swarms. Changes the hive; says what happened. */
export function caseDay(
  hive: CaseHive,
  today: number,
  { flowKg, part, isFit }: CaseWeather,
  to: CaseGame & { readonly assumed: Assumed; readonly survival: Float64Array },
): readonly CaseEventKind[] {
  const { game, assumed, survival } = to;
  const { unit } = hive;
  const events: CaseEventKind[] = [];
  const wasLaying = unit.queen.kind === 'laying';
  const { hasStarved } = unit;
  comesToLay(unit, today, game);
  if (!wasLaying && unit.queen.kind === 'laying') events.push('lays');
  dayStep(unit, flowKg, assumed, survival);
  if (unit.hasStarved && !hasStarved) events.push('starved');
  events.push(...virginsAbove(hive, today, to));

  const before = unit.preparing;
  const wasInMood = unit.isInMood;
  mayPrepare(unit, today, part, game);
  if (before === null && unit.preparing !== null) {
    beginSwarmCells(hive, unit.preparing, to);
    events.push('preparing');
  }
  if (wasInMood && !unit.isInMood && unit.preparing === null) events.push('let-go');

  holdCasts(hive, today);
  const casts = unit.castsOn.length;
  const isAboutTo = unit.preparing !== null;
  maySwarm(unit, today, isFit, game);
  if (isAboutTo && unit.preparing === null) {
    events.push('swarmed');
    dropToCome(hive, today);
  } else if (unit.castsOn.length < casts) {
    events.push('cast');
    endCells(standingIn(hive, today, 'nest').slice(0, 1), today, 'emerged');
  }
  events.push(...virginOut(hive, today));
  return events;
}

/** Where too few queens are left no cast goes: the one that is left is out. */
function holdCasts(hive: CaseHive, today: number): void {
  const { unit } = hive;
  if (unit.castsOn[0] !== today || unit.queen.kind !== 'to-lay' || unit.queen.out === null) return;
  const sealed = standingIn(hive, today, 'nest').filter((cell) => isSealedOn(cell, today));
  if (sealed.length >= QUEENS_FOR_A_CAST) return;
  const { out, on } = unit.queen;
  unit.castsOn = [];
  unit.queen = { kind: 'to-lay', out: today, on: on === null ? null : on - (out - today) };
}

/** The virgin who stays leaves her cell, and the others are torn down. */
function virginOut(hive: CaseHive, today: number): readonly CaseEventKind[] {
  const { queen } = hive.unit;
  if (queen.kind !== 'to-lay' || queen.out !== today) return [];
  const [first, ...others] = standingIn(hive, today, 'nest');
  if (first) endCells([first], today, 'emerged');
  endCells(others, today, 'torn-down');
  dropToCome(hive, today);
  return queen.on === null ? ['virgin-out', 'not-mated'] : ['virgin-out'];
}

/** A virgin above the excluder has no way to the nest: she may leave with bees, or is not suffered. */
function virginsAbove(hive: CaseHive, today: number, { game }: CaseGame): readonly CaseEventKind[] {
  const above = standingIn(hive, today, 'above');
  const [first] = above;
  if (!first || emergesOn(first) > today) return [];
  endCells([first], today, 'emerged');
  endCells(above.slice(1), today, 'torn-down');
  if (game.luck(hive.unit.luck, 'cells')() >= game.assumed.castFollows) return [];
  leaveWith(hive.unit, CAST_TAKES.value, game);
  return ['swarmed-above'];
}
