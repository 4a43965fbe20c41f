import { type Remote, wrap } from 'comlink';
import type { HiveReckoner } from '../../workers/hive-reckoner';

let reckoner: Remote<HiveReckoner> | null = null;

/** The one worker that reckons for the pages at the hive; begun when it is first asked. */
export function hiveReckoner(): Remote<HiveReckoner> {
  reckoner ??= wrap<HiveReckoner>(
    new Worker(new URL('../../workers/hive.worker.ts', import.meta.url), { type: 'module' }),
  );
  return reckoner;
}
