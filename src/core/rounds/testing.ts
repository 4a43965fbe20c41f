import type { Day } from '../calendar/day';
import type { RoundCheck, RoundDay, RoundsAsked } from './asked';

/** Every order of some things. */
function orders<T>(list: readonly T[]): readonly (readonly T[])[] {
  if (list.length < 2) return [list];
  return list.flatMap((one, i) => orders(list.filter((_, at) => at !== i)).map((rest) => [one, ...rest]));
}

/** Every way of parting some things into parts. */
function partings<T>(list: readonly T[]): readonly (readonly (readonly T[])[])[] {
  const [first, ...rest] = list;
  if (first === undefined) return [[]];
  return partings(rest).flatMap((parts) => [
    [[first], ...parts],
    ...parts.map((_, i) => parts.map((part, at) => (at === i ? [first, ...part] : part))),
  ]);
}

/** A day by the clock, tried out minute by minute. */
const STEP = 10;

/**
 * The least road on which some works can be laid out on a day: in any order, straight on or by home between, each begun at any tenth minute, in
 * one spell without a break, with as much of it as opens nests in one spell in which they can be opened. Null: in none.
 */
function roadByTheClock(
  day: RoundDay,
  works: readonly { readonly apiary: string; readonly open: number; readonly all: number }[],
  { apiaries, between }: RoundsAsked,
): number | null {
  const way = (id: string) => apiaries.find((one) => one.id === id)?.wayMinutes ?? 0;
  const half = (id: string) => Math.ceil(way(id) / 2);
  const straight = (a: string, b: string) =>
    between.find((one) => (one.a === a && one.b === b) || (one.a === b && one.b === a))?.minutes;
  const [first, last] = [day.free?.[0]?.from ?? 0, day.free?.at(-1)?.to ?? 0];
  const fits = (id: string, from: number, open: number, all: number) => {
    const there = day.there?.get(id);
    const lies = (span: { from: number; to: number }) => span.from <= from && from + all <= span.to;
    const opens = (span: { from: number; to: number }) =>
      Math.min(span.to, from + all) - Math.max(span.from, from) >= open;
    return all === 0 || ((there?.brief ?? []).some(lies) && (open === 0 || (there?.open ?? []).some(opens)));
  };
  let best: number | null = null;
  for (const order of orders(works)) {
    for (let by = 0; by < 2 ** Math.max(0, order.length - 1); by++) {
      const trips: string[][] = [];
      for (const [i, { apiary }] of order.entries())
        if (i > 0 && by & (1 << (i - 1))) trips.at(-1)?.push(apiary);
        else trips.push([apiary]);
      if (trips.some((trip) => trip.some((a, i) => trip.slice(i + 1).some((b) => straight(a, b) === undefined))))
        continue;
      const road = trips.reduce((sum, trip) => {
        const inner = trip.slice(1).reduce((all, id, i) => all + (straight(trip[i] as string, id) as number), 0);
        return sum + Math.ceil((way(trip[0] as string) + way(trip.at(-1) as string)) / 2) + inner;
      }, 0);
      if (best !== null && road >= best) continue;
      const gap = (i: number) => {
        const [a, b] = [order[i - 1]?.apiary as string, order[i]?.apiary as string];
        return by & (1 << (i - 1)) ? (straight(a, b) as number) : half(a) + half(b);
      };
      const goOn = (i: number, at: number): boolean => {
        const one = order[i];
        if (!one) return at + half(order.at(-1)?.apiary as string) <= last;
        const soonest = at + (i === 0 ? half(one.apiary) : gap(i));
        for (let from = soonest; from + one.all <= last; from += 1)
          if ((from % STEP === 0 || from === soonest) && fits(one.apiary, from, one.open, one.all))
            if (goOn(i + 1, from + one.all)) return true;
        return false;
      };
      if (goOn(0, first)) best = road;
    }
  }
  return best;
}

/** The road of a day by the rule's own words: half there, between, half back, rounded up; the best parting into trips. */
function roadOf(visited: readonly string[], { apiaries, between }: RoundsAsked): number {
  const way = (id: string) => apiaries.find((one) => one.id === id)?.wayMinutes ?? 0;
  const road = (a: string, b: string) =>
    between.find((one) => (one.a === a && one.b === b) || (one.a === b && one.b === a))?.minutes ??
    Number.POSITIVE_INFINITY;
  const trip = (part: readonly string[]) => {
    if (part.some((a, i) => part.slice(i + 1).some((b) => road(a, b) === Number.POSITIVE_INFINITY)))
      return road('', '');
    const lengths = orders(part).map((order) => {
      const inner = order.slice(1).reduce((sum, id, i) => sum + road(order[i] as string, id), 0);
      return Math.ceil(way(order[0] as string) / 2 + inner + way(order.at(-1) as string) / 2);
    });
    return Math.min(...lengths);
  };
  return Math.min(...partings(visited).map((parts) => parts.reduce((sum, part) => sum + trip(part), 0)));
}

/** Every way of putting each check on a day or on none, and the best of them by the six goals in their order. */
export function bestByTrying(given: RoundsAsked): readonly number[] {
  const { days, checks, pinned, forbidden, together } = given;
  const last = (days.at(-1) as RoundsAsked['days'][number]).on;
  const pinsOn = (on: Day) => pinned.filter((pin) => pin.on === on).map(({ apiary }) => apiary);
  const isOverrun = (on: Day, free: number) => roadOf(pinsOn(on), given) > free;
  const isLess = (a: readonly number[], b: readonly number[]) => {
    const i = a.findIndex((one, n) => one !== b[n]);
    return i >= 0 && (a[i] as number) < (b[i] as number);
  };
  const minutes = (list: readonly RoundCheck[]) => list.reduce((sum, one) => sum + one.minutes, 0);
  const known = new Map<string, number | null>();
  const roadOn = (day: RoundDay, visited: readonly string[], own: readonly RoundCheck[]): number | null => {
    if (!day.free) return roadOf(visited, given);
    const works = visited.map((apiary) => {
      const there = own.filter((one) => one.apiary === apiary);
      return { apiary, open: minutes(there.filter(({ opens }) => opens)), all: minutes(there) };
    });
    const key = JSON.stringify([day.on, works]);
    if (!known.has(key)) known.set(key, roadByTheClock(day, works, given));
    return known.get(key) ?? null;
  };
  let best: readonly number[] | null = null;
  const dayOf = new Map<string, Day | null>();
  const tell = () => {
    if (together.some(([one, other]) => dayOf.get(one) !== dayOf.get(other))) return;
    let [heavy, lastDay, light, minutes, rounds, daysOff] = [0, 0, 0, 0, 0, 0];
    for (const day of days) {
      const { on, freeMinutes } = day;
      const own = checks.filter(({ id }) => dayOf.get(id) === on);
      const visited = [...new Set([...pinsOn(on), ...own.map(({ apiary }) => apiary)])];
      const work = own.reduce((sum, one) => sum + one.minutes, 0);
      const road = own.length > 0 ? roadOn(day, visited, own) : roadOf(visited, given);
      if (road === null || (!isOverrun(on, freeMinutes) && road + work > freeMinutes)) return;
      minutes += 7 * road;
      rounds += visited.length;
    }
    for (const { id, weight, window, notAfter, minutes: takes } of checks) {
      const on = dayOf.get(id) ?? null;
      if (on === null && window.latest > last) continue;
      const n = Math.max(0, (on ?? last + 1) - window.latest);
      const e = on === null ? 0 : Math.max(0, window.earliest - on);
      if (weight >= 40) {
        if (on === null && notAfter !== undefined && notAfter <= last) heavy += 300;
        else if (n > 0) heavy += weight * (n + 2);
        else heavy += e * Math.ceil(weight / 10);
      } else {
        for (let k = 1; k <= n; k++) light += weight * Math.min(k, 28);
        minutes += e * takes;
      }
      if (on !== null && weight === 100 && window.earliest < window.latest && on === window.latest) lastDay += 1;
      if (on !== null) daysOff += Math.abs(on - window.ideal);
    }
    const cost = [heavy, lastDay, light, minutes, rounds, daysOff];
    if (best === null || isLess(cost, best)) best = cost;
  };
  const put = (i: number) => {
    const one = checks[i];
    if (!one) return tell();
    dayOf.set(one.id, null);
    put(i + 1);
    for (const { on, fit: whole, freeMinutes, there } of days) {
      const fit = there?.get(one.apiary)?.fit ?? whole;
      const isIn =
        on >= (one.earlyFrom ?? one.window.earliest) &&
        (one.notAfter === undefined || on <= one.notAfter) &&
        !forbidden.includes(on) &&
        !isOverrun(on, freeMinutes);
      const isFit = fit === 'open' || fit === 'unknown' || (fit === 'brief' && !one.opens);
      if (!isIn || !isFit) continue;
      dayOf.set(one.id, on);
      put(i + 1);
    }
  };
  put(0);
  return best as unknown as readonly number[];
}
