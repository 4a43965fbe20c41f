import { GAP_MIN, NOISE, SOON_MIN, STEP_LATE, STEP_SOON } from './scale-figures';
import type { Change } from './scale-of';

/** A sudden change that is no visit's, in hundredths of a kilogram; `at`: its last reading. */
export interface ScaleStep {
  readonly at: string;
  readonly by: number;
}

/**
 * Steps among the changes that belong to no visit, and which changes they are. Several changes of one direction within half an hour count
 * together: a swarm leaves over ten minutes, and an hourly scale sees it at once.
 */
export function stepsAmong(
  changes: readonly Change[],
  ofVisit: ReadonlySet<number>,
): { readonly steps: readonly ScaleStep[]; readonly changes: ReadonlySet<number> } {
  const steps: ScaleStep[] = [];
  const taken = new Set<number>();
  for (let i = 0; i < changes.length; ) {
    const last = ofVisit.has(i) ? null : endOfStep(changes, ofVisit, i);
    if (last === null) {
      i += 1;
      continue;
    }
    steps.push({ at: (changes[last] as Change).at, by: sumOf(changes, i, last) });
    for (; i <= last; i++) taken.add(i);
  }
  return { steps, changes: taken };
}

const sumOf = (changes: readonly Change[], first: number, last: number): number => {
  let sum = 0;
  for (let i = first; i <= last; i++) sum += (changes[i] as Change).by;
  return sum;
};

/** The last change of the step that begins with a change; null: none does. */
function endOfStep(changes: readonly Change[], ofVisit: ReadonlySet<number>, first: number): number | null {
  const { from, to, by } = changes[first] as Change;
  if (to - from > SOON_MIN) return to - from <= GAP_MIN && Math.abs(by) > STEP_LATE ? first : null;
  if (Math.abs(by) <= NOISE) return null;
  const sign = Math.sign(by);
  let last = first;
  for (let i = first + 1; i < changes.length; i++) {
    const next = changes[i] as Change;
    const goesOn = Math.sign(next.by) === sign || Math.abs(next.by) <= NOISE;
    if (ofVisit.has(i) || !goesOn || next.to > from + SOON_MIN) break;
    // It is cut back to its last change that counts.
    if (Math.sign(next.by) === sign && Math.abs(next.by) > NOISE) last = i;
  }
  return Math.abs(sumOf(changes, first, last)) > STEP_SOON ? last : null;
}
