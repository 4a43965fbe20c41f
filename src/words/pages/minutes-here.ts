import type { Day } from '../../core/calendar/day';
import { weekdayWords } from '../days';
import { listWords } from '../list';
import { durationWords } from '../rounds';

/** So many minutes here, now. */
export const herePhrases = {
  now: (tasks: readonly string[], minutes: number) => `${listWords(tasks)}, ${durationWords(minutes)}`,
  waits: (name: string, order: string, until: Day | null, risk: string) =>
    until === null
      ? `${name}, ${order}: cannot wait, and there is no time for it. ${risk}`
      : `${name}, ${order}: can wait, at the latest until ${weekdayWords(until)}.`,
  says: (minutes: number, lost: number) => {
    if (minutes === 0 && lost === 0) return 'Nothing is due here.';
    const left =
      lost === 0 ? 'All else can wait.' : lost === 1 ? 'One thing cannot wait.' : `${lost} things cannot wait.`;
    return `${durationWords(minutes)} of work. ${left}`;
  },
} as const;
