import { type Day, daysBetween } from '../core/calendar/day';
import { weekdayWords } from '../core/calendar/words';
import type { ColonyState } from '../core/colony/fold';
import { methodNamed } from '../core/methods/methods';
import { type Check, urgencyOf } from '../core/schedule/check';
import { dueWords, orderOf, withinSentence } from '../core/schedule/due-words';
import type { Mark, Tone } from './marks';
import { cellsMarks, rowBelow, scheduleMarks } from './marks-of';
import { situationWords } from './situation-words';
import type { Yard, YardColony } from './yard';

export interface TodayRow {
  readonly colonyId: string;
  readonly name: string;
  /** Named where rows of several apiaries stand together. */
  readonly apiary: string | null;
  readonly reading: string;
  readonly due: string;
  readonly why: string | null;
  /** What else is due now; null: nothing. */
  readonly also: string | null;
  /** The programme that what is due belongs to. */
  readonly programme: { readonly id: string; readonly words: string } | null;
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
  readonly bands: readonly TodayBand[];
}

interface Placed {
  readonly row: TodayRow;
  readonly apiary: string;
  /** The sooner, the more it presses. */
  readonly latest: number;
}

/** What is due today and what is not, late ones first. */
export function todayView({ colonies }: Yard, today: Day): TodayView {
  const due: Placed[] = [];
  const shut: Placed[] = [];
  const later: Placed[] = [];
  for (const colony of colonies) {
    const { row, list, latest } = placeColony(colony, today, { due, shut, later });
    list.push({ row, apiary: colony.apiary.name, latest });
  }
  const late = due.filter(({ row }) => row.tone === 'late').length;
  return {
    headline: headline(due.length, late),
    summary: summary(colonies, shut.length, today),
    bands: [...dueBands(due), ...band('Leave shut', shut), ...band('Nothing to do today', later)],
  };
}

function headline(due: number, late: number): string {
  if (due === 0) return 'Nothing is due today';
  const hives = `${due} ${due === 1 ? 'hive' : 'hives'} to see to`;
  return late === 0 ? hives : `${hives}, ${late} late`;
}

function summary(colonies: readonly YardColony[], shut: number, today: Day): string {
  const next = colonies
    .flatMap(({ colony, state }) => state.schedule.checks.map(({ window }) => ({ name: colony.name, window })))
    .filter(({ window }) => window.earliest > today)
    .sort((a, b) => a.window.ideal - b.window.ideal)[0];
  const after = next ? ` After today comes ${next.name}, ${weekdayWords(next.window.ideal)}.` : '';
  const left = shut === 0 ? '' : shut === 1 ? 'One is to be left shut.' : `${shut} are to be left shut.`;
  return `${left}${after}`.trim();
}

/** Apiary by apiary, the one with the most pressing hive first. */
function dueBands(placed: readonly Placed[]): TodayBand[] {
  const sorted = [...placed].sort((a, b) => a.latest - b.latest);
  const names = [...new Set(sorted.map(({ apiary }) => apiary))];
  return names.map((name) => {
    const rows = sorted.filter(({ apiary }) => apiary === name).map(({ row }) => row);
    return { title: `${name} · ${rows.length} ${rows.length === 1 ? 'hive' : 'hives'}`, rows };
  });
}

function band(title: string, placed: readonly Placed[]): TodayBand[] {
  if (placed.length === 0) return [];
  const rows = [...placed].sort((a, b) => a.latest - b.latest).map(({ row, apiary }) => ({ ...row, apiary }));
  return [{ title, rows }];
}

/** `Demaree, day 7`. */
function programmeOf({ parts, today }: ColonyState, check: Check): TodayRow['programme'] {
  const part = parts.find(({ programme }) => programme.id === check.programme?.id);
  if (!part) return null;
  const { id, method, on } = part.programme;
  return { id, words: `${methodNamed(method).title}, day ${daysBetween(on, today)}` };
}

/** What presses most: what is late, else what is due now, else what comes next. */
function mostPressing(checks: readonly Check[], today: Day): Check | undefined {
  const first = (urgency: Tone) => checks.find((check) => urgencyOf(check, today) === urgency);
  return first('late') ?? first('now') ?? checks[0];
}

function alsoDue(checks: readonly Check[], said: Check | undefined, today: Day): string | null {
  const orders = checks.filter((check) => check !== said && urgencyOf(check, today) !== 'later').map(orderOf);
  if (orders.length === 0) return null;
  return `Also: ${orders.map(withinSentence).join('; ')}.`;
}

function placeColony(
  { colony, state }: YardColony,
  today: Day,
  lists: { due: Placed[]; shut: Placed[]; later: Placed[] },
): { row: TodayRow; list: Placed[]; latest: number } {
  const { schedule } = state;
  const check = mostPressing(schedule.checks, today);
  const urgency = check ? urgencyOf(check, today) : 'later';
  const shutNow = schedule.leaveShut.find(({ from, to }) => from <= today && today <= to);
  const isShut = shutNow !== undefined && urgency === 'later';
  const live = state.liveCells;
  const cells = cellsMarks(live, schedule.emergence);
  const row: TodayRow = {
    colonyId: colony.id,
    name: colony.name,
    apiary: null,
    reading: situationWords(state),
    due: isShut
      ? `Nobody opens this before ${weekdayWords((shutNow.to + 1) as Day)}`
      : check
        ? dueWords(check, today)
        : 'No date set',
    why: isShut || !check ? null : check.why,
    also: isShut ? null : alsoDue(schedule.checks, check, today),
    programme: (!isShut && check && programmeOf(state, check)) || null,
    tone: isShut ? 'shut' : urgency,
    marks: [...cells, ...scheduleMarks(schedule, today, rowBelow(cells))],
  };
  const latest = check?.window.latest ?? Number.POSITIVE_INFINITY;
  return { row, latest, list: isShut ? lists.shut : urgency === 'later' ? lists.later : lists.due };
}
