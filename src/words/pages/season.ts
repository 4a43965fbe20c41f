import type { Day } from '../../core/calendar/day';
import { weekdayWords } from '../days';

/** The season sheet. */
export const seasonPhrases = {
  leaveShut: 'leave shut',
  flowExpected: 'main flow as you expect it',
  flowByScale: (name: string, strong: boolean) => `${strong ? 'strong flow' : 'flow'} by the scale of ${name}`,
  meant: (label: string) => `meant: ${label}`,
  anyDay: (best: Day, span: string) => `${weekdayWords(best)}, any day ${span}`,
};
