import { EGG_HATCHES, LAST_QUEENABLE_AGE } from '../biology/development';
import { raisesFromBrood } from '../population/fate';
import { BROOD_A_FRAME } from '../population/figures';
import { beginEmergencyCells, type CaseGame, type CaseHive } from './case-hive';

/** Whether a hive has no queen any more, and none to come: none was raised, or the virgin was lost. */
const isWithout = ({ unit: { queen } }: CaseHive, today: number): boolean =>
  queen.kind === 'none' || (queen.kind === 'to-lay' && queen.on === null && (queen.out ?? today) <= today);

/**
 * A frame with young brood out of another yard is hung into a hive: bees without a queen raise cells on it. Its eggs are left out, since its
 * keeper knows that they are not of this hive's queen.
 */
export function giveYoungBrood(hive: CaseHive, today: number, to: CaseGame): void {
  const ages = LAST_QUEENABLE_AGE.value - EGG_HATCHES.value + 1;
  for (let age = EGG_HATCHES.value; age <= LAST_QUEENABLE_AGE.value; age++)
    hive.unit.below[age] = (hive.unit.below[age] ?? 0) + BROOD_A_FRAME.value / ages;
  if (!isWithout(hive, today)) return;
  raisesFromBrood(hive.unit, today, to.game);
  beginEmergencyCells(hive, today, to);
}
