import type { Practised } from '../../practice/review';
import { type Sheet, sheetOf } from '../sheet';

/** Every exercise that was answered, in order of time. */
export const practiceSheet = (practised: readonly Practised[]): Sheet =>
  sheetOf(
    [
      { head: 'at', of: ({ at }) => at },
      { head: 'exercise', of: ({ kind }) => kind },
      { head: 'skill', of: ({ skill }) => skill },
      { head: 'level', of: ({ level }) => level },
      { head: 'right', of: ({ isRight }) => isRight },
      { head: 'days-off', of: ({ daysOff }) => daysOff },
    ],
    practised,
  );
