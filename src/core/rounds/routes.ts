import { halfOf, type Roads } from './road';

/** Apiaries in the order in which a day goes over them, with the road between them: straight on, or by home. */
export interface Route {
  readonly apiaries: readonly string[];
  /** Minutes from home to the first, and from the last home. */
  readonly out: number;
  readonly back: number;
  /** Minutes from each to the next. */
  readonly gaps: readonly number[];
  /** Minutes on the road, each trip's rounded up. */
  readonly road: number;
}

/** On a day of which the hours are known nobody goes to more apiaries than this. */
export const STOPS_AT_MOST = 5;

/** Every order of some things, those first that keep theirs. */
export function orders<T>(items: readonly T[]): readonly (readonly T[])[] {
  if (items.length < 2) return [items];
  return items.flatMap((item, i) => orders(items.filter((_, at) => at !== i)).map((rest) => [item, ...rest]));
}

/**
 * The ways of driving over some apiaries in one order: wherever the road between two is known, all of the trip's are, and it is shorter than by
 * home, it is gone straight on. One way but where not all of the roads are known.
 */
export function routesIn(order: readonly string[], roads: Roads): readonly Route[] {
  const gaps = order.slice(1).map((id, i) => [order[i] as string, id] as const);
  const isShorter = ([a, b]: readonly [string, string]) =>
    (roads.between(a, b) ?? Number.POSITIVE_INFINITY) < halfOf(roads.way(a)) + halfOf(roads.way(b));
  const isTrip = (trip: readonly string[]) =>
    trip.every((a, i) => trip.slice(i + 1).every((b) => roads.between(a, b) !== undefined));
  const whole = 2 ** gaps.length;
  const known = Array.from({ length: whole }, (_, straight) => straight).filter(
    (straight) =>
      gaps.every((gap, i) => !(straight & (1 << i)) || isShorter(gap)) && tripsIn(order, straight).every(isTrip),
  );
  return known
    .filter((straight) => !known.some((more) => more !== straight && (more & straight) === straight))
    .map((straight) => ({
      apiaries: order,
      out: halfOf(roads.way(order[0] as string)),
      back: halfOf(roads.way(order.at(-1) as string)),
      gaps: gaps.map(([a, b], i) =>
        straight & (1 << i) ? (roads.between(a, b) as number) : halfOf(roads.way(a)) + halfOf(roads.way(b)),
      ),
      road: tripsIn(order, straight).reduce((sum, trip) => sum + minutesOf(trip, roads), 0),
    }));
}

/** An order parted where it goes by home. */
function tripsIn(order: readonly string[], straight: number): readonly (readonly string[])[] {
  const trips: string[][] = [];
  for (const [i, id] of order.entries()) {
    if (i > 0 && straight & (1 << (i - 1))) trips.at(-1)?.push(id);
    else trips.push([id]);
  }
  return trips;
}

function minutesOf(trip: readonly string[], { way, between }: Roads): number {
  const inner = trip.slice(1).reduce((sum, id, i) => sum + (between(trip[i] as string, id) ?? 0), 0);
  return Math.ceil((way(trip[0] as string) + way(trip.at(-1) as string)) / 2) + inner;
}

/** The routes over some apiaries, the least road first. */
export interface Routes {
  readonly over: (apiaries: readonly string[]) => readonly Route[];
  /** Of those of which another is no longer in any respect that one alone: where the hours are the same at all of them, no other is needed. */
  readonly shortestOver: (apiaries: readonly string[]) => readonly Route[];
}

/** Each list of routes is worked out once. */
export function routesOf(roads: Roads): Routes {
  const known = new Map<string, { readonly all: readonly Route[]; shortest: readonly Route[] | null }>();
  const entry = (apiaries: readonly string[]) => {
    const ids = [...apiaries].sort();
    const key = ids.join('\n');
    const before = known.get(key);
    if (before) return before;
    const all = orders(ids)
      .flatMap((order) => routesIn(order, roads))
      .sort((a, b) => a.road - b.road);
    const made = { all, shortest: null };
    known.set(key, made);
    return made;
  };
  return {
    over: (apiaries) => entry(apiaries).all,
    shortestOver(apiaries) {
      const found = entry(apiaries);
      found.shortest ??= notLonger(found.all);
      return found.shortest;
    },
  };
}

function notLonger(routes: readonly Route[]): readonly Route[] {
  const sizes = routes.map(({ road, out, back, gaps }) => [road, out, back, gaps.reduce((sum, gap) => sum + gap, 0)]);
  const isNoLonger = (other: readonly number[], one: readonly number[]) =>
    other.every((size, n) => size <= (one[n] as number));
  const isLess = (other: readonly number[], one: readonly number[]) =>
    isNoLonger(other, one) && other.some((size, n) => size < (one[n] as number));
  return routes.filter((_, i) => {
    const one = sizes[i] as number[];
    return !sizes.some((other, at) => at !== i && (at < i ? isNoLonger(other, one) : isLess(other, one)));
  });
}
