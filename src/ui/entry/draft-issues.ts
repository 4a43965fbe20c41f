import { parseDay } from '../../core/calendar/day';
import { LIMITS } from '../../core/facts/limits';
import { type Draft, searchedOf } from '../../device/draft';
import type { IssueInWords } from '../../words/issues';

const TIME = /^([01]\d|2[0-3]):[0-5]\d$/;

const COUNTED = [
  { field: 'layingRoomDays', what: 'days', max: LIMITS.layingRoomDays },
  { field: 'broodFrames', what: 'frames', max: LIMITS.broodFrames },
  { field: 'coveredSeams', what: 'seams', max: LIMITS.seams },
] as const;

/** What of a draft is plainly missing or too much, before it is held against what is known of the colony. */
export function draftIssues(draft: Draft): IssueInWords[] {
  const issues: IssueInWords[] = [];
  if (parseDay(draft.at.slice(0, 10)) === null || !TIME.test(draft.at.slice(11))) {
    issues.push({ path: ['at'], code: 'not-a-date', message: 'Choose a real date and time.' });
  }
  if (draft.until && !TIME.test(draft.until.slice(11))) {
    issues.push({ path: ['until'], code: 'not-a-date', message: 'Choose a real time, or leave it empty.' });
  }
  if (searchedOf(draft) === null) {
    issues.push({
      path: ['thoroughness'],
      code: 'missing',
      message: 'Say how you searched for cells: you named some, and their dates depend on it.',
    });
  }
  if (draft.note.length > LIMITS.note) {
    const message = `The note is ${draft.note.length} characters long; at most ${LIMITS.note} are taken. Shorten it.`;
    issues.push({ path: ['note'], code: 'too-long', message });
  }
  for (const { field, what, max } of COUNTED) {
    const value = draft[field];
    if (value === null || (Number.isInteger(value) && value >= 0 && value <= max)) continue;
    const message = `Give whole ${what} from 0 to ${max}, or leave it empty.`;
    issues.push({ path: [field], code: 'out-of-range', message });
  }
  return issues;
}
