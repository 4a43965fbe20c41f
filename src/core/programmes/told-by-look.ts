import { EGG_HATCHES } from '../biology/development';
import { isLive } from '../cells/stage';
import { isFullSearch } from '../cells/thoroughness';
import type { InspectionRead } from '../colony/inspection-known';
import { SHORT_OF_ROOM_DAYS } from '../inspections/room';
import type { FollowUpCode } from '../methods/method';

const isFull = ({ inspection }: InspectionRead) => isFullSearch(inspection.thoroughness);

const hasCells = ({ liveCells }: InspectionRead) => liveCells.length > 0;

/** Eggs first: seen, none, or not looked for, which says nothing. */
const byEggs =
  (codes: { readonly seen: string; readonly none: string }) =>
  ({ inspection: { eggs } }: InspectionRead): string | null =>
    eggs === 'not-looked-for' ? null : codes[eggs];

/** Room to lay, by the inspection or by frames surveyed that day; null: not looked for. */
function hasRoom({ inspection: { stores, layingRoomDays } }: InspectionRead): boolean | null {
  if (stores === 'nectar' || stores === 'honey' || stores === 'pollen') return false;
  if (layingRoomDays !== null) return layingRoomDays >= SHORT_OF_ROOM_DAYS.value;
  return stores === 'room' ? true : null;
}

/**
 * What an inspection says to a check, as the answer that a keeper would give who saw the same; null where it does not speak to it,
 * and the check stands. `which-half` is told by both halves together, thinning and the young queen's eggs by the queen's state.
 */
const TOLD: { readonly [C in FollowUpCode]: ((look: InspectionRead) => string | null) | null } = {
  'nuc-settled': (look) => {
    if (isFull(look) && hasCells(look)) return 'cells';
    const told = byEggs({ seen: 'settled', none: 'no-eggs' })(look);
    // Eggs in the few frames that were seen say nothing of cells in the others.
    return told === 'settled' && !isFull(look) ? null : told;
  },
  'laying-check': (look) =>
    look.inspection.eggs === 'none' && hasCells(look) ? 'cells' : byEggs({ seen: 'eggs', none: 'no-eggs' })(look),
  'bottom-check': (look) => {
    if (!isFull(look)) return null;
    if (hasCells(look)) return 'cells';
    const room = hasRoom(look);
    if (room === false) return 'no-room';
    return room === true || look.inspection.eggs === 'seen' ? 'in-order' : null;
  },
  'space-check': (look) => {
    if (!isFull(look)) return null;
    if (hasCells(look)) return 'cells';
    const room = hasRoom(look);
    return room === null ? null : room ? 'used' : 'not-yet';
  },
  'clear-top-cells': (look) => {
    const { takenDownAbove, liveAbove, openedAbove } = look;
    if (openedAbove > 0) return 'one-open';
    return takenDownAbove > 0 && liveAbove.length === 0 ? 'taken-down' : null;
  },
  released: ({ inspection: { queen, eggs } }) => (queen === 'seen' || eggs === 'seen' ? 'out' : null),
  united: (look) => (isFull(look) && look.inspection.eggs === 'seen' ? 'joined' : null),
  'read-comb': (look) => {
    const isNew = look.inspection.cells.some(({ found }) => found !== 'not-found' && isLive(found));
    // By the first day on which it is read the eggs that came with the frame have hatched: what eggs are there are her own.
    if (look.inspection.eggs === 'seen') return isNew ? null : 'eggs';
    if (isNew) return 'cells';
    return isFull(look) && !hasCells(look) ? 'no-cells' : null;
  },
  'thin-cells': null,
  'move-parent': null,
  eggs: null,
  'top-brood-gone': null,
  'supers-check': null,
  'which-half': null,
  'board-in': null,
  doors: null,
  'turn-hive': null,
  'shift-boxes': null,
};

export function toldByLook(code: FollowUpCode, look: InspectionRead): string | null {
  return TOLD[code]?.(look) ?? null;
}

/**
 * The days after a programme began from which a good answer counts before the window as well: she is out whenever she is seen out;
 * eggs are hers once those that came with her brood have hatched.
 */
export const TOLD_EARLY: ReadonlyMap<FollowUpCode, number> = new Map([
  ['released', 0],
  ['laying-check', EGG_HATCHES.value + 1],
]);

/** A good answer given early does not close these: larvae that are still young enough can become cells after it. */
export const ASKED_AGAIN: ReadonlySet<FollowUpCode> = new Set(['clear-top-cells']);
