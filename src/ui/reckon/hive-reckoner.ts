import { type Remote, wrap } from 'comlink';
import type { Units } from '../../core/units/units';
import { unitsSpoken } from '../../words/measures';
import type { HiveReckoner } from '../../workers/hive-reckoner';

/** Longer than a slow phone takes for the largest book: what takes longer does not come to an end, ms. */
const ENDS_WITHIN = 30_000;

interface Begun {
  readonly thread: Worker;
  readonly reckoner: Remote<HiveReckoner>;
  readonly told: Units;
}
let begun: Begun | null = null;

/** The one worker that reckons for the pages at the hive; begun when it is first asked. It has words of its own, in the units of the book. */
function theReckoner(): Begun {
  const units = unitsSpoken();
  if (begun?.told === units) return begun;
  const thread =
    begun?.thread ?? new Worker(new URL('../../workers/hive.worker.ts', import.meta.url), { type: 'module' });
  const reckoner = begun?.reckoner ?? wrap<HiveReckoner>(thread);
  void reckoner.speak(units);
  begun = { thread, reckoner, told: units };
  return begun;
}

/**
 * Asks the worker. A question that does not come to an end fails, and the worker with it: the next question begins another, so that one
 * colony cannot keep the rest from being worked out.
 */
export function askHive<Answer>(ask: (reckoner: Remote<HiveReckoner>) => Promise<Answer>): Promise<Answer> {
  const mine = theReckoner();
  return new Promise((answered, failed) => {
    const timer = setTimeout(() => {
      mine.thread.terminate();
      if (begun?.thread === mine.thread) begun = null;
      failed(new Error('This could not be worked out in time.'));
    }, ENDS_WITHIN);
    ask(mine.reckoner)
      .then(answered, failed)
      .finally(() => clearTimeout(timer));
  });
}
