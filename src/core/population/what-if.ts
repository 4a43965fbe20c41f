import { addDays, type Day } from '../calendar/day';
import type { Settings } from '../settings/settings';
import type { Choice, WhatIfAsked } from './asked';
import type { Assumed } from './assumed';
import { visitDays } from './planned-visits';
import { courseOf, run } from './run';
import { adultsOf, broodOf, honeyKgOf, type Unit } from './unit';

/** The 10th, 50th and 90th of a hundred. */
export interface Quantiles<T> {
  readonly p10: T;
  readonly p50: T;
  readonly p90: T;
}

/** Day by day, the first being the beginning. */
export type Band = Quantiles<readonly number[]>;

export interface Bands {
  readonly adults: Band;
  readonly brood: Band;
  readonly honeyKg: Band;
}

/** What a choice comes to over all runs. */
export interface Outcome extends Bands {
  readonly choice: Choice;
  /** Of all runs: a swarm was lost at least once; a unit has no laying queen at the end; a unit ran out of honey. */
  readonly swarmLost: number;
  readonly endsQueenless: number;
  readonly starved: number;
  /** Of the unit that is to have a new queen, over the runs in which she comes to lay; null: in none, or none is to. */
  readonly firstEggs: Quantiles<Day> | null;
  readonly layingColonies: Quantiles<number>;
  readonly visitDays: readonly Day[];
  /** The same by unit, where a method makes two. */
  readonly units: readonly (Bands & { readonly name: string })[];
}

const QUANTILES = { p10: 0.1, p50: 0.5, p90: 0.9 } as const;

/** The value of which so much of all lies at or below it, by nearest rank. */
const ranked = <T extends number>(sorted: ArrayLike<T>, share: number): T =>
  sorted[Math.max(0, Math.ceil(share * sorted.length - 1e-9) - 1)] as T;

/** @param values not empty, in any order */
export function quantiles<T extends number>(values: readonly T[]): Quantiles<T> {
  const sorted = Float64Array.from(values).sort() as unknown as ArrayLike<T>;
  return {
    p10: ranked(sorted, QUANTILES.p10),
    p50: ranked(sorted, QUANTILES.p50),
    p90: ranked(sorted, QUANTILES.p90),
  };
}

/** To the hundredth of a kilogram; bees and cells are whole. */
const hundredths = (kg: number): number => Math.round(kg * 100) / 100;

/** What one measure came to in each run, day by day. */
class Table {
  readonly #cells: Float64Array;
  constructor(
    readonly days: number,
    readonly runs: number,
  ) {
    this.#cells = new Float64Array((days + 1) * runs);
  }
  put(runNumber: number, index: number, value: number): void {
    this.#cells[index * this.runs + runNumber] = value;
  }
  band(rounded: (value: number) => number): Band {
    const bands = { p10: [] as number[], p50: [] as number[], p90: [] as number[] };
    for (let index = 0; index <= this.days; index++) {
      const sorted = this.#cells.subarray(index * this.runs, (index + 1) * this.runs).sort();
      for (const name of ['p10', 'p50', 'p90'] as const) bands[name].push(rounded(ranked(sorted, QUANTILES[name])));
    }
    return bands;
  }
}

class Seen {
  readonly #tables: { readonly adults: Table; readonly brood: Table; readonly honeyKg: Table };
  constructor(days: number, runs: number) {
    this.#tables = { adults: new Table(days, runs), brood: new Table(days, runs), honeyKg: new Table(days, runs) };
  }
  put(runNumber: number, index: number, units: readonly Unit[]): void {
    let [adults, brood, honey] = [0, 0, 0];
    for (const unit of units) {
      adults += adultsOf(unit);
      brood += broodOf(unit);
      honey += honeyKgOf(unit);
    }
    this.#tables.adults.put(runNumber, index, adults);
    this.#tables.brood.put(runNumber, index, brood);
    this.#tables.honeyKg.put(runNumber, index, honey);
  }
  bands(): Bands {
    const { adults, brood, honeyKg } = this.#tables;
    return { adults: adults.band(Math.round), brood: brood.band(Math.round), honeyKg: honeyKg.band(hundredths) };
  }
}

export interface Options {
  /** Bands of each unit too, where a method makes two. */
  readonly isByUnit?: boolean;
  /** Told after each run how many were made; throwing ends it. */
  readonly onRun?: (made: number) => void;
  /** Shown every day of every run. */
  readonly onDay?: (index: number, units: readonly Unit[]) => void;
  /** Instead of what is asked: for trying what holds without deaths. */
  readonly assumed?: Partial<Assumed>;
}

/**
 * What a choice comes to over all runs. Run 7 has the same luck whatever the choice, so that choices can be held against one another; no run
 * foretells a season.
 */
export function outcomeOf(
  asked: WhatIfAsked,
  choice: Choice,
  settings: Settings,
  { isByUnit = false, onRun, onDay, assumed }: Options = {},
): Outcome {
  const { from, days, runs } = asked;
  const course = courseOf(asked, choice, settings, assumed);
  const all = new Seen(days, runs);
  const names = course.method?.divides && isByUnit ? course.method.units.map(({ name }) => name) : [];
  const byUnit = names.map((name) => ({ name, seen: new Seen(days, runs) }));
  const ends = { swarmLost: 0, endsQueenless: 0, starved: 0 };
  const laying: number[] = [];
  const eggs: Day[] = [];
  for (let number = 0; number < runs; number++) {
    const end = run(course, number, {
      day: (index, units) => {
        all.put(number, index, units);
        onDay?.(index, units);
        for (const { name, seen } of byUnit)
          seen.put(
            number,
            index,
            units.filter((unit) => unit.name === name),
          );
      },
    });
    if (end.hasSwarmed) ends.swarmLost += 1;
    if (end.laying < end.units.length) ends.endsQueenless += 1;
    if (end.hasStarved) ends.starved += 1;
    laying.push(end.laying);
    if (end.firstEggs !== null) eggs.push(addDays(from, end.firstEggs));
    onRun?.(number + 1);
  }
  return {
    choice,
    ...all.bands(),
    swarmLost: ends.swarmLost / runs,
    endsQueenless: ends.endsQueenless / runs,
    starved: ends.starved / runs,
    firstEggs: eggs.length > 0 ? quantiles(eggs) : null,
    layingColonies: quantiles(laying),
    visitDays: visitDays(choice, asked, settings),
    units: byUnit.map(({ name, seen }) => ({ name, ...seen.bands() })),
  };
}
