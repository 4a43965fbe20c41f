import type { Window } from '../calendar/window';
import { isSealed } from '../cells/stage';
import type { QueenWanted } from '../colony/facts';
import type { TrackedCell } from '../colony/track-cells';
import { expectedIn, isWithoutQueen, noEggsOn } from '../queens/queen-questions';
import { KEPT_CELLS_AT_MOST } from '../settings/settings';
import type { ColonyState } from '../state/fold';
import { needsWayOut } from './ways-out';

/** Why a live cell would help a colony. */
export type CellWantedWhy =
  | 'nothing-to-raise'
  | 'queen-may-be-gone'
  | 'not-come-to-lay'
  | 'no-cell-known'
  | Exclude<QueenWanted, 'nothing'>;

/** How a cell bears being moved now. */
export type BearsMoving = 'ripe' | 'sealed' | 'open';

/** A colony that a live cell would help, and why. */
export interface CellWanted {
  readonly colonyId: string;
  readonly why: CellWantedWhy;
}

/** A live cell that its colony need not keep. */
export interface CellToGive {
  readonly colonyId: string;
  readonly cell: TrackedCell;
  readonly emergence: Window;
  /** How it travels now. */
  readonly travels: BearsMoving;
}

interface Standing {
  readonly colonyId: string;
  /** What the keeper wants for it, whatever is known of it. */
  readonly wanted?: QueenWanted;
  readonly state: ColonyState;
}

/**
 * Colonies without a queen and without a live cell, by an inspection or by what happened to her; those whose young queen has failed;
 * and those for which the keeper wants one.
 */
export function cellsWanted(colonies: readonly Standing[]): readonly CellWanted[] {
  return colonies.flatMap(({ colonyId, wanted, state }): readonly CellWanted[] => {
    const { queen, liveCells, lastInspection, ended } = state;
    const asked = wanted && wanted !== 'nothing' ? [{ colonyId, why: wanted }] : [];
    if (ended || lastInspection?.reading.reading === 'drone-laying') return [];
    if (liveCells.length > 0 && noEggsOn(queen) === null) return asked;
    if (queen.is === 'without') return [{ colonyId, why: 'nothing-to-raise' }];
    if (needsWayOut(state)) {
      return [
        {
          colonyId,
          why: expectedIn(queen) === 'laying' ? 'queen-may-be-gone' : 'not-come-to-lay',
        },
      ];
    }
    if (queen.is === 'raising' && !queen.programme?.buysQueen) {
      return [{ colonyId, why: 'no-cell-known' }];
    }
    return asked;
  });
}

/** More cells than a colony keeps: all of one that has its queen, those beyond two of one that raises a queen. */
export function cellsToGive(colonies: readonly Standing[]): readonly CellToGive[] {
  return colonies.flatMap(({ colonyId, state }) => {
    if (state.ended) return [];
    const needsOwn = isWithoutQueen(state.queen);
    const live = state.liveCells.filter(({ planBy }) => planBy.emergence && planBy.emergence.latest >= state.today);
    const spare = needsOwn ? live.slice(KEPT_CELLS_AT_MOST.value) : live;
    return spare.flatMap((cell): CellToGive[] => {
      const { emergence } = cell.planBy;
      return emergence ? [{ colonyId, cell, emergence, travels: bearsMoving(cell) }] : [];
    });
  });
}

/** How a cell bears being moved: ripe ones best, a closed one that is not ripe yet least. */
export function bearsMoving({ lastStage }: Pick<TrackedCell, 'lastStage'>): BearsMoving {
  if (lastStage === 'sealed-ripe' || lastStage === 'queen-moving') return 'ripe';
  return isSealed(lastStage) ? 'sealed' : 'open';
}
