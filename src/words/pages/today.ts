import type { Day } from '../../core/calendar/day';
import type { MethodName } from '../../core/methods/method';
import { dayWords, weekdayWords } from '../days';
import { methodTitle } from '../methods/methods';

/** Today. */
export const todayPhrases = {
  leaveShut: 'Leave shut',
  countAt: (apiary: string, hives: number) => `${apiary} ${hives}`.trim(),
  more: (hives: number) => `${hives} more`,
  shutTo: (name: string, to: Day) => `${name} to ${dayWords(to)}`,
  atApiary: (apiary: string, words: string) => `${apiary}: ${words}`,
  nothingToDoToday: 'Nothing to do today',
  nothingIsDueToday: 'Nothing is due today',
  late: (hives: string, late: number) => `${hives}, ${late} late`,
  next: (name: string, on: Day) => ` Next: ${name}, ${weekdayWords(on)}.`,
  leaveShutCount: (shut: number) => (shut === 1 ? 'Leave one shut.' : `Leave ${shut} shut.`),
  programmeDay: (method: MethodName, day: number) => `${methodTitle(method)}, day ${day}`,
  eachDay: 'each day to',
  also: (others: readonly string[]) => `Also: ${others.join('; ')}.`,
  noDateSet: 'No date set',
};
