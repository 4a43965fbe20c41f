import { addDays, type Day, formatDay, parseDay } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { ColonyFacts } from '../core/colony/facts';
import type { RoundFact } from '../core/facts/round';
import { colonyBack } from '../core/looking-back/colony-back';
import { type SeasonBack, seasonBack } from '../core/looking-back/season-back';
import { dayWords } from '../words/days';
import { ageWords, CAME_OUT_WORDS, methodBackWords, type RoundsBack, seasonBackWords } from '../words/looking-back';
import { methodTitle } from '../words/methods/methods';
import type { StandingColony } from './all-apiaries';

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
}

export interface LookingBackView {
  /** `YYYY-MM-DD` */
  readonly from: string;
  readonly to: string;
  readonly sentences: readonly string[];
  /** The same span a year before; null: nothing was entered in it. */
  readonly before: readonly string[] | null;
  readonly colonies: readonly ColonyBackLine[];
  readonly methods: readonly { readonly name: string; readonly begun: number; readonly came: string }[];
}

/** The same day a year before. */
const aYearBefore = (on: Day): Day => {
  const text = formatDay(on);
  const [year, rest] = [Number(text.slice(0, 4)) - 1, text.slice(4)];
  return parseDay(`${year}${rest}`) ?? addDays(on, -366);
};

const minuteOf = (minute: string): number => Date.parse(`${minute}Z`) / 60_000;

function roundsBack(rounds: readonly RoundFact[], { from, to }: DayRange): RoundsBack {
  const own = rounds.filter(({ beganAt }) => beganAt >= formatDay(from) && beganAt.slice(0, 10) <= formatDay(to));
  return {
    rounds: own.length,
    minutes: own.reduce(
      (sum, { beganAt, endedAt }) => sum + (endedAt === null ? 0 : minuteOf(endedAt) - minuteOf(beganAt)),
      0,
    ),
  };
}

/** The colonies that stood on a day, with what was known of them by then. */
export interface KnownThen {
  readonly colonies: readonly StandingColony[];
  readonly facts: ReadonlyMap<string, ColonyFacts>;
}

/** What a span came to, for all colonies or for some, beside the same span a year before. */
export function lookingBackView(
  knownOn: (on: Day) => KnownThen,
  rounds: readonly RoundFact[],
  span: DayRange,
  today: Day,
): LookingBackView {
  // As it stood when the span was over: what came of it later is another season's.
  const backs = (of: DayRange) => {
    const on = of.to < today ? of.to : today;
    const { colonies, facts } = knownOn(on);
    return colonies.flatMap((standing) => {
      const own = facts.get(standing.colony.id);
      return own ? [{ standing, back: colonyBack(standing.state, own, of, on) }] : [];
    });
  };
  const now = backs(span);
  const former = { from: aYearBefore(span.from), to: aYearBefore(span.to) };
  const then: SeasonBack = seasonBack(backs(former).map(({ back }) => back));
  const isKnown = then.inspections > 0 || then.methods.length > 0;
  const season = seasonBack(now.map(({ back }) => back));
  return {
    from: formatDay(span.from),
    to: formatDay(span.to),
    sentences: seasonBackWords(season, roundsBack(rounds, span), isKnown ? then : null),
    before: isKnown ? seasonBackWords(then, roundsBack(rounds, former), null) : null,
    colonies: now.map(({ standing: { colony, apiary }, back }) => ({
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
    })),
    methods: season.methods.map((one) => ({
      name: methodTitle(one.method),
      begun: one.begun,
      came: methodBackWords(one),
    })),
  };
}
