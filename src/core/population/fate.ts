import { LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import type { AgeSpread } from '../biology/figure';
import { FIRST_EGGS } from '../biology/mating';
import type { Assumed } from './assumed';
import { chanceToPrepare, crowding, type Part } from './crowding';
import {
  BOUGHT_LAYS,
  CAST_TAKES,
  CASTS_AT_MOST,
  DAYS_BETWEEN_CASTS,
  LEAVES_AFTER,
  MOOD_ENDS,
  QUEEN_LAYS,
  RAISED_FROM,
  SWARM_TAKES,
} from './figures';
import { drawn, drawnDays, type Purpose, type Stream } from './luck';
import { adultsOf, isLaying, sumOf, type Unit } from './unit';

/** What a run is played with: its luck, and what the keeper reckons with. */
export interface Game {
  readonly luck: (unit: number, purpose: Purpose) => Stream;
  readonly matingSuccess: number;
  readonly assumed: Assumed;
}

/** Ages at which a female can still become a queen, from the day of the egg on. */
const QUEENABLE_DAYS = LAST_QUEENABLE_AGE.value + 1;

/** The virgin that is out on a day comes to lay, or does not: drawn once, with the day. */
function virginOut(unit: Unit, out: number, { luck, matingSuccess }: Game): void {
  const stream = luck(unit.luck, 'virgin');
  const isMated = stream() < matingSuccess;
  const days = drawnDays(FIRST_EGGS.value, stream);
  unit.queen = { kind: 'to-lay', out, on: isMated ? out + days : null };
}

/**
 * A unit without its queen raises one from its brood: the first comes out of a larva hatched not long ago. Without eggs and young larvae it
 * cannot.
 */
export function raisesFromBrood(unit: Unit, today: number, game: Game): void {
  unit.preparing = null;
  if (sumOf(unit.below, 0, QUEENABLE_DAYS) + sumOf(unit.above, 0, QUEENABLE_DAYS) < 1) {
    unit.queen = { kind: 'none' };
    return;
  }
  const stream = game.luck(unit.luck, 'raised');
  const age = drawnDays(RAISED_FROM.value, stream);
  virginOut(unit, today + drawnDays(QUEEN_EMERGES.value, stream) - age, game);
}

/** A unit raises its queen from a cell that is there, whose egg was laid on a day; never before tomorrow. */
export function raisesFromCell(unit: Unit, laid: number, today: number, game: Game): void {
  unit.preparing = null;
  const out = Math.max(today + 1, laid + drawnDays(QUEEN_EMERGES.value, game.luck(unit.luck, 'raised')));
  virginOut(unit, out, game);
}

/** A queen who was bought is caged in on a day: she is taken, and lays some days later, or is not. */
export function isCagedIn(unit: Unit, on: number, { luck, assumed }: Game): void {
  unit.preparing = null;
  // Of a young queen before her it is no question any more.
  unit.firstEggs = null;
  const stream = luck(unit.luck, 'bought');
  const isTaken = stream() < assumed.boughtIsTaken;
  const days = drawnDays(BOUGHT_LAYS.value, stream);
  unit.queen = { kind: 'to-lay', out: null, on: isTaken ? on + days : null };
}

/** The young queen of a unit lays from today on, if it is her day. */
export function comesToLay(unit: Unit, today: number, { luck }: Game): void {
  if (unit.queen.kind !== 'to-lay' || unit.queen.on === null || today < unit.queen.on || adultsOf(unit) < 1) return;
  unit.queen = { kind: 'laying', rate: drawn(QUEEN_LAYS.value, luck(unit.luck, 'rate')), year: 1 };
  unit.firstEggs ??= today;
}

/** A colony whose cells were taken down lets go of swarming when the season is over, and may where it has room again. */
const letsGo = (unit: Unit, part: Part, { luck, assumed }: Game): boolean =>
  part !== 'season' || (luck(unit.luck, 'mood')() < assumed.letsGo && crowding(unit, assumed) < MOOD_ENDS.value);

/**
 * Whether a colony begins to prepare for swarming today. It draws each day, so that what was begun or not on one day leaves the luck of all
 * others as it was.
 */
export function mayPrepare(unit: Unit, today: number, part: Part, game: Game): void {
  const u = unit.preparingLuck();
  if (!isLaying(unit) || unit.preparing !== null) return;
  if (unit.isInMood && letsGo(unit, part, game)) unit.isInMood = false;
  const chance = unit.isInMood ? game.assumed.beginsAgain : chanceToPrepare(unit, part, game.assumed);
  if (u < chance) unit.preparing = today;
}

/** Takes down all cells of a colony with its queen: it does not prepare any more, and is in the mood for it as before. */
export function takeCellsDown(unit: Unit): void {
  if (unit.queen.kind !== 'laying') return;
  unit.isInMood ||= unit.preparing !== null;
  unit.preparing = null;
}

/** Bees leave with a queen, so many of them as is drawn. */
export function leaveWith(unit: Unit, takes: AgeSpread, { luck }: Pick<Game, 'luck'>): void {
  const share = drawn(takes, luck(unit.luck, 'swarm'));
  unit.house *= 1 - share;
  unit.flyers *= 1 - share;
  unit.hasSwarmed = true;
}

/** The swarm leaves with the old queen on the first fit day from the eighth after the egg of the oldest cell on; casts may follow it. */
export function maySwarm(unit: Unit, today: number, isFit: boolean, game: Game): void {
  const { preparing } = unit;
  if (preparing !== null && isLaying(unit) && isFit && today >= preparing + LEAVES_AFTER.value) {
    const stream = game.luck(unit.luck, 'swarm');
    leaveWith(unit, SWARM_TAKES.value, game);
    unit.isInMood = false;
    const out = Math.max(today + 1, preparing + drawnDays(QUEEN_EMERGES.value, game.luck(unit.luck, 'raised')));
    const casts: number[] = [];
    for (let n = 0, more = stream() < game.assumed.castFollows; n < CASTS_AT_MOST.value && more; n++) {
      casts.push(out + n * DAYS_BETWEEN_CASTS.value);
      more = stream() < game.assumed.castFollows;
    }
    unit.castsOn = casts;
    unit.preparing = null;
    virginOut(unit, out + casts.length * DAYS_BETWEEN_CASTS.value, game);
  }
  if (unit.castsOn[0] === today) {
    unit.castsOn.shift();
    leaveWith(unit, CAST_TAKES.value, game);
  }
}
