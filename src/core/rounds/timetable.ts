import { type Span, within } from '../settings/free-time';
import { fitAt, type RoundDay } from './asked';
import type { Roads } from './road';
import { type Route, routesOf, STOPS_AT_MOST } from './routes';

/** Work at one apiary on a day, min. */
export interface Work {
  readonly apiary: string;
  /** Of what opens brood nests. */
  readonly open: number;
  readonly all: number;
}

/** When the keeper is at the hives of an apiary, in minutes since midnight. */
export interface Stop extends Span {
  readonly apiary: string;
}

/** A day laid out by the clock. */
export interface Laid {
  /** In the order in which they are made. */
  readonly stops: readonly Stop[];
  /** Minutes on the road. */
  readonly road: number;
}

/** Hours without a break in which there can be work at an apiary, and those among them in which brood nests can be opened. */
export interface FitSpell {
  readonly brief: Span;
  readonly open: Span | null;
}

/** When a day can begin and has to end. */
export function boundsOf({ free }: RoundDay): Span | null {
  const [first, last] = [free?.[0], free?.at(-1)];
  return first && last ? { from: first.from, to: last.to } : null;
}

/** The spells of a day at an apiary, as they follow one another; null: its hours are not known, and any do. */
function spellsAt(day: RoundDay, apiary: string): readonly FitSpell[] {
  const { open, brief } = fitAt(day, apiary);
  const opens = open ?? (day.fit === 'open' || day.fit === 'unknown' ? (day.free ?? []) : []);
  return (brief ?? (day.fit === 'shut' ? [] : (day.free ?? []))).flatMap((spell): FitSpell[] => {
    const within = opens.filter(({ from, to }) => from >= spell.from && to <= spell.to);
    return within.length === 0 ? [{ brief: spell, open: null }] : within.map((one) => ({ brief: spell, open: one }));
  });
}

/** Days laid out by the clock. */
export interface Timetables {
  /**
   * A day's work laid out: out of the house not before its first free minute, home by its last; at each apiary without a break, in hours that
   * are fit for what is done there; with the road between. The least road of those that can be; of those the order given first, and
   * everything as early as it can be.
   *
   * @param works of each apiary once; without any work somebody goes there all the same, whatever the weather
   * @returns null: in no order does it all go into the day, or it is more than {@link STOPS_AT_MOST}, or the day's hours are not known
   */
  readonly lay: (day: RoundDay, works: readonly Work[]) => Laid | null;
  /** The minutes on the road of such a day, without its hours: quickly. */
  readonly road: (day: RoundDay, works: readonly Work[]) => number | null;
  /** The minutes of work that can be done without a break at an apiary, if nothing else is done that day. */
  readonly mostInOneGo: (day: RoundDay, apiary: string) => { readonly open: number; readonly brief: number };
  /** The routes over some apiaries that a day may need, the least road first; where at one of them nothing may be done, all of them. */
  readonly routes: (day: RoundDay, apiaries: readonly string[], isAnyIdle: boolean) => readonly Route[];
  readonly spells: (day: RoundDay, apiary: string) => readonly FitSpell[];
}

export function timetables(apiaries: readonly string[], roads: Roads): Timetables {
  const routes = routesOf(roads);
  const spellsOf = new Map<
    RoundDay,
    { readonly at: ReadonlyMap<string, readonly FitSpell[]>; readonly isSame: boolean }
  >();
  const hours = (day: RoundDay) => {
    const known = spellsOf.get(day);
    if (known) return known;
    const at = new Map(apiaries.map((id) => [id, spellsAt(day, id)] as const));
    const made = { at, isSame: new Set([...at.values()].map((spells) => JSON.stringify(spells))).size < 2 };
    spellsOf.set(day, made);
    return made;
  };
  const spells = (day: RoundDay, apiary: string) => hours(day).at.get(apiary) ?? [];
  // An idle stop may lie outside the hours that are the same at all of them.
  const needed = (day: RoundDay, ids: readonly string[], isAnyIdle: boolean) =>
    hours(day).isSame && !isAnyIdle ? routes.shortestOver(ids) : routes.over(ids);
  const stops = (day: RoundDay, route: Route, works: readonly Work[]) => {
    const bounds = boundsOf(day);
    return bounds && stopsOn(hours(day).at, route, works, bounds);
  };
  const isMany = (works: readonly Work[]) => works.length > STOPS_AT_MOST;
  const ids = (works: readonly Work[]) => works.map(({ apiary }) => apiary);
  return {
    spells,
    routes: needed,
    mostInOneGo(day, apiary) {
      const bounds = boundsOf(day);
      const { openMinutes, briefMinutes } = fitAt(day, apiary);
      if (!bounds) return { open: openMinutes, brief: briefMinutes };
      const near = roads.soonestAt(apiary);
      const reached = { from: bounds.from + near, to: bounds.to - near };
      const long = (list: readonly (Span | null)[]) =>
        Math.max(
          0,
          ...within(
            list.filter((one) => one !== null),
            reached,
          ).map(({ from, to }) => to - from),
        );
      return {
        open: long(spells(day, apiary).map(({ open }) => open)),
        brief: long(spells(day, apiary).map(({ brief }) => brief)),
      };
    },
    road(day, works) {
      if (isMany(works)) return null;
      const isAnyIdle = works.some(({ all }) => all === 0);
      return needed(day, ids(works), isAnyIdle).find((route) => stops(day, route, works) !== null)?.road ?? null;
    },
    lay(day, works) {
      if (isMany(works)) return null;
      const rank = (route: Route) =>
        route.apiaries.map((id) => works.findIndex(({ apiary }) => apiary === id)).join(' ');
      let best: (Laid & { readonly rank: string }) | null = null;
      for (const route of routes.over(ids(works))) {
        if (best && route.road > best.road) break;
        const made = stops(day, route, works);
        if (made && (!best || rank(route) < best.rank)) best = { stops: made, road: route.road, rank: rank(route) };
      }
      return best && { stops: best.stops, road: best.road };
    },
  };
}

/** One stop after the other, each done as early as it can be: nothing is gained by waiting. */
export function stopsOn(
  spells: ReadonlyMap<string, readonly FitSpell[]>,
  { apiaries, out, back, gaps }: Route,
  works: readonly Work[],
  bounds: Span,
): readonly Stop[] | null {
  let at = bounds.from + out;
  const stops: Stop[] = [];
  for (const [i, apiary] of apiaries.entries()) {
    const work = works.find((one) => one.apiary === apiary) as Work;
    const stop = stopAt(spells.get(apiary) ?? [], work, at);
    if (!stop) return null;
    stops.push({ apiary, ...stop });
    at = stop.to + (gaps[i] ?? back);
  }
  return at > bounds.to ? null : stops;
}

/** What ends first. Looks from above go before brood nests can be opened and after, and fill the time until they can be. */
function stopAt(spells: readonly FitSpell[], { open, all }: Work, at: number): Span | null {
  if (all === 0) return { from: at, to: at };
  let best: Span | null = null;
  for (const spell of spells) {
    const stop = stopIn(spell, open, all, at);
    if (stop && (!best || stop.to < best.to)) best = stop;
  }
  return best;
}

function stopIn({ brief, open: opens }: FitSpell, open: number, all: number, at: number): Span | null {
  const from = Math.max(at, brief.from);
  if (open === 0) return from + all <= brief.to ? { from, to: from + all } : null;
  if (!opens) return null;
  const before = Math.min(all - open, Math.max(0, opens.from - from));
  const begins = Math.max(from + before, opens.from);
  const to = begins - before + all;
  return begins + open <= opens.to && to <= brief.to ? { from: begins - before, to } : null;
}
