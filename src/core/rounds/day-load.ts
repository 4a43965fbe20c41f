import type { Day } from '../calendar/day';
import { fitAt, type RoundCheck, type RoundDay, type RoundsAsked } from './asked';
import { overrunDays, type Ways } from './statement';
import type { Work } from './timetable';

interface Here extends Work {
  /** The apiary's bit among all of them. */
  readonly bit: number;
  readonly isPinned: boolean;
  count: number;
  open: number;
  all: number;
}

interface Load {
  readonly day: RoundDay;
  readonly at: ReadonlyMap<string, Here>;
  /** The apiaries that are visited, by their bits. */
  visited: number;
  work: number;
  /** Minutes on the road as the day stands. */
  road: number;
}

/** What each day has on it, as checks are put on it and taken off again. */
export interface DayLoads {
  /** The road and the rounds that checks add to a day all together; null: they do not go into it. */
  readonly added: (checks: readonly RoundCheck[], on: Day) => Added | null;
  readonly put: (checks: readonly RoundCheck[], on: Day) => void;
  readonly take: (checks: readonly RoundCheck[], on: Day) => void;
  /** Minutes on the road and rounds of all days. */
  readonly whole: () => Added;
}

export interface Added {
  readonly road: number;
  readonly rounds: number;
}

/** The days of a question with their pinned rounds and nothing else. */
export function dayLoads(asked: RoundsAsked, { roads, clock }: Ways): DayLoads {
  const { days, apiaries, pinned } = asked;
  const overrun = overrunDays(asked, { roads, clock });
  const least = remembered((visited: number) =>
    roads.least(apiaries.filter((_, i) => visited & (1 << i)).map(({ id }) => id)),
  );
  const byClock = new Map<string, number | null>();
  const laidRoad = (day: RoundDay, works: readonly Work[]): number | null => {
    const key = works.reduce((name, { apiary, open, all }) => `${name}|${apiary} ${open} ${all}`, String(day.on));
    const known = byClock.get(key);
    if (known !== undefined) return known;
    const found = clock.road(day, works);
    byClock.set(key, found);
    return found;
  };
  /** Null: the day as it stands cannot be made. */
  const roadOf = ({ day, at, visited, work }: Load): number | null => {
    const shortest = least(visited);
    if (work + shortest > day.freeMinutes) return null;
    if (!day.free) return shortest;
    const works: Work[] = [];
    for (const here of at.values()) if (visited & here.bit) works.push(here);
    const road = laidRoad(day, works);
    return road !== null && work + road <= day.freeMinutes ? road : null;
  };
  const loads = new Map<Day, Load>(
    days.map((day) => {
      const pins = new Set(pinned.filter(({ on }) => on === day.on).map(({ apiary }) => apiary));
      const at = new Map(
        apiaries.map(({ id }, i): [string, Here] => [
          id,
          { apiary: id, bit: 1 << i, isPinned: pins.has(id), count: 0, open: 0, all: 0 },
        ]),
      );
      const visited = [...at.values()].reduce((bits, { bit, isPinned }) => (isPinned ? bits | bit : bits), 0);
      const load = { day, at, visited, work: 0, road: 0 };
      return [day.on, { ...load, road: (overrun.has(day.on) ? null : roadOf(load)) ?? least(visited) }];
    }),
  );
  const change = (checks: readonly RoundCheck[], on: Day, by: 1 | -1): Load => {
    const load = loads.get(on) as Load;
    for (const { apiary, minutes, opens } of checks) {
      const here = load.at.get(apiary) as Here;
      here.count += by;
      here.all += by * minutes;
      if (opens) here.open += by * minutes;
      load.work += by * minutes;
      if (here.count > 0 || here.isPinned) load.visited |= here.bit;
      else load.visited &= ~here.bit;
    }
    return load;
  };
  const settle = (load: Load) => {
    load.road = roadOf(load) ?? least(load.visited);
  };
  const isOver = ({ day, at }: Load, apiary: string): boolean => {
    const { open, all } = at.get(apiary) as Here;
    const fit = fitAt(day, apiary);
    return all > fit.briefMinutes || open > fit.openMinutes;
  };
  return {
    added(checks, on) {
      if (overrun.has(on)) return null;
      const { visited: before } = loads.get(on) as Load;
      const load = change(checks, on, 1);
      const road = checks.some(({ apiary }) => isOver(load, apiary)) ? null : roadOf(load);
      const after = load.visited;
      change(checks, on, -1);
      return road === null ? null : { road: road - load.road, rounds: bitsIn(after) - bitsIn(before) };
    },
    put: (checks, on) => settle(change(checks, on, 1)),
    take: (checks, on) => settle(change(checks, on, -1)),
    whole: () =>
      [...loads.values()].reduce(
        (sum, { visited, road }) => ({ road: sum.road + road, rounds: sum.rounds + bitsIn(visited) }),
        { road: 0, rounds: 0 },
      ),
  };
}

const bitsIn = (bits: number): number => (bits === 0 ? 0 : 1 + bitsIn(bits & (bits - 1)));

/** A function that works out each answer once. */
function remembered<K, V>(of: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    const before = known.get(key);
    if (before !== undefined || known.has(key)) return before as V;
    const value = of(key);
    known.set(key, value);
    return value;
  };
}
