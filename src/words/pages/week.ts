import type { Day } from '../../core/calendar/day';
import { capital } from '../capital';
import { minuteWords, weekdayWords } from '../days';
import { hivesWords } from '../hives';
import { listWords } from '../list';
import { dayTold, durationWords } from '../rounds';

/** The rounds of the week. */
export const weekPhrases = {
  /** `Walled garden, 10:05`; of a later day that day first. */
  next: (when: string, apiary: string, begins: string | null, isToday: boolean) =>
    isToday ? [apiary, ...(begins === null ? [] : [begins])].join(', ') : `${when}: ${apiary}`,
  /** What follows on the day of the next round, what the weather allows, and how much it is. */
  afterNext: (
    others: readonly { readonly apiary: string; readonly begins: string | null }[],
    weather: string,
    size: string,
  ) => {
    const then = others.map(({ apiary, begins }) => (begins === null ? apiary : `${apiary} ${begins}`));
    return `${then.length > 0 ? `Then ${listWords(then)}. ` : ''}${weather}. ${size}.`;
  },
  /** `Today 10:05`, `Mon 17 May 17:05`. */
  when: (on: Day, today: Day, begins: string | null) =>
    `${capital(dayTold(on, today))}${begins === null ? '' : ` ${begins}`}`,
  size: (hives: number, late: number) => [hivesWords(hives), ...(late === 0 ? [] : [`${late} late`])].join(', '),
  nothingToPlan: 'Nothing is to be done this week',
  nothingPlanned: 'Nothing can be planned this week',
  round: (
    on: Day,
    today: Day,
    hours: string | null,
    apiary: string,
    hives: number,
    { minutes, isTrip }: { readonly minutes: number; readonly isTrip: boolean },
  ) =>
    [
      `${capital(dayTold(on, today))}${hours === null ? '' : ` ${hours}`}`,
      apiary,
      hivesWords(hives),
      `${durationWords(minutes)} ${isTrip ? 'at the hives' : 'with the way'}`,
    ].join(' · '),
  oneTrip: (apiaries: readonly string[], road: number) =>
    `One trip over ${listWords(apiaries)}: ${durationWords(road)} on the road that day.`,
  nothingThere: 'Nothing is to be done there on that day.',
  onlyLooks: 'Brief looks only: leave the brood nests shut.',
  hoursDoNotFit: 'Its hours do not follow one another within your time: go when it suits.',
  afterItsDay: (risk: string) => `After its last day: ${risk}`,
  cannotBeMet: 'Cannot be met in time',
  unmet: (many: number) => `${many} cannot be met in time`,
  begin: (apiary: string) => `Begin at ${apiary}`,
  itsHives: 'Its hives',
  thisRound: 'This round',
  leastBad: (on: Day, apiary: string) => `Least bad: ${weekdayWords(on)}, with the round to ${apiary}.`,
  noLeastBad: 'No day of these two weeks would do.',
  inNoRound: 'Due, and on no round',
  weekAfter: 'Due, and planned for the week after',
  laterRounds: (rounds: number) => `${rounds} more ${rounds === 1 ? 'round' : 'rounds'} in the week after`,
  thisWeekAlone: 'This week alone',
  inYourCalendar: 'Rounds in your calendar',
  what: (name: string, order: string) => `${name}, ${order}`,
  whatAt: (names: readonly string[], order: string) =>
    names.length === 1 ? `${names[0]}, ${order}` : `${listWords(names)}: ${order}`,
  whatAtMany: (hives: number, order: string) => `${hivesWords(hives)}: ${order}`,
  roundMade: (beganAt: string, apiary: string, hives: number, minutes: number | null, hadHelp: boolean) =>
    [
      minuteWords(beganAt),
      apiary,
      hivesWords(hives),
      ...(minutes === null ? [] : [durationWords(minutes)]),
      ...(hadHelp ? ['with help'] : []),
    ].join(' · '),
};
