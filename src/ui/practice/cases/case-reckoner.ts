import { type Remote, wrap } from 'comlink';
import { unitsSpoken } from '../../../words/measures';
import type { CaseReckoner } from '../../../workers/case-reckoner';

let reckoner: Remote<CaseReckoner> | null = null;

/** The worker in which cases are played; begun when it is first asked. */
export function caseReckoner(): Remote<CaseReckoner> {
  if (!reckoner) {
    reckoner = wrap<CaseReckoner>(
      new Worker(new URL('../../../workers/case.worker.ts', import.meta.url), { type: 'module' }),
    );
    void reckoner.speak(unitsSpoken());
  }
  return reckoner;
}
