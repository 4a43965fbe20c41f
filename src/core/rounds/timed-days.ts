import type { Day } from '../calendar/day';
import { MINUTES_A_DAY } from '../calendar/minute';
import { grouped } from '../grouped';
import type { RoundDay, RoundsAsked } from './asked';
import type { Row, Sum } from './model';
import { type Route, STOPS_AT_MOST } from './routes';
import type { WorkOn } from './statement';
import { boundsOf, type FitSpell, stopsOn, type Timetables, type Work } from './timetable';

/** A day that the programme lays out by the clock, by its variables. */
export interface TimedDay {
  readonly on: Day;
  readonly routes: readonly { readonly of: number; readonly route: Route }[];
  readonly stops: readonly TimedStop[];
}

/** When the keeper is at an apiary: in which of its spells, from when to when, and from when to when brood nests are open. */
export interface TimedStop {
  readonly apiary: string;
  readonly spells: readonly { readonly of: number; readonly spell: FitSpell }[];
  readonly from: number;
  readonly to: number;
  readonly openFrom: number;
  readonly openTo: number;
}

interface Given {
  readonly made: readonly { readonly apiary: string; readonly on: Day }[];
  /** The variable of the first round. */
  readonly firstRound: number;
  /** The first variable that is free. */
  readonly first: number;
  /** Of each of the days. */
  readonly routes: ReadonlyMap<Day, readonly Route[]>;
  readonly clock: Timetables;
  readonly asked: Pick<RoundsAsked, 'pinned' | 'checks'>;
  readonly workOn: WorkOn;
}

/** More routes of a day than this are not looked at, those over few apiaries first: over five apiaries there are 325. */
const ROUTES_AT_MOST = 700;

/**
 * The variables and rows that lay days out by the clock: one route a day, which takes in the apiaries that are visited; at each the work without
 * a break in one spell, what opens nests where they can be opened; and from one to the next not before it is driven.
 */
export function timedDays(
  days: readonly RoundDay[],
  given: Given,
): {
  readonly days: readonly TimedDay[];
  readonly most: readonly number[];
  readonly rows: readonly Row[];
} {
  const most: number[] = [];
  const rows: Row[] = [];
  const variable = (upTo: number) => {
    most.push(upTo);
    return given.first + most.length - 1;
  };
  const laid = days.map((day): TimedDay => {
    const rounds = given.made.flatMap(({ apiary, on }, i) =>
      on === day.on ? [{ apiary, of: given.firstRound + i }] : [],
    );
    const routes = (given.routes.get(day.on) ?? []).map((route) => ({ of: variable(1), route }));
    const stops = rounds.map(
      ({ apiary }): TimedStop => ({
        apiary,
        spells: spellsOn(day, apiary, given).map((spell) => ({ of: variable(1), spell })),
        from: variable(MINUTES_A_DAY),
        to: variable(MINUTES_A_DAY),
        openFrom: variable(MINUTES_A_DAY),
        openTo: variable(MINUTES_A_DAY),
      }),
    );
    rows.push(...rowsOf(day, { on: day.on, routes, stops }, rounds, given));
    return { on: day.on, routes, stops };
  });
  return { days: laid, most, rows };
}

/**
 * Each spell with the hours in which nests can be opened, and once without them, for looks from above alone. A pinned round stands whatever
 * the weather: without work it is made at any time.
 */
function spellsOn(day: RoundDay, apiary: string, { asked, clock }: Given): readonly FitSpell[] {
  const spells = clock.spells(day, apiary);
  const bounds = boundsOf(day);
  const isPinned = asked.pinned.some((pin) => pin.on === day.on && pin.apiary === apiary);
  const whole = [...new Set(spells.filter(({ open }) => open !== null).map(({ brief }) => brief))];
  return [
    ...spells,
    ...whole.map((brief) => ({ brief, open: null })),
    ...(isPinned && bounds ? [{ ...IDLE, brief: bounds }] : []),
  ];
}

const IDLE = { open: null, isIdle: true } as const;
const isIdle = (spell: FitSpell): boolean => 'isIdle' in spell;

/**
 * The routes that a day can be made on, over apiaries to which somebody may go that day.
 *
 * @returns null: they are too many
 */
export function routesOn(
  day: RoundDay,
  apiaries: readonly string[],
  asked: Pick<RoundsAsked, 'pinned' | 'checks'>,
  clock: Timetables,
): readonly Route[] | null {
  const bounds = boundsOf(day);
  const pins = asked.pinned.filter(({ on }) => on === day.on).map(({ apiary }) => apiary);
  if (!bounds) return [];
  // Of nothing less can be done at an apiary than the least of what is due there.
  const hours = new Map(apiaries.map((apiary) => [apiary, clock.spells(day, apiary)]));
  const least = apiaries.map((apiary): Work => {
    const minutes = asked.checks.filter((check) => check.apiary === apiary).map((check) => check.minutes);
    return { apiary, open: 0, all: pins.includes(apiary) ? 0 : Math.min(MINUTES_A_DAY, ...minutes) };
  });
  const routes: Route[] = [];
  for (let many = Math.max(1, pins.length); many <= Math.min(STOPS_AT_MOST, apiaries.length); many++) {
    const more = choices(apiaries, many)
      .filter((list) => pins.every((pin) => list.includes(pin)))
      .flatMap((list) => clock.routes(day, list, pins.length > 0))
      .filter((route) => stopsOn(hours, route, least, bounds) !== null);
    if (routes.length + more.length > ROUTES_AT_MOST) return null;
    routes.push(...more);
  }
  return routes;
}

/** Every choice of so many things. */
function choices<T>(items: readonly T[], many: number): readonly (readonly T[])[] {
  if (many === 0) return [[]];
  return items.flatMap((item, i) => choices(items.slice(i + 1), many - 1).map((rest) => [item, ...rest]));
}

function rowsOf(
  day: RoundDay,
  { on, routes, stops }: TimedDay,
  rounds: readonly { readonly apiary: string; readonly of: number }[],
  { workOn }: Given,
): readonly Row[] {
  const bounds = boundsOf(day);
  if (!bounds) return [];
  const one = (of: number) => ({ of, times: 1 });
  const minus = (of: number) => ({ of, times: -1 });
  const upTo = (right: number, ...sum: Sum): Row => ({ sum, is: '<=', right });
  const roundOf = new Map(rounds.map(({ apiary, of }) => [apiary, of]));
  const drives = grouped(
    routes.flatMap(({ of, route }) =>
      route.gaps.map((minutes, i) => ({ of, minutes, from: route.apiaries[i], to: route.apiaries[i + 1] })),
    ),
    ({ from, to }) => `${from} ${to}`,
  );
  return [
    ...(routes.length > 1 ? [upTo(1, ...routes.map(({ of }) => one(of)))] : []),
    ...stops.flatMap(({ apiary, spells, from, to, openFrom, openTo }): readonly Row[] => {
      const round = roundOf.get(apiary) as number;
      const work = workOn(on, (check) => check.apiary === apiary);
      const open = workOn(on, (check) => check.apiary === apiary && check.opens);
      const over = routes.filter(({ route }) => route.apiaries.includes(apiary));
      const opening = ({ spell }: (typeof spells)[number]) => spell.open ?? spell.brief;
      const idle = spells.filter(({ spell }) => isIdle(spell));
      return [
        { sum: [...over.map(({ of }) => one(of)), minus(round)], is: '=', right: 0 },
        { sum: [...spells.map(({ of }) => one(of)), minus(round)], is: '=', right: 0 },
        upTo(0, ...spells.map(({ of, spell }) => ({ of, times: spell.brief.from })), minus(from)),
        upTo(0, one(to), ...spells.map(({ of, spell }) => ({ of, times: -spell.brief.to }))),
        upTo(0, ...spells.map((each) => ({ of: each.of, times: opening(each).from })), minus(openFrom)),
        upTo(0, one(openTo), ...spells.map((each) => ({ of: each.of, times: -opening(each).to }))),
        upTo(0, one(from), minus(openFrom)),
        upTo(0, one(openTo), minus(to)),
        upTo(0, ...work, one(from), minus(to)),
        upTo(0, ...open, one(openFrom), minus(openTo)),
        ...(open.length === 0
          ? []
          : [
              upTo(
                0,
                ...open,
                ...spells.flatMap(({ of, spell }) =>
                  spell.open ? [{ of, times: spell.open.from - spell.open.to }] : [],
                ),
              ),
            ]),
        ...(idle.length === 0
          ? []
          : [upTo(MINUTES_A_DAY, ...work, ...idle.map(({ of }) => ({ of, times: MINUTES_A_DAY })))]),
        // Not before the way there, and home in time.
        upTo(
          0,
          ...over.flatMap(({ of, route }) =>
            route.apiaries[0] === apiary ? [{ of, times: bounds.from + route.out }] : [],
          ),
          minus(from),
        ),
        upTo(
          bounds.to,
          one(to),
          ...over.flatMap(({ of, route }) => (route.apiaries.at(-1) === apiary ? [{ of, times: route.back }] : [])),
        ),
      ];
    }),
    ...stops.flatMap((before) =>
      stops.flatMap((after): readonly Row[] => {
        const straight = drives.get(`${before.apiary} ${after.apiary}`) ?? [];
        if (straight.length === 0) return [];
        return [
          upTo(
            MINUTES_A_DAY,
            one(before.to),
            minus(after.from),
            ...straight.map(({ of, minutes }) => ({ of, times: MINUTES_A_DAY + minutes })),
          ),
        ];
      }),
    ),
  ];
}
