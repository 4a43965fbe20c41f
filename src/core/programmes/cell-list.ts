import type { Window } from '../calendar/window';
import { isSealed } from '../cells/stage';
import type { QueenWanted } from '../colony/facts';
import type { ColonyState } from '../colony/fold';
import type { TrackedCell } from '../colony/track-cells';
import { KEPT_CELLS_AT_MOST } from '../settings/settings';
import { needsWayOut } from './ways-out';

/** A colony that a live cell would help, and why. */
export interface CellWanted {
  readonly colonyId: string;
  readonly why: string;
}

/** A live cell that its colony need not keep. */
export interface CellToGive {
  readonly colonyId: string;
  readonly cell: TrackedCell;
  readonly emergence: Window;
  /** How it travels now. */
  readonly travels: string;
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
  return colonies.flatMap(({ colonyId, wanted, state }) => {
    const { queen, liveCells, lastLook, ended } = state;
    const asked = wanted && wanted !== 'nothing' ? [{ colonyId, why: WANTED_WORDS[wanted] }] : [];
    if (ended || lastLook?.reading.reading === 'drone-laying') return [];
    if (liveCells.length > 0 && queen.noEggsOn === null) return asked;
    if (queen.withoutSince !== null) return [{ colonyId, why: 'no queen, and nothing to raise one from' }];
    if (needsWayOut(state)) {
      return [
        {
          colonyId,
          why: queen.expected === 'laying' ? 'the queen may be gone' : 'its young queen has not come to lay',
        },
      ];
    }
    if (queen.expected === 'none' && !queen.programme?.buysQueen && queen.eitherHalfSince === null) {
      return [{ colonyId, why: 'no queen, and no cell of its own known' }];
    }
    return asked;
  });
}

const WANTED_WORDS: { readonly [W in Exclude<QueenWanted, 'nothing'>]: string } = {
  queen: 'you want a queen for it',
  'better-strain': 'you want a better strain in it',
};

/** More cells than a colony keeps: all of one that has its queen, those beyond two of one that raises a queen. */
export function cellsToGive(colonies: readonly Standing[]): readonly CellToGive[] {
  return colonies.flatMap(({ colonyId, state }) => {
    if (state.ended) return [];
    const raises = state.queen.expected === 'none' || state.queen.presumedGone;
    const live = state.liveCells.filter(({ planBy }) => planBy.emergence && planBy.emergence.latest >= state.today);
    const spare = raises ? live.slice(KEPT_CELLS_AT_MOST.value) : live;
    return spare.flatMap((cell): CellToGive[] => {
      const { emergence } = cell.planBy;
      return emergence ? [{ colonyId, cell, emergence, travels: travelWords(cell) }] : [];
    });
  });
}

/** How a cell bears being moved: ripe ones best, a closed one that is not ripe yet least. */
export function travelWords({ lastStage }: Pick<TrackedCell, 'lastStage'>): string {
  if (lastStage === 'sealed-ripe' || lastStage === 'queen-moving') return 'ripe: travels well, or as a caged virgin';
  if (isSealed(lastStage)) return 'sealed, perhaps not ripe: neither shake nor chill it';
  return 'open: on its frame, upright and warm';
}
