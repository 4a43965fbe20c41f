import { addDays, type Day, formatDay } from '../core/calendar/day';
import { grouped } from '../core/grouped';
import type { MetNeed } from '../core/kit/shortages';
import type { Fortnight, FortnightAsked, TimedRound, UnmetVisit } from '../core/rounds/plan-fortnight';
import { inRoundOrder } from '../core/rounds/round-order';
import { apart, type VisitCheck } from '../core/rounds/to-visit';
import type { MovedVisit } from '../core/rounds/what-moved';
import { byPressing, type CheckOnDay, colonyOnDay } from '../core/schedule/standing';
import { withinSentence } from '../words/capital';
import { dueWords, orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { lineWords } from '../words/line';
import { weekPhrases } from '../words/pages/week';
import { ASSUMED, apartWords, beginWords, durationWords, movedWords, spanWords, unmetWords } from '../words/rounds';
import { tooLateWords } from '../words/schedule';
import { FIT_WORDS } from '../words/weather';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { type ShortageLine, shortageLines } from './kit-view';
import { type Tone, toneOf } from './marks';
import { swarmRisks } from './measured-notes';
import { colonyRow, namesOf, type TodayBand, type TodayRow, todayBands } from './today-view';

/** A hive of a round, with what is done there on it. */
export interface WeekRow {
  readonly row: TodayRow;
  /** All that is done there on it, in a line. */
  readonly line: { readonly act: string; readonly tone: Tone; readonly reason: string };
  /** What is done there, each with its key for taking it off the round. */
  readonly tasks: readonly {
    readonly key: string;
    readonly words: string;
    readonly order: string;
    /** Of the first alone. */
    readonly why: string | null;
    readonly tone: Tone;
    readonly note: string | null;
  }[];
}

export interface WeekRound {
  readonly key: string;
  /** `YYYY-MM-DD` */
  readonly on: string;
  readonly apiaryId: string;
  readonly title: string;
  /** `Today 10:05`, `Mon 17 May`. */
  readonly when: string;
  /** `10:05`; null: its hours are not known. */
  readonly begins: string | null;
  readonly apiary: string;
  /** Its hives in their order, the last of many counted. */
  readonly names: string;
  /** `3 hives, 1 late`. */
  readonly size: string;
  /** `1 h 36 min`. */
  readonly takes: string;
  /** What the weather allows there, in the hours that the keeper is free. */
  readonly weather: string;
  readonly isPinned: boolean;
  readonly isToday: boolean;
  readonly notes: readonly string[];
  readonly rows: readonly WeekRow[];
}

/** What cannot be met at one hive or several alike. */
export interface UnmetLine {
  readonly key: string;
  readonly words: string;
  /** Beside others in a line: how many hives, where there are many. */
  readonly brief: string;
  /** How many visits: a hive of which two things cannot be met counts twice. */
  readonly visits: number;
  readonly why: string;
}

export interface WeekView {
  /** What is next: where, and from when on. */
  readonly headline: string;
  /** What follows on that day, and what the weather allows. */
  readonly summary: string;
  readonly swarmRisks: readonly string[];
  /** Names the plan. */
  readonly version: string;
  /** What moved since the keeper last saw it, a sentence each. */
  readonly moved: readonly string[];
  /** It is not the plan that the keeper last saw. */
  readonly isNew: boolean;
  /** Hives at which the same cannot be met for the same reason stand together. */
  readonly cannotBeMet: readonly UnmetLine[];
  /** What does not lie where it is needed; empty too where nothing was ever counted. */
  readonly shortages: readonly ShortageLine[];
  readonly rounds: readonly WeekRound[];
  /** What is to be left shut, what is due and on no round, and all others. */
  readonly bands: readonly TodayBand[];
  /** Checks that the keeper took off the rounds, by the colony: they can be put back. */
  readonly leftOut: readonly { readonly wishId: string; readonly words: string }[];
  /** What the plan takes for granted. */
  readonly assumes: readonly string[];
  /** Rounds of the second week, where only the first is shown; null: both are. */
  readonly more: string | null;
  /** The calendar holds no rounds yet: where it can is said. */
  readonly isCalendarOffered: boolean;
}

export interface WeekAsked {
  readonly asked: FortnightAsked;
  readonly fortnight: Fortnight;
  readonly version: string;
  readonly moved: readonly MovedVisit[];
  readonly isNew: boolean;
  readonly leftOut: readonly { readonly wishId: string; readonly colonyId: string; readonly key: string }[];
  /** From where what is needed is met; none where nothing was ever counted. */
  readonly kit: readonly MetNeed[];
  /** 7 or 14 */
  readonly days: number;
}

/** The week's rounds: when to go where, at which hives and why; what cannot be met; what stays shut; and what is on no round. */
export function weekView(all: AllApiaries, today: Day, week: WeekAsked): WeekView {
  const { asked, fortnight, moved, days } = week;
  const end = addDays(today, days);
  // As they follow one another on a day.
  const shown = fortnight.rounds
    .filter(({ on }) => on < end)
    .sort((a, b) => a.on - b.on || (a.hours?.from ?? 0) - (b.hours?.from ?? 0));
  const rounds = shown.map((round) => roundOf(all, today, asked, fortnight, round));
  const onRounds = new Set(rounds.flatMap(({ rows }) => rows.map(({ row }) => row.colonyId)));
  const unmet = unmetTogether(fortnight.unmet.map((one) => unmetOf(all, asked, one)));
  const others = all.colonies.filter(({ colony }) => !onRounds.has(colony.id));
  const bands = todayBands({ ...all, colonies: others }, today, laterThan(asked, fortnight, end));
  const [next, ...after] = rounds;
  const isMore = fortnight.rounds.length > shown.length;
  return {
    headline: next
      ? weekPhrases.next(next.when, next.apiary, next.begins, next.isToday)
      : unmet.length > 0
        ? weekPhrases.nothingPlanned
        : weekPhrases.nothingToPlan,
    summary: next
      ? weekPhrases.afterNext(
          after.filter(({ on }) => on === next.on).map(({ apiary, begins }) => ({ apiary, begins })),
          next.weather,
          `${next.size}, ${next.takes}`,
        )
      : '',
    swarmRisks: swarmRisks(all, today),
    version: week.version,
    moved: moved.map((one) => movedWords(visitWords(all, asked, one.id), one)),
    isNew: week.isNew,
    shortages: shortageLines(all, week.kit, today),
    cannotBeMet: [...unmet, ...apartOf(all, asked)],
    rounds,
    bands,
    leftOut: week.leftOut.flatMap((one) => leftOutOf(all, one)),
    assumes: assumesOf(all, asked, fortnight, end),
    isCalendarOffered: all.settings.calendarShows === 'checks' && fortnight.rounds.length > 0,
    more: days === 7 && isMore ? weekPhrases.laterRounds(fortnight.rounds.length - shown.length) : null,
  };
}

/** Whether a colony is on a round after the days that are shown. */
function laterThan({ visits }: FortnightAsked, { rounds }: Fortnight, end: Day): (colonyId: string) => boolean {
  const later = new Set(rounds.filter(({ on }) => on >= end).flatMap(({ checks }) => checks));
  const colonies = new Set(visits.filter(({ id }) => later.has(id)).map(({ colonyId }) => colonyId));
  return (colonyId) => colonies.has(colonyId);
}

const standingAt = ({ colonies }: AllApiaries, colonyId: string): StandingColony | undefined =>
  colonies.find(({ colony }) => colony.id === colonyId);

function roundOf(
  all: AllApiaries,
  today: Day,
  asked: FortnightAsked,
  fortnight: Fortnight,
  round: TimedRound,
): WeekRound {
  const { on, apiary: apiaryId, checks, hours, isPinned } = round;
  const trip = tripOn(asked, fortnight, on);
  const minutes = round.minutes + (trip ? 0 : wayTo(asked, apiaryId));
  const nameOf = (id: string) => all.apiaries.find((one) => one.id === id)?.name ?? '';
  const visitOf = new Map(asked.visits.map((visit) => [visit.id, visit]));
  const visits = checks.map((id) => visitOf.get(id) as VisitCheck);
  const hives = inRoundOrder(
    [...grouped(visits, ({ colonyId }) => colonyId)].flatMap(([colonyId, own]) => {
      const standing = standingAt(all, colonyId);
      return standing ? [{ ...standing, own, onDay: colonyOnDay(standing.state.schedule, on) }] : [];
    }),
    asked.gifts,
  );
  const apiary = nameOf(apiaryId);
  const fit = asked.days.find((day) => day.on === on)?.there.get(apiaryId)?.fit ?? 'unknown';
  const tooLate = new Set(round.tooLate);
  const begins = hours && beginWords(hours);
  const rows = hives.map((hive): WeekRow => {
    const tasks = tasksOf(hive);
    const row = colonyRow(hive, today, all.measured);
    return {
      row,
      line: {
        act: lineWords(
          tasks.map(({ now }) => now),
          today,
        ),
        tone: toneOf(tasks.some(({ now }) => now.standing === 'late') ? 'late' : (tasks[0]?.now.standing ?? 'later')),
        reason: row.line.reason,
      },
      tasks: tasks.map(({ id, check, now }, i) => ({
        key: check.key,
        order: orderOf(check),
        words: dueWords(now, today),
        why: i === 0 ? inWords(check.why) : null,
        tone: toneOf(now.standing),
        note: tooLate.has(id) ? weekPhrases.afterItsDay(tooLateWords(check.code)) : null,
      })),
    };
  });
  const late = rows.filter(({ line }) => line.tone === 'late').length;
  return {
    key: `${on} ${apiaryId}`,
    on: formatDay(on),
    apiaryId,
    title: weekPhrases.round(on, today, hours && spanWords(hours), apiary, hives.length, {
      minutes,
      isTrip: trip !== null,
    }),
    when: weekPhrases.when(on, today, begins),
    begins,
    apiary,
    names: namesOf(rows.map(({ row }) => row.name)),
    size: weekPhrases.size(hives.length, late),
    takes: durationWords(minutes),
    weather: FIT_WORDS[fit],
    isPinned,
    isToday: on === today,
    notes: [
      ...(hives.length === 0 ? [weekPhrases.nothingThere] : []),
      ...(fit === 'brief' ? [weekPhrases.onlyLooks] : []),
      ...(hours === null ? [weekPhrases.hoursDoNotFit] : []),
      ...(trip?.apiaries[0] === apiaryId ? [weekPhrases.oneTrip(trip.apiaries.map(nameOf), trip.road)] : []),
    ],
    rows,
  };
}

const wayTo = ({ apiaries }: FortnightAsked, apiaryId: string): number =>
  apiaries.find(({ id }) => id === apiaryId)?.wayMinutes ?? 0;

/** The apiaries of a day that is less road than their ways, as they follow one another; null: each is gone to from home. */
function tripOn(
  asked: FortnightAsked,
  { days }: Fortnight,
  on: Day,
): { readonly apiaries: readonly string[]; readonly road: number } | null {
  const day = days.find((one) => one.on === on);
  const apiaries = (day?.stops ?? []).map(({ apiary }) => apiary);
  const ways = apiaries.reduce((sum, id) => sum + wayTo(asked, id), 0);
  return day && day.road < ways ? { apiaries, road: day.road } : null;
}

/** What is done at a hive, what presses most first. */
const tasksOf = (hive: StandingColony & { readonly own: readonly VisitCheck[] }) =>
  [...hive.own]
    .sort((a, b) => byPressing(a.check, b.check))
    .map(({ id, check }) => ({ id, check, now: standingNow(hive, check.key, check) }));

function standingNow({ state }: StandingColony, key: string, check: VisitCheck['check']): CheckOnDay {
  const { due, later } = colonyOnDay(state.schedule, state.today);
  return [...due, ...later].find((one) => one.check.key === key) ?? { check, standing: 'later' };
}

function visitWords(all: AllApiaries, { visits }: FortnightAsked, id: string): string {
  const visit = visits.find((one) => one.id === id);
  const name = visit && standingAt(all, visit.colonyId)?.colony.name;
  return visit && name ? weekPhrases.what(name, withinSentence(orderOf(visit.check))) : '';
}

interface Unmet {
  readonly key: string;
  readonly name: string;
  readonly order: string;
  readonly why: string;
}

/** So many hives are named in a line. */
const NAMED_IN_BRIEF = 3;

function unmetTogether(unmet: readonly Unmet[]): WeekView['cannotBeMet'] {
  return [...grouped(unmet, ({ order, why }) => `${order} ${why}`).values()].flatMap((alike) => {
    const [first] = alike;
    const names = alike.map(({ name }) => name);
    if (!first) return [];
    const words = weekPhrases.whatAt(names, first.order);
    const brief = names.length > NAMED_IN_BRIEF ? weekPhrases.whatAtMany(names.length, first.order) : words;
    return [{ key: first.key, words, brief, visits: names.length, why: first.why }];
  });
}

function unmetOf(all: AllApiaries, asked: FortnightAsked, { id, why, on, within }: UnmetVisit): Unmet {
  const visit = asked.visits.find((one) => one.id === id) as VisitCheck;
  const apiary = all.apiaries.find((one) => one.id === visit.apiary)?.name ?? '';
  const hasRuledOut = asked.forbidden.some((day) => day >= within.from && day <= within.to);
  const instead = on === null ? weekPhrases.noLeastBad : weekPhrases.leastBad(on, apiary);
  return {
    key: id,
    name: standingAt(all, visit.colonyId)?.colony.name ?? '',
    order: withinSentence(orderOf(visit.check)),
    why: `${unmetWords(why, within.to, hasRuledOut)} ${instead} ${tooLateWords(visit.check.code)}`,
  };
}

/** Couples whose days do not meet are said among what cannot be met. */
function apartOf(all: AllApiaries, { visits, together }: FortnightAsked): WeekView['cannotBeMet'] {
  return apart(visits, together).map(([one, other]) => {
    const [a, b] = [one, other].map(({ colonyId }) => standingAt(all, colonyId)?.colony.name ?? '');
    const words = apartWords(a as string, b as string);
    return { key: `${one.id} ${other.id}`, words, brief: words, visits: 2, why: '' };
  });
}

function leftOutOf(all: AllApiaries, { wishId, colonyId, key }: WeekAsked['leftOut'][number]): WeekView['leftOut'] {
  const standing = standingAt(all, colonyId);
  const check = standing?.state.schedule.checks.find((one) => one.key === key);
  if (!standing || !check) return [];
  return [{ wishId, words: weekPhrases.what(standing.colony.name, withinSentence(orderOf(check))) }];
}

function assumesOf(all: AllApiaries, asked: FortnightAsked, fortnight: Fortnight, end: Day): readonly string[] {
  const { days } = asked;
  const [first] = days;
  const guessed = days.find(({ isGuessed, on, free }) => isGuessed && on < end && free.length > 0);
  return [
    ...(guessed ? [ASSUMED.noForecast(guessed.on === first?.on ? null : guessed.on)] : []),
    ...(all.settings.latitude === null ? [ASSUMED.noSunset] : []),
    ...roadNotKnown(all, asked, fortnight, end),
    ...(fortnight.optimal ? [] : [ASSUMED.notProven(fortnight.gap)]),
  ];
}

/** Two apiaries that follow one another on a day, where nobody said how far the one is from the other: the first of them. */
function roadNotKnown(
  { apiaries }: AllApiaries,
  { between }: FortnightAsked,
  { days }: Fortnight,
  end: Day,
): readonly string[] {
  const isKnown = (one: string, other: string) =>
    between.some(({ a, b }) => (a === one && b === other) || (a === other && b === one));
  const pairs = days
    .filter(({ on }) => on < end)
    .flatMap(({ stops }) => (stops ?? []).slice(1).map(({ apiary }, i) => [stops?.[i]?.apiary ?? '', apiary] as const));
  const [one] = pairs.filter(([from, to]) => !isKnown(from, to));
  const name = (id: string | undefined) => apiaries.find((apiary) => apiary.id === id)?.name ?? '';
  return one ? [ASSUMED.byHome(name(one[0]), name(one[1]))] : [];
}
