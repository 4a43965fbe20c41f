import { QUEEN_EMERGES } from '../../biology/development';
import { addDays, type Day, daysBetween } from '../../calendar/day';
import type { Window } from '../../calendar/window';
import { dateCell } from '../../cells/dating';
import { windowFromLaying } from '../../cells/windows';
import { eggsWindow, emergencyEmergence, leaveShutSpan } from '../../queens/virgin-care';
import { DEFAULT_SETTINGS } from '../../settings/settings';
import type { Exercise, Level } from '../exercise';
import { drawsOf } from '../stream';

const KNOWN = ['queen-removed', 'sealed-found', 'egg-seen'] as const;

/** A colony that raises a queen: is it left shut today, and when is it opened next to look for her eggs? */
export function leaveShut(seed: number, level: Level, today: Day): Exercise {
  const draws = drawsOf(seed, 'leave-shut');
  const known = level === 1 ? 'queen-removed' : draws.oneOf(KNOWN);
  const daysAgo = draws.whole(known === 'sealed-found' ? 0 : 2, known === 'sealed-found' ? 18 : 32);
  const on = addDays(today, -daysAgo);
  const emergence: Window =
    known === 'queen-removed'
      ? emergencyEmergence(on)
      : known === 'egg-seen'
        ? windowFromLaying({ from: addDays(on, -3), to: on }, QUEEN_EMERGES)
        : (dateCell({ sights: [{ on, stage: 'sealed-fresh', index: 0 }], checks: [], queenRemoved: null })
            .emergence as Window);
  const shut = leaveShutSpan(emergence, DEFAULT_SETTINGS);
  const eggs = eggsWindow(emergence, DEFAULT_SETTINGS);
  const isShut = shut.from <= today && today <= shut.to;
  const [from, to] = [eggs.earliest, eggs.latest].map((day) => daysBetween(today, day)) as [number, number];
  return {
    kind: 'leave-shut',
    seed,
    level,
    shows: { kind: 'kept-cell', known, daysAgo },
    asks: [
      {
        code: 'today',
        kind: 'choice',
        options: ['shut', 'may-be-opened'],
        right: () => ({ is: 'choice', oneOf: [isShut ? 'shut' : 'may-be-opened'] }),
      },
      {
        code: 'eggs-in',
        kind: 'days',
        options: [],
        right: () => ({ is: 'days', between: to < 0 ? null : { from: Math.max(0, from), to } }),
      },
    ],
    skill: isShut ? 'shut' : today < shut.from ? 'before' : 'after',
    because: [{ code: 'shut-span', from: daysBetween(today, shut.from), to: daysBetween(today, shut.to) }],
  };
}
