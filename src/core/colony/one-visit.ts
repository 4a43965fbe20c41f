import { isSearch } from '../cells/thoroughness';
import type { InspectionFact } from './facts';

/** Two entries of one day, or of one and the same span of days, are of one visit. */
export const isOneVisit = (first: InspectionFact, later: InspectionFact): boolean =>
  first.on === later.on && first.to === later.to;

/**
 * A visit that was entered in two goes as one look: what the second did not look for is as the first found it, what one of them saw was
 * there, and else the second leads.
 *
 * @example sealed cells entered at noon and "no eggs" a minute later read as sealed cells without eggs
 */
export function asOneLook(first: InspectionFact, later: InspectionFact): InspectionFact {
  // What was seen at one of them was there.
  const isFirstEggs =
    later.eggs === 'not-looked-for' ? later.youngest === null : later.eggs === 'none' && first.eggs === 'seen';
  const isFirstQueen = later.queen === 'not-looked-for' || (later.queen === 'none' && first.queen === 'seen');
  const named = new Set(later.cells.map(({ cellId }) => cellId));
  return {
    ...later,
    ...(isFirstEggs ? { eggs: first.eggs, youngest: first.youngest } : {}),
    ...(isFirstQueen ? { queen: first.queen, queenSeenAs: first.queenSeenAs } : {}),
    droneBroodInWorkerCells: eitherSeen(later.droneBroodInWorkerCells, first.droneBroodInWorkerCells),
    severalEggsPerCell: eitherSeen(later.severalEggsPerCell, first.severalEggsPerCell),
    piping: later.piping === 'not-listened' ? first.piping : later.piping,
    stores: later.stores === 'not-looked-for' ? first.stores : later.stores,
    layingRoomDays: later.layingRoomDays ?? first.layingRoomDays,
    thoroughness: isSearch(later.thoroughness) ? later.thoroughness : first.thoroughness,
    cells: [...first.cells.filter(({ cellId }) => !named.has(cellId)), ...later.cells],
  };
}

const eitherSeen = <L extends InspectionFact['severalEggsPerCell']>(later: L, first: L): L =>
  later === 'not-looked-for' || first === 'seen' ? first : later;
