import { addDays } from '../calendar/day';
import type { Method } from '../methods/method';
import type { CheckCode } from '../schedule/check';
import type { Settings } from '../settings/settings';
import { ONE_FLIES_IN } from '../yard/flyers';
import type { Choice, WhatIfAsked } from './asked';
import { type Assumed, USUAL_ASSUMED } from './assumed';
import { giveRoom, type Part } from './crowding';
import { dayStep, survivalByAge } from './day-step';
import { divide, sendFlyers, sendUp } from './divide';
import {
  comesToLay,
  type Game,
  isCagedIn,
  mayPrepare,
  maySwarm,
  raisesFromBrood,
  raisesFromCell,
  takeCellsDown,
} from './fate';
import { luckOf } from './luck';
import { cagedOn, checksOf, methodOf } from './planned-visits';
import { BROOD_DAYS, FIRST_LARVA, FIRST_SEALED, isLaying, KG_A_CELL, type Unit } from './unit';

/** Whose luck a unit has: the one with the queen that was there, and the one that is to have a new one. */
const WITH_QUEEN = 0;
const WITHOUT_QUEEN = 1;

/** What a run shows of each unit on each day, with the first day's beginning before it. */
export interface RunSeen {
  readonly day: (index: number, units: readonly Unit[]) => void;
}

/** What a run came to. */
export interface RunEnd {
  readonly units: readonly Unit[];
  readonly hasSwarmed: boolean;
  readonly hasStarved: boolean;
  readonly laying: number;
  /** The first day on which the unit that was to have a new queen had eggs of hers, from the first day; null: none, or none was to. */
  readonly firstEggs: number | null;
}

/** All of a choice that is the same in every run: flows, seasons and days counted from the first. */
export interface Course {
  readonly asked: WhatIfAsked;
  readonly choice: Choice;
  readonly method: Method | null;
  readonly flowKg: Float64Array;
  readonly parts: readonly Part[];
  /** The day of the choice, and that of the cage; null: none. */
  readonly on: number;
  readonly caged: number | null;
  /** Days on which cells are looked for where the queen is, and taken down. */
  readonly searched: ReadonlySet<number>;
  readonly flyersGoOver: ReadonlySet<number>;
  readonly assumed: Assumed;
  readonly survival: Float64Array;
}

/** Looks at which cells are found, where the queen lays. */
const SEARCHES: ReadonlySet<CheckCode> = new Set(['nuc-settled', 'laying-check', 'bottom-check', 'which-half']);

export function courseOf(asked: WhatIfAsked, choice: Choice, settings: Settings, over: Partial<Assumed> = {}): Course {
  const { from, days, season, flow, colony } = asked;
  const assumed = { ...USUAL_ASSUMED, ...asked.assumed, ...over };
  const method = methodOf(choice);
  const checks = checksOf(choice, asked, settings);
  const daysOf = (isOne: (code: CheckCode) => boolean) =>
    new Set(checks.filter(({ code }) => isOne(code)).map(({ window }) => window.ideal - from));
  const caged = cagedOn(choice, colony.queen !== null);
  const each = Array.from({ length: days }, (_, i) => addDays(from, i));
  return {
    asked,
    choice,
    method,
    flowKg: Float64Array.from(each, (on) =>
      flow.reduce((kg, one) => (one.from <= on && on <= one.to ? kg + one.kgPerDay : kg), 0),
    ),
    parts: each.map((on) => (on < season.from ? 'build-up' : on <= season.to ? 'season' : 'over')),
    on: choice.on - from,
    caged: caged === null ? null : caged - from,
    searched: daysOf((code) => SEARCHES.has(code)),
    flyersGoOver: daysOf((code) => code === method?.divides?.flyersGoOver),
    assumed,
    survival: survivalByAge(assumed),
  };
}

/** One season of one colony with one choice, under the luck of its run. */
export function run(course: Course, runNumber: number, seen?: RunSeen): RunEnd {
  const { asked, choice, flowKg, parts, assumed, survival } = course;
  const luck = luckOf(asked.seed, runNumber);
  const game: Game = { luck, matingSuccess: asked.matingSuccess, assumed };
  let units: readonly Unit[] = [theColony(asked, game)];
  const weather = luck(WITH_QUEEN, 'weather');
  seen?.day(0, units);
  for (let today = 0; today < asked.days; today++) {
    if (today === course.on) units = actedOn(units[0] as Unit, course, game);
    if (course.flyersGoOver.has(today) && units.length === 2) bleed(units);
    const isFit = weather() < assumed.fitToSwarm;
    for (const unit of units) {
      if (today > course.on && course.searched.has(today)) takeCellsDown(unit);
      comesToLay(unit, today, game);
      dayStep(unit, flowKg[today] as number, assumed, survival);
      if (choice.giveRoom) giveRoom(unit);
      mayPrepare(unit, today, parts[today] as Part, game);
      maySwarm(unit, today, isFit, game);
    }
    seen?.day(today + 1, units);
  }
  const renewed = units.find(({ isToHaveNewQueen }) => isToHaveNewQueen);
  return {
    units,
    hasSwarmed: units.some(({ hasSwarmed }) => hasSwarmed),
    hasStarved: units.some(({ hasStarved }) => hasStarved),
    laying: units.filter(isLaying).length,
    firstEggs: renewed?.firstEggs ?? null,
  };
}

function newUnit(over: Partial<Unit>, luck: Game['luck'], ofUnit: number): Unit {
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

/** A colony as it stands: its brood spread evenly over its ages, a third of its bees flying. */
function theColony({ colony, from }: WhatIfAsked, game: Game): Unit {
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
    WITH_QUEEN,
  );
  const laid = oldestCellLaid
    ? oldestCellLaid.from -
      from +
      Math.floor(game.luck(WITH_QUEEN, 'oldest-cell')() * (oldestCellLaid.to - oldestCellLaid.from + 1))
    : null;
  if (queen) unit.preparing = laid;
  else if (laid !== null) raisesFromCell(unit, laid, 0, game);
  else raisesFromBrood(unit, 0, game);
  return unit;
}

/** What the keeper does on the day: by the method's own words, or what else the choice is. */
function actedOn(hive: Unit, course: Course, game: Game): readonly Unit[] {
  const { choice, method } = course;
  if (choice.choice === 'nothing') return [hive];
  if (choice.choice === 'take-cells-down') {
    takeCellsDown(hive);
    return [hive];
  }
  if (method?.divides) return divided(hive, course, method, game);
  if (method?.sendsUp) {
    // Without her nobody knows which part goes where.
    if (hive.queen.kind !== 'laying') return [hive];
    takeCellsDown(hive);
    // Away from her brood she and her bees are as after a swarm.
    hive.isInMood = false;
    sendUp(hive, method.sendsUp);
    return [hive];
  }
  if (course.caged !== null) {
    hive.castsOn = [];
    hive.isInMood = false;
    hive.isToHaveNewQueen = true;
    isCagedIn(hive, course.caged, game);
  }
  return [hive];
}

/** Colonies that swarmed before the day are left as they are: there is no queen to be found, and nothing to be divided. */
function divided(hive: Unit, course: Course, method: Method, game: Game): readonly Unit[] {
  const { divides, units: defined, raisesQueen, needs } = method;
  if (!divides || !raisesQueen || hive.queen.kind !== 'laying') return [hive];
  const { queen, preparing } = hive;
  const isEither = defined.some((unit) => unit.queen === 'either');
  // Nobody saw the queen: as likely as not she is in the part that is carried away.
  const isNamedRaising = isEither ? game.luck(WITH_QUEEN, 'which-half')() < 0.5 : raisesQueen.unit === divides.unit;
  const { named, other } = divide(hive, divides);
  const [raising, laying] = isNamedRaising ? [named, other] : [other, named];
  const queenright = defined.find(({ name }) => name !== raisesQueen.unit)?.name ?? hive.name;
  const { hasSwarmed, hasStarved } = hive;
  const withQueen = newUnit({ ...laying, name: queenright, queen, hasSwarmed, hasStarved }, game.luck, WITH_QUEEN);
  const without = newUnit({ ...raising, name: raisesQueen.unit, isToHaveNewQueen: true }, game.luck, WITHOUT_QUEEN);
  if (course.caged !== null) isCagedIn(without, course.caged, game);
  else if (needs.cells === 'kept' && preparing !== null) raisesFromCell(without, preparing, course.on, game);
  else raisesFromBrood(without, course.on, game);
  return [withQueen, without];
}

/** The flying bees of the unit that raises a queen go over to the one that has hers. */
function bleed([withQueen, without]: readonly Unit[]): void {
  if (withQueen && without) sendFlyers(without, withQueen);
}
