import { addDays, type Day, formatDay } from '../core/calendar/day';
import { requeeningIdOf } from '../core/queens/queen-questions';
import type { Fortnight, FortnightAsked, TimedRound } from '../core/rounds/plan-fortnight';
import { remindersOf } from '../core/rounds/reminders';
import { visitId } from '../core/rounds/to-visit';
import { bestDay, type Check } from '../core/schedule/check';
import type { Span } from '../core/settings/free-time';
import { orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { calendarPhrases } from '../words/pages/calendar';
import type { AllApiaries, StandingColony } from './all-apiaries';

/** One entry of the calendar that other programs read: whole days, the last one exclusive, or some hours of its first. */
export interface CalendarEntry {
  /** The same for as long as it is the same check, whenever it may be due. */
  readonly uid: string;
  readonly from: Day;
  readonly until: Day;
  /** Minutes since midnight of its first day; null: whole days. */
  readonly hours: Span | null;
  readonly title: string;
  readonly text: string;
  readonly place: string;
  /** So many minutes before it begins it is reminded of. */
  readonly reminders: readonly number[];
}

/**
 * Every check on its best day with its window in the text, and every span in which a hive is to be left shut; by the keeper's choice the planned
 * rounds beside the checks, or instead of those that are on one.
 *
 * @param planned the rounds; null: they are not asked for, or could not be planned
 */
export function calendarEntries(
  all: AllApiaries,
  planned: { readonly asked: FortnightAsked; readonly fortnight: Fortnight } | null = null,
): readonly CalendarEntry[] {
  const onRounds = new Set(
    planned && all.settings.calendarShows === 'rounds' ? planned.fortnight.rounds.flatMap(({ checks }) => checks) : [],
  );
  return [
    ...(planned ? planned.fortnight.rounds.map((round) => roundEntry(all, planned.asked, round)) : []),
    ...all.colonies.flatMap((standing) => [
      ...standing.state.schedule.checks
        .filter(({ key }) => !onRounds.has(visitId(standing.colony.id, key)))
        .map((check) => checkEntry(standing, check)),
      ...shutEntries(standing),
    ]),
  ];
}

/** A round is the same for as long as the check on it that weighs most is the same, on whichever day. */
function roundEntry(
  { apiaries, colonies, settings }: AllApiaries,
  { visits }: FortnightAsked,
  round: TimedRound,
): CalendarEntry {
  const { on, apiary, checks, hours } = round;
  const own = checks.flatMap((id) => visits.find((visit) => visit.id === id) ?? []);
  const [lead] = [...own].sort((a, b) => b.weight - a.weight || (a.id < b.id ? -1 : 1));
  const spent = hours && hours.from < hours.to ? hours : null;
  const place = apiaries.find(({ id }) => id === apiary);
  const nameOf = (colonyId: string) => colonies.find(({ colony }) => colony.id === colonyId)?.colony.name ?? '';
  const hives = new Set(own.map(({ colonyId }) => colonyId)).size;
  return {
    uid: `round:${lead?.id.replace(' ', ':') ?? formatDay(on)}@${apiary}.ubbet`,
    from: on,
    until: addDays(on, 1),
    hours: spent,
    title: calendarPhrases.round(place?.name ?? '', hives),
    text: own.map(({ colonyId, check }) => calendarPhrases.onRound(nameOf(colonyId), orderOf(check))).join('\n'),
    place: place?.name ?? '',
    reminders: settings.calendarReminds ? remindersOf(spent) : [],
  };
}

function checkEntry({ colony, apiary }: StandingColony, check: Check): CalendarEntry {
  const day = bestDay(check);
  const { earliest, latest } = check.window;
  const window =
    earliest === latest
      ? calendarPhrases.onOnly(earliest)
      : calendarPhrases.anyDay({ from: earliest, to: latest }, check.window.ideal);
  const chosen = check.plannedFor === null ? '' : calendarPhrases.youPlannedIt(check.plannedFor);
  return {
    uid: `${check.key}@${colony.id}.ubbet`,
    from: day,
    until: addDays(day, 1),
    hours: null,
    title: `${colony.name}: ${orderOf(check)}`,
    text: `${window}${chosen} ${inWords(check.why)}`,
    place: placeOf(colony, apiary),
    reminders: [],
  };
}

function shutEntries({ colony, apiary, state }: StandingColony): readonly CalendarEntry[] {
  const spans = state.schedule.leaveShut.filter(({ from, to }) => from <= to && to >= state.today);
  return spans.map(({ from, to }, i) => ({
    uid: `leave-shut:${requeeningIdOf(state.queen) ?? 'start'}${i === 0 ? '' : `:${i + 1}`}@${colony.id}.ubbet`,
    from,
    until: addDays(to, 1),
    hours: null,
    title: calendarPhrases.leaveShut(colony.name),
    text: calendarPhrases.nobodyOpensItBefore(addDays(to, 1)),
    place: placeOf(colony, apiary),
    reminders: [],
  }));
}

const placeOf = ({ stand }: StandingColony['colony'], { name }: StandingColony['apiary']) =>
  [name, stand].filter(Boolean).join(', ');
