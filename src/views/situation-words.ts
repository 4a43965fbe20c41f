import type { ColonyState } from '../core/colony/fold';
import type { Look } from '../core/colony/look';
import { methodNamed } from '../core/methods/methods';
import { dayWords } from '../words/days';
import { methodTitle } from '../words/methods/methods';
import { READING_WORDS } from '../words/readings';

/** Cells were broken down and nothing else presses: that is not the same as a colony that raised none. */
export function isHeld({ reading, takenDown, queenExpected }: Read): boolean {
  return takenDown > 0 && reading.actBy === null && queenExpected === 'laying' && reading.reading !== 'virgin-loose';
}

/** What of an inspection its headline rests on. */
export type Read = Pick<Look, 'reading' | 'takenDown' | 'queenExpected'>;

/** Cells by which the bees replace their queen, and do not mean to swarm. */
export const isSupersedure = ({ reading }: Pick<Look, 'reading'>): boolean =>
  reading.cause === 'supersedure' && SWARMING.has(reading.reading);

const SWARMING = new Set(['early-preparing', 'preparing', 'swarm-imminent']);

/** A look's reading as a headline. */
export function readingTitle(look: Read): string {
  if (isSupersedure(look)) return 'Likely supersedure: they are replacing her';
  return isHeld(look) ? 'Cells broken down: a delay, no cure' : READING_WORDS[look.reading.reading].title;
}

/** How a colony stands: its last reading, unless something befell the queen or was done about it since. */
export function situationWords({ lastLook, queen, parts }: ColonyState): string {
  if (queen.lateButThereOn !== null) return 'Queen present, late to lay';
  if (queen.noEggsOn !== null) return `No eggs of a young queen by ${dayWords(queen.noEggsOn)}`;
  if (!lastLook || lastLook.queenAfter !== queen) {
    if (queen.expected === 'caged' && queen.cagedOn !== null) return `Caged queen given on ${dayWords(queen.cagedOn)}`;
    if (queen.expected === 'none' && queen.removedOn !== null)
      return `Without a queen since ${dayWords(queen.removedOn)}`;
    if (queen.expected === 'virgin') return 'A virgin is in there';
  }
  const done = parts.findLast(({ programme, queen: role }) => {
    const isSince = !lastLook || programme.on >= lastLook.inspection.on;
    const { kind } = methodNamed(programme.method);
    const isOfOther = kind === 'room' || (kind === 'increase' && role === 'unchanged');
    return isSince && role !== 'ends' && !isOfOther;
  });
  if (done) return `${methodTitle(done.programme.method)}, ${dayWords(done.programme.on)}`;
  return lastLook ? readingTitle(lastLook) : 'Not inspected yet';
}
