import { addDays, type Day, day, formatDay, latestOf, parseDay } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { ColonyFacts } from '../core/colony/facts';
import type { RoundFact } from '../core/facts/round';
import type { FoodFact, FoodKind } from '../core/food/food';
import { type ColonyBack, colonyBack, type FoundCell } from '../core/looking-back/colony-back';
import { type SeasonBack, seasonBack } from '../core/looking-back/season-back';
import { emergedInYear } from '../core/queens/age';
import { dayWords } from '../words/days';
import { ageWords, type BesideBack, CAME_OUT_WORDS, methodBackWords, seasonBackWords } from '../words/looking-back';
import { methodTitle } from '../words/methods/methods';
import { queenWords } from '../words/queens';
import type { StandingColony } from './all-apiaries';
import { type QueenRecords, staysOfQueen, temperOf } from './queens-view';

export interface ColonyBackLine {
  readonly id: string;
  readonly name: string;
  readonly apiary: string;
  readonly inspections: number;
  readonly swarms: number;
  readonly casts: number;
  readonly cells: number;
  /** How old the oldest was when found; null: none was found. */
  readonly oldest: string | null;
  readonly methods: string;
  readonly late: number;
  readonly honeyKg: number;
}

/** What the book says of a span for an apiary, or for all of a year. */
export interface BackLine {
  readonly id: string;
  readonly name: string;
  readonly colonies: number;
  readonly inspections: number;
  readonly swarms: number;
  readonly casts: number;
  readonly cells: number;
  readonly honeyKg: number;
  readonly firstDrones: string | null;
  readonly firstCharged: string | null;
}

/** A queen's share of a span: the colonies that she was in, while she was in them. */
export interface QueenBackLine {
  readonly id: string;
  readonly name: string;
  readonly colonies: string;
  readonly swarms: number;
  readonly cells: number;
  readonly honeyKg: number;
  readonly temper: string | null;
}

export interface LookingBackView {
  /** `YYYY-MM-DD` */
  readonly from: string;
  readonly to: string;
  readonly sentences: readonly string[];
  /** The same span a year before; null: nothing was entered in it. */
  readonly before: readonly string[] | null;
  readonly colonies: readonly ColonyBackLine[];
  readonly apiaries: readonly BackLine[];
  readonly queens: readonly QueenBackLine[];
  readonly methods: readonly { readonly name: string; readonly begun: number; readonly came: string }[];
  /** The same span in each of the last years of which something is known, the oldest first. */
  readonly years: readonly BackLine[];
  /** Every cell that was found, with how old it was at the least and at the most; `most` null: not known. */
  readonly cells: readonly (FoundCell & { readonly colony: string })[];
}

/** The same day a year before. */
const aYearBefore = (on: Day): Day => {
  const text = formatDay(on);
  const [year, rest] = [Number(text.slice(0, 4)) - 1, text.slice(4)];
  return parseDay(`${year}${rest}`) ?? addDays(on, -366);
};

const minuteOf = (minute: string): number => Date.parse(`${minute}Z`) / 60_000;

function besideBack(rounds: readonly RoundFact[], food: readonly FoodFact[], { from, to }: DayRange): BesideBack {
  const [first, last] = [formatDay(from), formatDay(to)];
  const isIn = (at: string) => at >= first && at.slice(0, 10) <= last;
  const own = rounds.filter(({ beganAt }) => isIn(beganAt));
  const kg = (kinds: readonly FoodKind[]) =>
    food.filter(({ at, kind }) => isIn(at) && kinds.includes(kind)).reduce((sum, { amount }) => sum + amount, 0);
  return {
    rounds: own.length,
    minutes: own.reduce(
      (sum, { beganAt, endedAt }) => sum + (endedAt === null ? 0 : minuteOf(endedAt) - minuteOf(beganAt)),
      0,
    ),
    honeyKg: kg(['honey-taken']),
    fedKg: kg(['syrup', 'fondant']),
  };
}

/** The colonies of a span, with what was known of them by its end. */
export interface KnownThen {
  /** Its last day, or today. */
  readonly on: Day;
  readonly colonies: readonly StandingColony[];
  readonly facts: ReadonlyMap<string, ColonyFacts>;
}

/** What is looked back on. */
export interface BackAsked {
  readonly knownIn: (span: DayRange) => KnownThen;
  readonly rounds: readonly RoundFact[];
  readonly food: readonly FoodFact[];
  readonly queens: QueenRecords;
  readonly span: DayRange;
}

/** So many years stand beside each other at the most. */
const YEARS_AT_MOST = 5;

const yearsBefore = ({ from, to }: DayRange, years: number): DayRange => {
  const back = (on: Day) => Array.from({ length: years }).reduce<Day>((day) => aYearBefore(day), on);
  return { from: back(from), to: back(to) };
};

/** What a span came to, for all colonies or for some, beside the same span in years before. */
export function lookingBackView({ knownIn, rounds, food, queens, span }: BackAsked): LookingBackView {
  // As it stood when the span was over: what came of it later is another season's.
  const backs = (of: DayRange) => {
    const { colonies, facts, on } = knownIn(of);
    return colonies.flatMap((standing) => {
      const own = facts.get(standing.colony.id);
      return own ? [{ standing, back: colonyBack(standing.state, own, of, on) }] : [];
    });
  };
  const years = Array.from({ length: YEARS_AT_MOST }, (_, i) => {
    const of = yearsBefore(span, i);
    const own = backs(of);
    const ids = new Set(own.map(({ standing }) => standing.colony.id));
    const theirs = food.filter(({ colonyId }) => ids.has(colonyId));
    return { of, own, season: seasonBack(own.map(({ back }) => back)), beside: besideBack(rounds, theirs, of) };
  });
  const [now, then] = years as [(typeof years)[number], (typeof years)[number]];
  const isKnown = ({ season, beside }: (typeof years)[number]) =>
    season.inspections > 0 || season.methods.length > 0 || beside.honeyKg > 0;
  const before = isKnown(then) ? then : null;
  const honeyOf = (colonyId: string) =>
    besideBack(
      [],
      food.filter((one) => one.colonyId === colonyId),
      span,
    ).honeyKg;
  const apiaries = [...new Map(now.own.map(({ standing: { apiary } }) => [apiary.id, apiary])).values()];
  return {
    from: formatDay(span.from),
    to: formatDay(span.to),
    sentences: seasonBackWords(now.season, now.beside, before?.season ?? null, before?.beside ?? null),
    before: before && seasonBackWords(before.season, before.beside, null),
    colonies: now.own.map(({ standing: { colony, apiary }, back }) => ({
      id: colony.id,
      name: colony.name,
      apiary: apiary.name,
      inspections: back.inspections,
      swarms: back.primes,
      casts: back.casts,
      cells: back.cellsFound,
      oldest: back.oldestCell && ageWords(back.oldestCell),
      methods: back.methods
        .map(({ method, on, cameOut }) => `${methodTitle(method)}, ${dayWords(on)}: ${CAME_OUT_WORDS[cameOut]}`)
        .join('; '),
      late: back.checks.late + back.checks.missed,
      honeyKg: honeyOf(colony.id),
    })),
    apiaries: apiaries.map(({ id, name }) => {
      const own = now.own.filter(({ standing }) => standing.apiary.id === id);
      const honey = own.reduce((sum, { standing }) => sum + honeyOf(standing.colony.id), 0);
      return backLine(id, name, seasonBack(own.map(({ back }) => back)), honey);
    }),
    queens: queenLines(now, queens, food, span),
    methods: now.season.methods.map((one) => ({
      name: methodTitle(one.method),
      begun: one.begun,
      came: methodBackWords(one),
    })),
    years: years
      .filter(isKnown)
      .map(({ of, season, beside }) => {
        const name = formatDay(of.to).slice(0, 4);
        return backLine(name, name, season, beside.honeyKg);
      })
      .reverse(),
    cells: now.own.flatMap(({ standing: { colony }, back }) =>
      back.found.map((one) => ({ ...one, colony: colony.name })),
    ),
  };
}

const backLine = (id: string, name: string, season: SeasonBack, honeyKg: number): BackLine => ({
  id,
  name,
  colonies: season.colonies,
  inspections: season.inspections,
  swarms: season.primes,
  casts: season.casts,
  cells: season.cellsFound,
  honeyKg,
  firstDrones: season.firstDrones === null ? null : dayWords(season.firstDrones),
  firstCharged: season.firstCharged === null ? null : dayWords(season.firstCharged),
});

interface Now {
  readonly own: readonly { readonly standing: StandingColony; readonly back: ColonyBack }[];
}

/** Each queen who was in one of the colonies within the span, with what is noted of them while she was there. */
function queenLines(
  { own }: Now,
  records: QueenRecords,
  food: readonly FoodFact[],
  span: DayRange,
): readonly QueenBackLine[] {
  const backOf = new Map(own.map(({ standing, back }) => [standing.colony.id, { name: standing.colony.name, back }]));
  return records.queens.flatMap((queen): readonly QueenBackLine[] => {
    const stays = staysOfQueen(queen.id, records)
      .map((stay) => ({ ...stay, from: latestOf(stay.from, span.from), to: stay.to ?? span.to }))
      .filter(({ colonyId, from, to }) => backOf.has(colonyId) && from <= to && from <= span.to);
    if (stays.length === 0) return [];
    const isIn = (on: Day, colonyId: string) =>
      stays.some((stay) => stay.colonyId === colonyId && stay.from <= on && on <= stay.to && on <= span.to);
    const hers = [...new Set(stays.map(({ colonyId }) => colonyId))];
    const swarms = records.events.filter(
      ({ queenId, kind, on }) => queenId === queen.id && kind === 'swarmed' && isWithin(day(on), span),
    );
    return [
      {
        id: queen.id,
        name: queenWords(emergedInYear(queen), queen.origin),
        colonies: hers.map((id) => backOf.get(id)?.name ?? '').join(', '),
        swarms: swarms.length,
        cells: hers.reduce(
          (sum, id) => sum + (backOf.get(id)?.back.found ?? []).filter(({ on }) => isIn(on, id)).length,
          0,
        ),
        honeyKg: food
          .filter(({ kind, at, colonyId }) => kind === 'honey-taken' && isIn(day(at.slice(0, 10)), colonyId))
          .reduce((sum, { amount }) => sum + amount, 0),
        temper: temperOf(queen.id, records),
      },
    ];
  });
}

const isWithin = (on: Day, { from, to }: DayRange): boolean => from <= on && on <= to;
