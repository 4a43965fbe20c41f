import type { Day } from '../../core/calendar/day';
import { weekdayWords } from '../days';

/** The season sheet. */
export const seasonPhrases = {
  leaveShut: 'leave shut',
  anyDay: (best: Day, span: string) => `${weekdayWords(best)}, any day ${span}`,
};
