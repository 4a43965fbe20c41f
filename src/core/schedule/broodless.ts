import { WORKER_CELL_SEALED, WORKER_EMERGES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import { firstEggsWindow } from '../queens/virgin-care';

/**
 * When a colony that lost its queen on `removedOn` has no sealed brood: from the day the last of hers has emerged until the first of
 * the young queen's is sealed. Both are uncertain; the likely days are those between the typical ones. Null where hers would still be
 * there when the first of the young queen's may be sealed.
 *
 * @example removed on 10 May, emergence 19 to 27 May: 30 May at the earliest, 26 Jun at the latest.
 */
export function broodlessWindow(removedOn: Day, emergence: Window): Window | null {
  const { early, typical, late } = WORKER_EMERGES.value;
  const eggs = firstEggsWindow(emergence);
  const sealed = WORKER_CELL_SEALED.value;
  const [likelyFrom, likelyTo] = [addDays(removedOn, typical), addDays(eggs.likelyFrom, sealed.typical - 1)];
  if (likelyTo < likelyFrom) return null;
  return {
    earliest: addDays(removedOn, early),
    likelyFrom: addDays(removedOn, Math.min(late, likelyTo - removedOn)),
    likelyTo,
    latest: addDays(eggs.latest, sealed.late - 1),
  };
}
