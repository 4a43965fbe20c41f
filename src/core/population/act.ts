import type { Method } from '../methods/method';
import type { Choice } from './asked';
import { newUnit } from './beginning';
import { divide, sendFlyers, sendUp } from './divide';
import { type Game, isCagedIn, raisesFromBrood, raisesFromCell, takeCellsDown } from './fate';
import type { Unit } from './unit';

/** What the keeper does with a colony on a day. Days count from the first of the reckoning. */
export interface Act {
  readonly choice: Choice['choice'];
  /** The method that it is; null: it is none. */
  readonly method: Method | null;
  readonly on: number;
  /** The day on which a bought queen is caged in; null: none is. */
  readonly caged: number | null;
}

/** What an act leaves. */
export interface Acted {
  /** The hive as it was, or the two that became of it, the one with the queen first. */
  readonly units: readonly Unit[];
  /** Of a division: whether the part that the method names has no queen; null: nothing was divided. */
  readonly isNamedRaising: boolean | null;
}

/**
 * What the keeper does on the day: by the method's own words, or what else the choice is. Changes the hive.
 *
 * @param raisingLuck whose luck the part has that is to have a new queen
 */
export function actOn(hive: Unit, act: Act, game: Game, raisingLuck: number): Acted {
  const { choice, method } = act;
  const alone: Acted = { units: [hive], isNamedRaising: null };
  if (choice === 'nothing') return alone;
  if (choice === 'take-cells-down') {
    takeCellsDown(hive);
    return alone;
  }
  if (method?.divides) return divided(hive, act, method, game, raisingLuck);
  if (method?.sendsUp) {
    // Without her nobody knows which part goes where.
    if (hive.queen.kind !== 'laying') return alone;
    takeCellsDown(hive);
    // Away from her brood she and her bees are as after a swarm.
    hive.isInMood = false;
    sendUp(hive, method.sendsUp);
    return alone;
  }
  if (act.caged !== null) {
    hive.castsOn = [];
    hive.isInMood = false;
    hive.isToHaveNewQueen = true;
    isCagedIn(hive, act.caged, game);
  }
  return alone;
}

/** Colonies that swarmed before the day are left as they are: there is no queen to be found, and nothing to be divided. */
function divided(hive: Unit, { on, caged }: Act, method: Method, game: Game, raisingLuck: number): Acted {
  const { divides, units: defined, raisesQueen, needs } = method;
  if (!divides || !raisesQueen || hive.queen.kind !== 'laying') return { units: [hive], isNamedRaising: null };
  const { queen, preparing, luck } = hive;
  const isEither = defined.some((unit) => unit.queen === 'either');
  // Nobody saw the queen: as likely as not she is in the part that is carried away.
  const isNamedRaising = isEither ? game.luck(luck, 'which-half')() < 0.5 : raisesQueen.unit === divides.unit;
  const { named, other } = divide(hive, divides);
  const [raising, laying] = isNamedRaising ? [named, other] : [other, named];
  const queenright = defined.find(({ name }) => name !== raisesQueen.unit)?.name ?? hive.name;
  const { hasSwarmed, hasStarved } = hive;
  const withQueen = newUnit({ ...laying, name: queenright, queen, hasSwarmed, hasStarved }, game.luck, luck);
  const without = newUnit({ ...raising, name: raisesQueen.unit, isToHaveNewQueen: true }, game.luck, raisingLuck);
  if (caged !== null) isCagedIn(without, caged, game);
  else if (needs.cells === 'kept' && preparing !== null) raisesFromCell(without, preparing, on, game);
  else raisesFromBrood(without, on, game);
  return { units: [withQueen, without], isNamedRaising };
}

/** The flying bees of the unit that raises a queen go over to the one that has hers. */
export function bleed([withQueen, without]: readonly Unit[]): void {
  if (withQueen && without) sendFlyers(without, withQueen);
}
