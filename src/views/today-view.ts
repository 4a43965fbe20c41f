import { type Day, daysBetween } from '../core/calendar/day';
import { isUnseen, situationOf } from '../core/colony/situation';
import { bestDay, type Check, isDaily } from '../core/schedule/check';
import { byPressingLead, type ColonyOnDay, colonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { withinSentence } from '../words/capital';
import { weekdayWords } from '../words/days';
import { dueWords, orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { todayPhrases } from '../words/pages/today';
import { weekPhrases } from '../words/pages/week';
import { notBeforeWords } from '../words/shut';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { type DueView, dueView } from './due-view';
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
  readonly due: string;
  readonly why: string | null;
  /** What else is due now; null: nothing. */
  readonly also: string | null;
  /** The programme that what is due belongs to. */
  readonly programme: { readonly id: string; readonly words: string } | null;
  /** Tasks of a few minutes that are done each day, and ticked here. */
  readonly daily: readonly DueView[];
  readonly notes: MeasuredNotes;
  readonly tone: Tone | 'shut';
  readonly marks: readonly Mark[];
}

export interface TodayBand {
  readonly title: string;
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
export function todayBands(
  all: AllApiaries,
  today: Day,
  isLater: (colonyId: string) => boolean,
): Pick<TodayView, 'summary' | 'bands'> {
  const { due, shut, later } = placeAll(all, today);
  const isPlanned = ({ row }: Placed) => isLater(row.colonyId);
  return {
    summary: summary([], shut.length, today),
    bands: [
      ...band(todayPhrases.leaveShut, shut),
      ...band(
        weekPhrases.inNoRound,
        due.filter((one) => !isPlanned(one)),
      ),
      ...band(weekPhrases.weekAfter, due.filter(isPlanned)),
      ...band(todayPhrases.nothingToDoToday, later),
    ],
  };
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
export const lateHives = ({ colonies }: AllApiaries, today: Day): number =>
  colonies.filter(({ state }) => colonyOnDay(state.schedule, today).due[0]?.standing === 'late').length;

function headline(due: number, late: number): string {
  if (due === 0) return todayPhrases.nothingIsDueToday;
  const hives = `${due} ${due === 1 ? 'hive' : 'hives'} due`;
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
    return { title: `${name} · ${rows.length} ${rows.length === 1 ? 'hive' : 'hives'}`, rows };
  });
}

function band(title: string, placed: readonly Placed[]): TodayBand[] {
  if (placed.length === 0) return [];
  const rows = [...placed].sort(byPlaced).map(({ row, apiary }) => ({ ...row, apiary }));
  return [{ title, rows }];
}

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
    due: isShut ? notBeforeWords(shut) : lead ? dueWords(lead, today) : todayPhrases.noDateSet,
    why: isShut || !lead ? null : `${forced}${inWords(lead.check.why)}`,
    also: isShut ? null : alsoDue(onDay),
    programme: (!isShut && lead && programmeOf(state, lead.check)) || null,
    daily: due.filter(({ check }) => isDaily(check.code)).map((one) => dueView(one, today)),
    notes: measuredNotes({ id: colony.id, apiaryId: colony.apiaryId }, state, onDay, measured),
    tone: isShut ? 'shut' : lead ? toneOf(lead.standing) : 'later',
    marks: [...cells, ...scheduleMarks(schedule, today, rowBelow(cells))],
  };
}
