import type { RoadBetween, RoundApiary } from './asked';

/** Apiaries that are visited one after the other without going home between. */
export interface Trip {
  /** In the order that costs least. */
  readonly apiaries: readonly string[];
  /** Half the way to the first, the roads between, half the way back from the last; rounded up. */
  readonly minutes: number;
}

/** The roads of a keeper. */
export interface Roads {
  /** There and back. */
  readonly way: (apiary: string) => number;
  /** From one to the other; undefined: not known, and no trip is made over both. */
  readonly between: (a: string, b: string) => number | undefined;
  /** Trips over two apiaries or more that are shorter than the ways of their parts. */
  readonly trips: readonly Trip[];
  /** False: there are more trips than are looked at, and a day may do with less road than is said. */
  readonly isWhole: boolean;
  /** The least minutes on the road of a day on which these are visited. */
  readonly least: (apiaries: Iterable<string>) => number;
  /** The trips of that day, each apiary in one. */
  readonly parted: (apiaries: Iterable<string>) => readonly Trip[];
  /** The least minutes on the road of any day on which this one is visited. */
  readonly leastTo: (apiary: string) => number;
  /** The least minutes from home to this one, over another where that is shorter. */
  readonly soonestAt: (apiary: string) => number;
}

/** Half of a way; nobody leaves in the middle of a minute. */
export const halfOf = (wayMinutes: number): number => Math.ceil(wayMinutes / 2);

/** More trips than this are not looked at, the shortest lists first: of up to eight apiaries with all roads between known there are fewer. */
const TRIPS_AT_MOST = 400;

/**
 * What the roads between some apiaries save: a trip is made over apiaries of which each pair's road is known. A day's apiaries are parted
 * into trips so that its minutes on the road are least; without roads between each costs its own way.
 */
export function roadsOf(apiaries: readonly RoundApiary[], between: readonly RoadBetween[]): Roads {
  const wayOf = new Map(apiaries.map(({ id, wayMinutes }) => [id, wayMinutes]));
  const way = (id: string) => wayOf.get(id) ?? 0;
  const road = new Map(
    between.flatMap(({ a, b, minutes }) => [[`${a} ${b}`, minutes] as const, [`${b} ${a}`, minutes] as const]),
  );
  const { cliques, isWhole } = cliquesOf(
    apiaries.map(({ id }) => id),
    (a, b) => road.has(`${a} ${b}`),
  );
  const trips: Trip[] = [];
  const byApiary = new Map<string, Trip[]>();
  const known = new Map<string, readonly Trip[]>();
  const parted = (ids: Iterable<string>): readonly Trip[] => {
    const list = [...new Set(ids)].sort();
    const key = JSON.stringify(list);
    const before = known.get(key);
    if (before) return before;
    const [first, ...rest] = list;
    let best: readonly Trip[] = [];
    if (first !== undefined) {
      best = [{ apiaries: [first], minutes: way(first) }, ...parted(rest)];
      for (const trip of byApiary.get(first) ?? []) {
        if (!trip.apiaries.every((id) => list.includes(id))) continue;
        const other = [trip, ...parted(list.filter((id) => !trip.apiaries.includes(id)))];
        if (minutesOf(other) < minutesOf(best)) best = other;
      }
    }
    known.set(key, best);
    return best;
  };
  for (const clique of cliques) {
    const trip = shortest(clique, way, (a, b) => road.get(`${a} ${b}`) as number);
    // Not yet among the trips: what its parts cost is known by those that are smaller.
    if (trip.minutes >= minutesOf(parted(clique))) continue;
    trips.push(trip);
    known.clear();
    for (const id of clique) byApiary.set(id, [...(byApiary.get(id) ?? []), trip]);
  }
  return {
    way,
    between: (a, b) => road.get(`${a} ${b}`),
    trips,
    isWhole,
    parted,
    least: (ids) => minutesOf(parted(ids)),
    soonestAt: (id) =>
      Math.min(
        halfOf(way(id)),
        ...apiaries.flatMap((one) => {
          const on = road.get(`${one.id} ${id}`);
          return on === undefined ? [] : [halfOf(one.wayMinutes) + on];
        }),
      ),
    leastTo: (id) => Math.min(way(id), ...(byApiary.get(id) ?? []).map(({ minutes }) => minutes)),
  };
}

const minutesOf = (trips: readonly Trip[]): number => trips.reduce((sum, { minutes }) => sum + minutes, 0);

/** All lists of two or more of which each pair is joined, those of two first, then of three, and so on. */
function cliquesOf(
  ids: readonly string[],
  isJoined: (a: string, b: string) => boolean,
): { readonly cliques: readonly (readonly string[])[]; readonly isWhole: boolean } {
  const cliques: (readonly string[])[] = [];
  let larger: readonly (readonly string[])[] = ids.map((id) => [id]);
  while (larger.length > 0) {
    larger = larger.flatMap((clique) =>
      ids
        .slice(ids.indexOf(clique.at(-1) as string) + 1)
        .filter((id) => clique.every((one) => isJoined(one, id)))
        .map((id) => [...clique, id]),
    );
    if (cliques.length + larger.length > TRIPS_AT_MOST) return { cliques, isWhole: false };
    cliques.push(...larger);
  }
  return { cliques, isWhole: true };
}

/** The order over all of a list that costs least: the shortest road from each to each over every part of it, from smaller parts to larger. */
function shortest(list: readonly string[], way: (id: string) => number, road: (a: string, b: string) => number): Trip {
  // Twice the minutes: halves of ways are whole then.
  const at = (set: number, last: number) => set * list.length + last;
  const cost = new Map<number, { readonly twice: number; readonly before: number | null }>();
  const whole = (1 << list.length) - 1;
  for (const [i, id] of list.entries()) cost.set(at(1 << i, i), { twice: way(id), before: null });
  for (let set = 1; set <= whole; set++) {
    for (const [last, from] of list.entries()) {
      const here = cost.get(at(set, last));
      if (!here) continue;
      for (const [next, to] of list.entries()) {
        if (set & (1 << next)) continue;
        const key = at(set | (1 << next), next);
        const twice = here.twice + 2 * road(from, to);
        if (twice < (cost.get(key)?.twice ?? Number.POSITIVE_INFINITY)) cost.set(key, { twice, before: last });
      }
    }
  }
  const ends = list.map((id, last) => (cost.get(at(whole, last))?.twice ?? 0) + way(id));
  let last: number | null = ends.indexOf(Math.min(...ends));
  const minutes = Math.ceil((ends[last] as number) / 2);
  const apiaries: string[] = [];
  for (let set = whole; last !== null; ) {
    apiaries.unshift(list[last] as string);
    const before: number | null = cost.get(at(set, last))?.before ?? null;
    set &= ~(1 << last);
    last = before;
  }
  return { apiaries, minutes };
}
