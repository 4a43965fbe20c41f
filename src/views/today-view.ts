import { type Day, daysBetween } from '../core/calendar/day';
import { isUnseen, situationOf } from '../core/colony/situation';
import { grouped } from '../core/grouped';
import { bestDay, type Check, isDaily } from '../core/schedule/check';
import { byPressingLead, type ColonyOnDay, colonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { withinSentence } from '../words/capital';
import { weekdayWords } from '../words/days';
import { dueWords, orderOf } from '../words/due';
import { hivesWords } from '../words/hives';
import { inWords } from '../words/in-words';
import { lineWords } from '../words/line';
import { todayPhrases } from '../words/pages/today';
import { weekPhrases } from '../words/pages/week';
import { shortReason } from '../words/short-reason';
import { notBeforeWords } from '../words/shut';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { type Mark, type Tone, toneOf } from './marks';
import { cellsMarks, rowBelow, scheduleMarks } from './marks-of';
import { type MeasuredNotes, measuredNotes, swarmRisks } from './measured-notes';
import { type WayMarkNote, wayMarkNote, type YardStep, type YardThere, yardSteps } from './yard-notes';

export interface TodayRow {
  readonly colonyId: string;
  readonly name: string;
  /** Named where rows of several apiaries stand together. */
  readonly apiary: string | null;
  readonly reading: string;
  /** Nothing was entered of it yet. */
  readonly isUnseen: boolean;
  /** What is due first is a method to be chosen. */
  readonly asksMethod: boolean;
  readonly due: string;
  readonly why: string | null;
  /** What else is due now; null: nothing. */
  readonly also: string | null;
  /** The programme that what is due belongs to. */
  readonly programme: { readonly id: string; readonly words: string } | null;
  readonly notes: MeasuredNotes;
  readonly tone: Tone | 'shut';
  /** What is to be done and by when, in ten words, and how it stands in six; the second may be empty. */
  readonly line: { readonly act: string; readonly reason: string };
  /** In a list of names: with the last day on which it is to be left shut, where it is. */
  readonly brief: string;
  readonly marks: readonly Mark[];
}

export interface TodayBand {
  readonly title: string;
  /** Something is to be done there today. */
  readonly isDue: boolean;
  /** The names, or how many in which apiary where there are many. */
  readonly brief: string;
  readonly rows: readonly TodayRow[];
}

export interface TodayView {
  readonly headline: string;
  readonly summary: string;
  /** Colonies that may swarm on a fine day to come, by the apiary. */
  readonly swarmRisks: readonly string[];
  readonly bands: readonly TodayBand[];
}

/** What is done about stands today, beside all checks. */
export interface YardToday {
  readonly wayMarks: readonly (WayMarkNote & { readonly apiaryId: string })[];
  readonly steps: readonly YardStep[];
}

/** @param yardOf where the hives of an apiary stand */
export function yardToday(
  { apiaries, colonies, measured }: AllApiaries,
  today: Day,
  yardOf: (apiaryId: string) => YardThere,
): YardToday {
  const there = apiaries.map(({ id, name }) => {
    const own = colonies.filter(({ apiary }) => apiary.id === id);
    const yard = yardOf(id);
    const mark = wayMarkNote(own, yard);
    return {
      wayMarks: mark === null ? [] : [{ ...mark, apiaryId: id, words: todayPhrases.atApiary(name, mark.words) }],
      steps: yardSteps(own, yard, today, measured?.weather.get(id) ?? null),
    };
  });
  return { wayMarks: there.flatMap(({ wayMarks }) => wayMarks), steps: there.flatMap(({ steps }) => steps) };
}

interface Placed {
  readonly row: TodayRow;
  readonly apiary: string;
  readonly onDay: ColonyOnDay;
}

const byPlaced = (a: Placed, b: Placed) => byPressingLead(a.onDay, b.onDay);

/** What is due today and what is not, late ones first. */
export function todayView(yard: AllApiaries, today: Day): TodayView {
  const placed = placeAll(yard, today);
  const { due, shut, later } = placed;
  const late = lateHives(yard, today);
  return {
    headline: headline(due.length, late),
    summary: summary(yard.colonies, shut.length, today),
    swarmRisks: swarmRisks(yard, today),
    bands: [...dueBands(due), ...band(todayPhrases.leaveShut, shut), ...band(todayPhrases.nothingToDoToday, later)],
  };
}

/**
 * The colonies that are on no round of the days shown: those to be left shut; those at which something is due, planned for later or on no
 * round at all; and the others.
 *
 * @param isLater whether a colony is on a round after those days
 */
export function todayBands(all: AllApiaries, today: Day, isLater: (colonyId: string) => boolean): readonly TodayBand[] {
  const placed = placeAll(all, today);
  // What is done in passing each day stands with what else the day asks.
  const isVisit = ({ onDay }: Placed) => onDay.due.some(({ check }) => !isDaily(check.code));
  const due = placed.due.filter(isVisit);
  const later = [...placed.later, ...placed.due.filter((one) => !isVisit(one))];
  const { shut } = placed;
  const isPlanned = ({ row }: Placed) => isLater(row.colonyId);
  return [
    ...band(
      weekPhrases.inNoRound,
      due.filter((one) => !isPlanned(one)),
    ),
    ...band(weekPhrases.weekAfter, due.filter(isPlanned)),
    ...band(todayPhrases.leaveShut, shut),
    ...band(todayPhrases.nothingToDoToday, later),
  ];
}

interface PlacedAll {
  readonly due: Placed[];
  readonly shut: Placed[];
  readonly later: Placed[];
}

function placeAll({ colonies, measured }: AllApiaries, today: Day): PlacedAll {
  const lists: PlacedAll = { due: [], shut: [], later: [] };
  for (const colony of colonies) {
    const onDay = colonyOnDay(colony.state.schedule, today);
    const isShut = onDay.shut !== null && onDay.due.length === 0;
    const list = isShut ? lists.shut : onDay.due.length === 0 ? lists.later : lists.due;
    list.push({ row: colonyRow(colony, today, measured), apiary: colony.apiary.name, onDay });
  }
  return lists;
}

/** At how many hives what presses most is late. */
const lateHives = ({ colonies }: AllApiaries, today: Day): number =>
  colonies.filter(({ state }) => colonyOnDay(state.schedule, today).due[0]?.standing === 'late').length;

function headline(due: number, late: number): string {
  if (due === 0) return todayPhrases.nothingIsDueToday;
  const hives = `${hivesWords(due)} due`;
  return late === 0 ? hives : todayPhrases.late(hives, late);
}

function summary(colonies: readonly StandingColony[], shut: number, today: Day): string {
  const next = colonies
    .flatMap(({ colony, state }) =>
      colonyOnDay(state.schedule, today).later.map(({ check }) => ({ name: colony.name, on: bestDay(check) })),
    )
    .filter(({ on }) => on > today)
    .sort((a, b) => a.on - b.on)[0];
  const after = next ? todayPhrases.next(next.name, next.on) : '';
  const left = shut === 0 ? '' : todayPhrases.leaveShutCount(shut);
  return `${left}${after}`.trim();
}

/** Apiary by apiary, the one with the most pressing hive first. */
function dueBands(placed: readonly Placed[]): TodayBand[] {
  const sorted = [...placed].sort(byPlaced);
  const names = [...new Set(sorted.map(({ apiary }) => apiary))];
  return names.map((name) => {
    const rows = sorted.filter(({ apiary }) => apiary === name).map(({ row }) => row);
    return {
      title: `${name} · ${hivesWords(rows.length)}`,
      isDue: true,
      brief: namesOf(rows.map((row) => row.name)),
      rows,
    };
  });
}

function band(title: string, placed: readonly Placed[]): TodayBand[] {
  if (placed.length === 0) return [];
  const rows = [...placed].sort(byPlaced).map(({ row, apiary }) => ({ ...row, apiary }));
  return [{ title, isDue: false, brief: briefOf(rows), rows }];
}

/** So many names stand in a line. */
const NAMED_AT_MOST = 6;

/** Names as they are; of many the first, and how many more there are. */
export const namesOf = (names: readonly string[]): string =>
  names.length <= NAMED_AT_MOST
    ? names.join(' · ')
    : [...names.slice(0, NAMED_AT_MOST), todayPhrases.more(names.length - NAMED_AT_MOST)].join(' · ');

/** Names, with the last days on which they are to be left shut; of many how many there are in which apiary. */
const briefOf = (rows: readonly Pick<TodayRow, 'brief' | 'apiary'>[]): string =>
  rows.length <= NAMED_AT_MOST
    ? rows.map(({ brief }) => brief).join(' · ')
    : [...grouped(rows, ({ apiary }) => apiary ?? '')]
        .map(([apiary, own]) => todayPhrases.countAt(apiary, own.length))
        .join(' · ');

/** `Demaree, day 7`. */
function programmeOf({ parts, today }: ColonyState, check: Check): TodayRow['programme'] {
  const part = parts.find(({ programme }) => programme.id === check.programme?.id);
  if (!part) return null;
  const { id, method, on } = part.programme;
  return { id, words: todayPhrases.programmeDay(method, daysBetween(on, today)) };
}

/** What else is due that day, each with its last day. */
function alsoDue({ due }: ColonyOnDay): string | null {
  const others = due.slice(1);
  if (others.length === 0) return null;
  const words = others.map(({ check }) => {
    const when = isDaily(check.code) ? todayPhrases.eachDay : 'by';
    return `${withinSentence(orderOf(check))} ${when} ${weekdayWords(check.window.latest)}`;
  });
  return todayPhrases.also(words);
}

const nextWords = (lead: ColonyOnDay['lead'], today: Day): string =>
  lead ? `${dueWords(lead, today)}.` : todayPhrases.noDateSet;

/** The programme that is gone on with; else how the colony stands. */
function reasonOf(state: ColonyState, check: Check | null): string {
  return (check && programmeOf(state, check)?.words) ?? shortReason(situationOf(state));
}

/** What a colony says on Today. */
export function colonyRow({ colony, state }: StandingColony, today: Day, measured: AllApiaries['measured']): TodayRow {
  const { schedule } = state;
  const onDay = colonyOnDay(schedule, today);
  const { lead, due, shut } = onDay;
  const isShut = shut !== null && due.length === 0;
  const live = state.liveCells;
  const cells = cellsMarks(live, schedule.emergence);
  const forced = shut && lead?.check.forced ? `${notBeforeWords(shut)}. ` : '';
  return {
    colonyId: colony.id,
    name: colony.name,
    apiary: null,
    reading: inWords(situationOf(state)),
    isUnseen: isUnseen(state),
    asksMethod: !isShut && lead?.check.code === 'act',
    due: isShut ? notBeforeWords(shut) : lead ? dueWords(lead, today) : todayPhrases.noDateSet,
    why: isShut || !lead ? null : `${forced}${inWords(lead.check.why)}`,
    also: isShut ? null : alsoDue(onDay),
    programme: (!isShut && lead && programmeOf(state, lead.check)) || null,
    notes: measuredNotes({ id: colony.id, apiaryId: colony.apiaryId }, state, onDay, measured),
    tone: isShut ? 'shut' : lead ? toneOf(lead.standing) : 'later',
    line: {
      act: isShut ? `${notBeforeWords(shut)}.` : due.length > 0 ? lineWords(due, today) : nextWords(lead, today),
      reason: reasonOf(state, lead?.check ?? null),
    },
    brief: isShut ? todayPhrases.shutTo(colony.name, shut.to) : colony.name,
    marks: [...cells, ...scheduleMarks(schedule, today, rowBelow(cells))],
  };
}
