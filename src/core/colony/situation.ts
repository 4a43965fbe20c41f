import { isReplacing } from '../inspections/replacing';
import { methodNamed } from '../methods/methods';
import type { Said } from '../says/said';
import type { ColonyState } from '../state/fold';
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
    queen.expected !== 'laying' || queen.lastProof !== null || queen.queenId !== null || queen.arrivedOn !== null;
  return inspections.length === 0 && frames === null && parts.length === 0 && !isTold;
}

/** How a colony stands today: its last reading, or what that has become, unless something befell the queen or was done about it since. */
export function situationOf({ lastInspection, queen, parts, aged }: ColonyState): Said {
  if (queen.expected === 'caged' && queen.cagedOn !== null && queen.noEggsOn === null && !queen.released) {
    return say('caged-queen-given', { on: queen.cagedOn });
  }
  if (aged) return say('aged', aged);
  if (queen.lateButThereOn !== null) return say('late-to-lay');
  if (queen.noEggsOn !== null) return say('no-eggs-by', { on: queen.noEggsOn });
  if (!lastInspection || lastInspection.queenAfter !== queen) {
    if (queen.expected === 'caged' && queen.cagedOn !== null) return say('caged-queen-given', { on: queen.cagedOn });
    if (queen.expected === 'none') {
      const since = queen.removedOn ?? queen.withoutSince;
      return since === null ? say('read', { reading: 'raising-queen' }) : say('without-queen', { since });
    }
    if (queen.presumedGone && queen.swarmedOn !== null) return say('swarm-left', { on: queen.swarmedOn.from });
    if (queen.expected === 'virgin') return say('virgin-inside');
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
