import type { FollowUpCode } from '../methods/method';
import { freeOver, sumAbove } from '../population/unit';
import { ANSWERS } from '../programmes/answers';
import { SUPERS_FULL } from '../space/triggers';
import type { CaseHive } from './case-hive';

/** Fewer cells of brood than this are no brood to speak of. */
const BROOD_LEFT = 200;
const PERCENT = 100;

/** What a check comes to that no look tells of, as it truly stands at the hive: the answer that a keeper would give who went there. */
export function seenAtCheck(code: FollowUpCode, { unit }: CaseHive): string {
  if (code === 'released') return unit.queen.kind === 'to-lay' && unit.queen.on === null ? 'dead' : 'out';
  if (code === 'top-brood-gone') return sumAbove(unit) >= BROOD_LEFT ? 'some-left' : 'gone';
  if (code === 'supers-check')
    return freeOver(unit) <= (1 - SUPERS_FULL.value / PERCENT) * unit.cellsInSupers ? 'another' : 'in-order';
  const [first] = ANSWERS[code];
  if (!first) throw new Error(`No answer to ${code}`);
  return first.code;
}
