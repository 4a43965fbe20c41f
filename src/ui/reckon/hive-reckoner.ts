import { type Remote, wrap } from 'comlink';
import type { Units } from '../../core/units/units';
import { unitsSpoken } from '../../words/measures';
import type { HiveReckoner } from '../../workers/hive-reckoner';

let reckoner: Remote<HiveReckoner> | null = null;
let told: Units | null = null;

/** The one worker that reckons for the pages at the hive; begun when it is first asked. */
export function hiveReckoner(): Remote<HiveReckoner> {
  reckoner ??= wrap<HiveReckoner>(
    new Worker(new URL('../../workers/hive.worker.ts', import.meta.url), { type: 'module' }),
  );
  // It has words of its own, and does what it is told in order.
  if (unitsSpoken() !== told) {
    told = unitsSpoken();
    void reckoner.speak(told);
  }
  return reckoner;
}
