import { addDays, type Day, daysBetween } from '../../calendar/day';
import { THOROUGHNESS } from '../../cells/thoroughness';
import { nextInspection } from '../../inspections/next-inspection';
import type { Exercise, Level } from '../exercise';
import { drawsOf } from '../stream';

/** How a colony was searched, and when: by which day must somebody be back? */
export function whenBack(seed: number, level: Level, today: Day): Exercise {
  const draws = drawsOf(seed, 'when-back');
  const [first, ...others] = THOROUGHNESS;
  const thoroughness = draws.oneOf([first, ...others]);
  const cellsRemoved = level > 1 && thoroughness !== 'tip-up' && draws.happens(0.35);
  const clipped = level > 2 && draws.happens(0.4);
  const daysAgo = level === 1 ? 0 : draws.whole(0, 2);
  const { latest, hiddenAge } = nextInspection({
    on: addDays(today, -daysAgo),
    thoroughness,
    cellsRemoved,
    clipped,
    alreadyDue: null,
  });
  const days = daysBetween(today, latest);
  return {
    kind: 'when-back',
    seed,
    level,
    shows: { kind: 'inspected', thoroughness, cellsRemoved, clipped, daysAgo },
    asks: [
      {
        code: 'back-in',
        kind: 'days',
        options: [],
        right: () => ({ is: 'days', between: { from: days, to: days } }),
      },
    ],
    skill: `${thoroughness}${cellsRemoved ? ' removed' : ''}${clipped ? ' clipped' : ''}`,
    because: [
      { code: 'back-by', hiddenAge },
      ...(cellsRemoved ? [{ code: 'removed-restart' as const }] : []),
      ...(clipped && hiddenAge !== null ? [{ code: 'clipped-later' as const }] : []),
    ],
  };
}
