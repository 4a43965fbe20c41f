import type { Day } from '../core/calendar/day';
import { bestDay, type Check, type CheckCode, isDaily } from '../core/schedule/check';
import type { CheckOnDay } from '../core/schedule/standing';
import { withinSentence } from './capital';
import { distanceWords, weekdayWords } from './days';
import { inWords } from './in-words';
import { measured } from './measures';

/** What each check asks for, as an order. */
const DO: { readonly [C in CheckCode]: string } = {
  'first-look': 'First inspection',
  look: 'Inspect',
  act: 'Carry out a method',
  'thin-cells': 'Thin the cells',
  'find-cells': 'Find the cells',
  'make-room': 'Make room',
  eggs: 'Look for eggs',
  released: 'Check that she is out of the cage',
  'laying-check': 'Check that she is laying',
  'nuc-settled': 'See whether it has settled',
  'move-parent': 'Move it to the other side',
  'clear-top-cells': 'Search the top box for cells',
  'top-brood-gone': 'See whether the brood above has emerged',
  'bottom-check': 'Look for cells and room below',
  'supers-check': 'Look at the supers',
  'which-half': 'Find the queenless half',
  'board-in': 'Split board in, excluder out',
  doors: 'Switch the entrances',
  'turn-hive': 'Turn the hive by 15 degrees',
  'shift-boxes': 'Move both boxes by {0.1 m}, the weaker nearer the old place',
  'space-check': 'Check that they use the room',
  united: 'Check that they have united',
  'read-comb': 'Check the test frame',
};

/** What a check asks for: `Thin the cells`. */
export function orderOf({ order, code }: Pick<Check, 'order' | 'code'>): string {
  return order ? inWords(order) : measured(DO[code]);
}

/**
 * What is to be done and by when, as people say it: `Act today`, `Look inside by Wed 19 May`, `Late: act, due Thu 13 May`. Of one that
 * is put on another day that day is said, with what that means for its last good day.
 */
export function dueWords({ check, standing }: CheckOnDay, today: Day): string {
  const order = orderOf(check);
  const { window, plannedFor } = check;
  switch (standing) {
    case 'late': {
      const was = plannedFor !== null && plannedFor > window.latest ? plannedFor : window.latest;
      return `Late: ${withinSentence(order)}. Due by ${weekdayWords(was)}, ${distanceWords(was, today)}`;
    }
    case 'now':
      if (window.latest === today || plannedFor === today) return `${order} today`;
      if (isDaily(check.code) && plannedFor === null)
        return `${order} today, and each day to ${weekdayWords(window.latest)}`;
      if (window.latest < today) return `${order} now, planned for ${weekdayWords(plannedFor ?? today)}`;
      return `${order} by ${weekdayWords(window.latest)}, ${plannedFor === null ? `best ${bestWords(window.ideal, today)}` : `planned for ${weekdayWords(plannedFor)}`}`;
    case 'later':
      return `${order} ${weekdayWords(bestDay(check))}, ${distanceWords(bestDay(check), today)}`;
    case 'set-aside':
      return `${order} once it may be opened again`;
  }
}

function bestWords(ideal: Day, today: Day): string {
  return ideal <= today ? 'now' : weekdayWords(ideal);
}
