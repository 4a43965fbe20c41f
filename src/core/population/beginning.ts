import type { Day } from '../calendar/day';
import { ONE_FLIES_IN } from '../yard/flyers';
import type { ColonyNow } from './asked';
import { type Game, raisesFromBrood, raisesFromCell } from './fate';
import { BROOD_DAYS, FIRST_LARVA, FIRST_SEALED, KG_A_CELL, type Unit } from './unit';

/** A hive of which nothing else is said: empty, without a queen. */
export function newUnit(over: Partial<Unit>, luck: Game['luck'], ofUnit: number): Unit {
  return {
    name: 'hive',
    luck: ofUnit,
    below: new Float64Array(BROOD_DAYS),
    above: new Float64Array(BROOD_DAYS),
    house: 0,
    flyers: 0,
    cellsBelow: 0,
    cellsAbove: 0,
    cellsInSupers: 0,
    pollen: 0,
    honeyBelow: 0,
    honeyOver: 0,
    queen: { kind: 'none' },
    preparing: null,
    isInMood: false,
    castsOn: [],
    firstEggs: null,
    isToHaveNewQueen: false,
    hasSwarmed: false,
    hasStarved: false,
    preparingLuck: luck(ofUnit, 'preparing'),
    ...over,
  };
}

/** A colony as it stands on the first day: its brood spread evenly over its ages, a third of its bees flying. */
export function unitOf(colony: ColonyNow, from: Day, game: Game, ofUnit: number): Unit {
  const { bees, eggs, larvae, sealed, freeCells, storeCells, honeyKg, queen, oldestCellLaid } = colony;
  const honey = honeyKg / KG_A_CELL;
  const honeyBelow = Math.min(storeCells, honey);
  const unit = newUnit(
    {
      below: Float64Array.from({ length: BROOD_DAYS }, (_, age) =>
        age < FIRST_LARVA
          ? eggs / FIRST_LARVA
          : age < FIRST_SEALED
            ? larvae / (FIRST_SEALED - FIRST_LARVA)
            : sealed / (BROOD_DAYS - FIRST_SEALED),
      ),
      house: bees * (1 - 1 / ONE_FLIES_IN),
      flyers: bees / ONE_FLIES_IN,
      cellsBelow: eggs + larvae + sealed + freeCells + storeCells,
      honeyBelow,
      pollen: storeCells - honeyBelow,
      honeyOver: honey - honeyBelow,
      cellsInSupers: honey - honeyBelow,
      queen: queen ? { kind: 'laying', rate: queen.layingPerDay, year: queen.year } : { kind: 'none' },
    },
    game.luck,
    ofUnit,
  );
  const laid = oldestCellLaid
    ? oldestCellLaid.from -
      from +
      Math.floor(game.luck(ofUnit, 'oldest-cell')() * (oldestCellLaid.to - oldestCellLaid.from + 1))
    : null;
  if (queen) unit.preparing = laid;
  else if (laid !== null) raisesFromCell(unit, laid, 0, game);
  else raisesFromBrood(unit, 0, game);
  return unit;
}
