import type { Day } from '../calendar/day';
import { isReplacing } from '../inspections/replacing';
import { methodNamed } from '../methods/methods';
import { arrivedOn, isTakenToLay, lateButThereOn, noEggsOn, queenIdIn } from '../queens/queen-questions';
import type { QueenState } from '../queens/queen-state';
import type { Said } from '../says/said';
import type { ColonyState } from '../state/fold';
import { isSaidFirst } from './aged';
import type { InspectionKnown } from './inspection-known';
import { say } from './says';

/** What of an inspection its headline rests on. */
export type Read = Pick<InspectionKnown, 'reading' | 'takenDown' | 'queenExpected'>;

/** Cells were broken down and nothing else presses: that is not the same as a colony that raised none. */
export function isHeld({ reading, takenDown, queenExpected }: Read): boolean {
  return takenDown > 0 && reading.actBy === null && queenExpected === 'laying' && reading.reading !== 'virgin-loose';
}

/** An inspection's reading as a headline. */
export function headlineOf(look: Read): Said {
  const { reading } = look.reading;
  if (isReplacing(look.reading)) return say('replacing-her');
  return isHeld(look) ? say('cells-broken-down') : say('read', { reading });
}

/**
 * Nobody has looked into it yet, nor said anything of its queen: that a colony has a laying queen as a rule is then no reason to say
 * so of this one.
 */
export function isUnseen({ inspections, frames, parts, queen }: ColonyState): boolean {
  const isTold =
    !isTakenToLay(queen) || queen.lastProof !== null || queenIdIn(queen) !== null || arrivedOn(queen) !== null;
  return inspections.length === 0 && frames === null && parts.length === 0 && !isTold;
}

/** How a colony stands today: its last reading, or what that has become, unless something befell the queen or was done about it since. */
export function situationOf({ lastInspection, queen, parts, aged }: ColonyState): Said {
  if (queen.is === 'caged' && noEggsOn(queen) === null && !queen.released) {
    return say('caged-queen-given', { on: queen.cagedOn });
  }
  if (isSaidFirst(aged, queen)) return say('aged', aged);
  if (lateButThereOn(queen) !== null) return say('late-to-lay');
  const emptyOn = noEggsOn(queen);
  if (emptyOn !== null) return say('no-eggs-by', { on: emptyOn });
  if (!lastInspection || lastInspection.queenAfter !== queen) {
    const noted = notedOfHer(queen);
    if (noted) return noted;
  }
  const done = parts.findLast(({ programme, queen: role }) => {
    const isSince = !lastInspection || programme.on >= lastInspection.inspection.on;
    const { kind } = methodNamed(programme.method);
    const isOfOther = kind === 'room' || (kind === 'increase' && role === 'unchanged');
    return isSince && role !== 'ends' && !isOfOther;
  });
  if (done) return say('method-begun', { method: done.programme.method, on: done.programme.on });
  return lastInspection ? headlineOf(lastInspection) : say('not-inspected');
}

/** What was noted of her since the last look leads; null: nothing that a method begun since does not say better. */
function notedOfHer(queen: QueenState): Said | null {
  switch (queen.is) {
    case 'caged':
      return say('caged-queen-given', { on: queen.cagedOn });
    case 'raising':
      return queen.lost === null ? say('read', { reading: 'raising-queen' }) : without(queen.lost.from);
    case 'without':
      return without(queen.lost?.from ?? queen.since);
    case 'going':
      return queen.swarmedOn === null ? null : say('swarm-left', { on: queen.swarmedOn.from });
    case 'virgin':
      return say('virgin-inside');
    case 'either-half':
    case 'laying':
    case 'not-known':
      return null;
  }
}

const without = (since: Day): Said => say('without-queen', { since });
