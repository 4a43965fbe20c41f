import type { Day } from '../../core/calendar/day';
import { capital } from '../capital';
import { minuteWords, weekdayWords } from '../days';
import { listWords } from '../list';
import { dayTold, durationWords } from '../rounds';

const COUNT = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

/** The rounds of the week. */
export const weekPhrases = {
  headline: (rounds: number, days: number) => {
    const many = COUNT[rounds] ?? String(rounds);
    return `${many} ${rounds === 1 ? 'round' : 'rounds'} ${days === 7 ? 'this week' : 'in two weeks'}`;
  },
  nothingToPlan: 'Nothing is to be done this week',
  nothingPlanned: 'Nothing can be planned this week',
  late: (late: number) => `${late} late. `,
  round: (on: Day, today: Day, hours: string | null, apiary: string, hives: number, minutes: number) =>
    [
      `${capital(dayTold(on, today))}${hours === null ? '' : ` ${hours}`}`,
      apiary,
      `${hives} ${hives === 1 ? 'hive' : 'hives'}`,
      `${durationWords(minutes)} with the way`,
    ].join(' · '),
  nothingThere: 'Nothing is to be done there on that day.',
  onlyLooks: 'Brief looks only: leave the brood nests shut.',
  hoursDoNotFit: 'Its hours do not follow one another within your time: go when it suits.',
  afterItsDay: (risk: string) => `After its last day: ${risk}`,
  kitToBring: (lines: number) => `Kit to take along (${lines})`,
  cannotBeMet: 'Cannot be met in time',
  leastBad: (on: Day, apiary: string) => `Least bad: ${weekdayWords(on)}, with the round to ${apiary}.`,
  noLeastBad: 'No day of these two weeks would do.',
  inNoRound: 'Due, and on no round',
  weekAfter: 'Due, and planned for the week after',
  laterRounds: (rounds: number) =>
    rounds === 0
      ? 'Nothing more in the week after.'
      : `${rounds} more ${rounds === 1 ? 'round' : 'rounds'} in the week after.`,
  what: (name: string, order: string) => `${name}, ${order}`,
  whatAt: (names: readonly string[], order: string) =>
    names.length === 1 ? `${names[0]}, ${order}` : `${listWords(names)}: ${order}`,
  roundMade: (beganAt: string, apiary: string, hives: number, minutes: number | null, hadHelp: boolean) =>
    [
      minuteWords(beganAt),
      apiary,
      `${hives} ${hives === 1 ? 'hive' : 'hives'}`,
      ...(minutes === null ? [] : [durationWords(minutes)]),
      ...(hadHelp ? ['with help'] : []),
    ].join(' · '),
};
