import { addDays, type Day } from '../core/calendar/day';
import { bestDay, type Check } from '../core/schedule/check';
import { orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { calendarPhrases } from '../words/pages/calendar';
import type { AllApiaries, StandingColony } from './all-apiaries';

/** One entry of the calendar that other programs read: whole days, the last one exclusive. */
export interface CalendarEntry {
  /** The same for as long as it is the same check, whenever it may be due. */
  readonly uid: string;
  readonly from: Day;
  readonly until: Day;
  readonly title: string;
  readonly text: string;
  readonly place: string;
}

/** Every check on its best day with its window in the text, and every span in which a hive is to be left shut. */
export function calendarEntries({ colonies }: AllApiaries): readonly CalendarEntry[] {
  return colonies.flatMap((standing) => [
    ...standing.state.schedule.checks.map((check) => checkEntry(standing, check)),
    ...shutEntries(standing),
  ]);
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
    title: `${colony.name}: ${orderOf(check)}`,
    text: `${window}${chosen} ${inWords(check.why)}`,
    place: placeOf(colony, apiary),
  };
}

function shutEntries({ colony, apiary, state }: StandingColony): readonly CalendarEntry[] {
  const spans = state.schedule.leaveShut.filter(({ from, to }) => from <= to && to >= state.today);
  return spans.map(({ from, to }, i) => ({
    uid: `leave-shut:${state.queen.requeeningId ?? 'start'}${i === 0 ? '' : `:${i + 1}`}@${colony.id}.ubbet`,
    from,
    until: addDays(to, 1),
    title: calendarPhrases.leaveShut(colony.name),
    text: calendarPhrases.nobodyOpensItBefore(addDays(to, 1)),
    place: placeOf(colony, apiary),
  }));
}

const placeOf = ({ stand }: StandingColony['colony'], { name }: StandingColony['apiary']) =>
  [name, stand].filter(Boolean).join(', ');
