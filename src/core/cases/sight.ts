import { EGG_HATCHES } from '../biology/development';
import { figure } from '../biology/figure';
import type { Looked } from '../brood/looked';
import type { YoungestBrood } from '../brood/youngest';
import type { CellPlace } from '../cells/place';
import type { CellStage } from '../cells/stage';
import { isFullSearch, type Thoroughness } from '../cells/thoroughness';
import type { CellPart, Drones, QueenSeenAs, Stores } from '../colony/facts';
import { BROOD_A_FRAME } from '../population/figures';
import { adultsOf, BROOD_DAYS, FIRST_SEALED, freeBelow, sumAbove, sumOf, type Unit } from '../population/unit';
import { type CellLook, stagesOf } from '../practice/cell-look';
import { drawsOf } from '../practice/stream';
import { BEES_A_SEAM } from '../yard/flyers';
import { ageOn, type CaseCell, isSeenBy, lookOf } from './case-cell';
import type { CaseHive } from './case-hive';

/** A cell as it was seen. */
export interface CellSeen {
  readonly id: string;
  readonly look: CellLook;
  /** What it may be called by how it looks, the closest first. */
  readonly stages: readonly CellStage[];
  readonly place: CellPlace;
  readonly box: number;
  readonly frame: number;
  readonly x: number;
  readonly y: number;
  readonly part: CellPart | null;
}

/** What a look into a hive shows. */
export interface Sight {
  readonly searched: Thoroughness;
  readonly cells: readonly CellSeen[];
  readonly queen: Looked;
  readonly queenSeenAs: QueenSeenAs;
  readonly eggs: Looked;
  readonly youngest: YoungestBrood | null;
  readonly stores: Stores;
  readonly layingRoomDays: number | null;
  readonly broodFrames: number | null;
  readonly coveredSeams: number;
  readonly drones: Drones;
}

/** She is marked, and found as often as this: on a frame with its bees, or once they are shaken off. */
const FINDS_QUEEN = {
  'bees-on': figure('chance-that-a-marked-queen-is-found-frame-by-frame', 0.75, 'share', 'supposed').value,
  cleared: figure('chance-that-a-marked-queen-is-found-as-bees-are-shaken', 0.6, 'share', 'supposed').value,
  'tip-up': 0,
} as const satisfies Record<Thoroughness, number>;
/** A virgin is quick and has no mark. */
const FINDS_VIRGIN = figure('chance-that-a-virgin-is-found', 0.25, 'share', 'supposed').value;

/** A patch too small to be found among so many combs. */
const FOUND_FROM = 20;
/** So much of the brood nest in honey or nectar hems it in. */
const BOUND_FROM = 0.35;
const ROOM_AT_LEAST_DAYS = 4;
const LOOKS_AHEAD_DAYS = 30;

const sees = (count: number): Looked => (count >= FOUND_FROM ? 'seen' : 'none');

function youngestOf(unit: Unit): YoungestBrood {
  const of = (from: number, to: number) => sumOf(unit.below, from, to) + sumAbove(unit, from, to) >= FOUND_FROM;
  if (of(0, 1)) return 'eggs-upright';
  if (of(1, EGG_HATCHES.value)) return 'eggs';
  if (of(EGG_HATCHES.value, EGG_HATCHES.value + 2)) return 'larvae-small';
  if (of(EGG_HATCHES.value + 2, FIRST_SEALED)) return 'larvae-large';
  return of(FIRST_SEALED, BROOD_DAYS) ? 'sealed' : 'none';
}

/** Whether there is room to lay, or by what the brood nest is hemmed in. */
function storesOf(unit: Unit): Stores {
  const honey = unit.honeyBelow / Math.max(1, unit.cellsBelow);
  const isTight = unit.queen.kind === 'laying' && freeBelow(unit) < ROOM_AT_LEAST_DAYS * unit.queen.rate;
  return honey >= BOUND_FROM && isTight ? 'nectar' : 'room';
}

interface Asked {
  readonly searched: Thoroughness;
  readonly today: number;
  /** Whose luck it is whether she is found, and which look of this hive on this day it is. */
  readonly seed: number;
  readonly nth: number;
}

/**
 * What a look shows that searches so: with all bees off every cell, with bees on those that have a larva and the eggs that no bee sits on, from
 * below no more than what hangs down. What such a look does not reach was not looked for.
 */
export function sightOf({ colonyId, unit, cells }: CaseHive, { searched, today, seed, nth }: Asked): Sight {
  const draws = drawsOf(seed, `queen ${colonyId} ${today} ${nth}`);
  const isFull = isFullSearch(searched);
  const found = draws.unit();
  const seen = cells.flatMap((cell): CellSeen[] => {
    const look = lookOf(cell, today);
    return look && isSeenBy(cell, searched, today) ? [cellSeen(cell, look, today)] : [];
  });
  const coveredSeams = Math.round(adultsOf(unit) / BEES_A_SEAM);
  if (!isFull)
    return {
      searched,
      cells: seen,
      queen: 'not-looked-for',
      queenSeenAs: 'not-said',
      eggs: 'not-looked-for',
      youngest: null,
      stores: 'not-looked-for',
      layingRoomDays: null,
      broodFrames: null,
      coveredSeams,
      drones: 'not-looked-for',
    };
  const { queen } = unit;
  const isVirgin = queen.kind === 'to-lay' && queen.out !== null && queen.out <= today;
  const isThere = queen.kind === 'laying' ? found < FINDS_QUEEN[searched] : isVirgin && found < FINDS_VIRGIN;
  const brood = sumOf(unit.below) + sumAbove(unit);
  return {
    searched,
    cells: seen,
    queen: isThere ? 'seen' : 'none',
    queenSeenAs: isThere ? (isVirgin ? 'virgin' : 'as-known') : 'not-said',
    eggs: sees(sumOf(unit.below, 0, EGG_HATCHES.value) + sumAbove(unit, 0, EGG_HATCHES.value)),
    youngest: youngestOf(unit),
    stores: storesOf(unit),
    layingRoomDays:
      queen.kind === 'laying'
        ? Math.min(LOOKS_AHEAD_DAYS, Math.floor(freeBelow(unit) / Math.max(1, queen.rate)))
        : null,
    broodFrames: Math.round(brood / BROOD_A_FRAME.value),
    coveredSeams,
    drones: 'flying',
  };
}

function cellSeen(cell: CaseCell, look: CellLook, today: number): CellSeen {
  const { id, place, box, frame, x, y, part } = cell;
  return { id, look, stages: stagesOf(ageOn(cell, today), look), place, box, frame, x, y, part };
}
