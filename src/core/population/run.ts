import { addDays } from '../calendar/day';
import type { Method } from '../methods/method';
import type { CheckCode } from '../schedule/check';
import type { Settings } from '../settings/settings';
import { type Act, actOn, bleed } from './act';
import type { Choice, WhatIfAsked } from './asked';
import { type Assumed, USUAL_ASSUMED } from './assumed';
import { unitOf } from './beginning';
import { giveRoom, type Part } from './crowding';
import { dayStep, survivalByAge } from './day-step';
import { comesToLay, type Game, mayPrepare, maySwarm, takeCellsDown } from './fate';
import { luckOf } from './luck';
import { cagedOn, checksOf, methodOf } from './planned-visits';
import { isLaying, type Unit } from './unit';

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
  readonly act: Act;
  readonly flowKg: Float64Array;
  readonly parts: readonly Part[];
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
    act: { choice: choice.choice, method, on: choice.on - from, caged: caged === null ? null : caged - from },
    searched: daysOf((code) => SEARCHES.has(code)),
    flyersGoOver: daysOf((code) => code === method?.divides?.flyersGoOver),
    assumed,
    survival: survivalByAge(assumed),
  };
}

/** One season of one colony with one choice, under the luck of its run. */
export function run(course: Course, runNumber: number, seen?: RunSeen): RunEnd {
  const { asked, act, choice, flowKg, parts, assumed, survival } = course;
  const luck = luckOf(asked.seed, runNumber);
  const game: Game = { luck, matingSuccess: asked.matingSuccess, assumed };
  let units: readonly Unit[] = [unitOf(asked.colony, asked.from, game, WITH_QUEEN)];
  const weather = luck(WITH_QUEEN, 'weather');
  seen?.day(0, units);
  for (let today = 0; today < asked.days; today++) {
    if (today === act.on) units = actOn(units[0] as Unit, act, game, WITHOUT_QUEEN).units;
    if (course.flyersGoOver.has(today) && units.length === 2) bleed(units);
    const isFit = weather() < assumed.fitToSwarm;
    for (const unit of units) {
      if (today > act.on && course.searched.has(today)) takeCellsDown(unit);
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
