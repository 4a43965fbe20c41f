import type { Day } from '../../core/calendar/day';
import { dayWords, weekdayWords } from '../days';

/** Which of two queens stays. */
export const unionPhrases = {
  emerged: (to: Day) => `emerged ${dayWords(to)}`,
  ofUnknownAge: 'of unknown age',
  layingSince: (laysSince: Day) => `laying since ${dayWords(laysSince)}`,
  neitherTold:
    'Both lay, and nothing in your records tells the younger or the better layer: keep the one whose bees you like better.',
  keepYounger: (kept: string, keptSince: string, taken: string, takenSince: string) =>
    `Both lay. Keep the queen of ${kept} (${keptSince}); that of ${taken} is older (${takenSince}).`,
  keepBetter: (kept: string, broodFrames: number | null, taken: string, broodFrames2: number | null) =>
    `Both lay. Keep the queen of ${kept}, with brood on ${broodFrames} frames; that of ${taken} has ${broodFrames2}.`,
  takeTheOtherOut: (out: Day, unite: Day) =>
    `Take the other out on ${weekdayWords(out)}, enter that with her colony, and unite them on ${weekdayWords(unite)}.`,
};
