import type { Day } from '../calendar/day';
import type { Cause } from '../cells/cause';
import type { ReadingName } from '../inspections/reading';
import type { Thing } from '../methods/thing';
import type { EarlyFirst } from '../settings/schools';

/** A colony as it stands today, with as much as the order of its choices follows from. Counts that are null were not made. */
export interface ColonyAsked {
  readonly broodFrames: number | null;
  readonly coveredSeams: number | null;
  readonly queenFound: 'today' | 'no' | 'not-looked-for';
  readonly eggs: 'seen' | 'none' | 'not-looked-for';
  readonly cells: { readonly count: number; readonly oldest: 'none' | 'egg' | 'larva' | 'sealed' | 'ripe' | 'emerged' };
  readonly earliestEmergence: Day | null;
  readonly earliestSealing: Day | null;
  readonly broodBoxes: 1 | 2 | 3;
  readonly supers: number;
  /** Tenths of the top brood box that bees cover, and of the fullest super that are full. */
  readonly coveredTenths: number | null;
  readonly fullestSuperTenths: number | null;
  readonly bound: 'none' | 'honey' | 'nectar' | 'pollen' | 'not-known';
  readonly clipped: boolean;
  readonly layingWorkers: boolean;
  /** The last day on which it is left shut; null: it is not. */
  readonly leaveShutTo: Day | null;
  readonly cause: Cause | null;
  /** The window in which her eggs were looked for is over. */
  readonly eggsOverdue: boolean;
  readonly testFrame: 'none' | 'given' | 'cells' | 'no-cells';
  readonly virgin: 'seen' | 'heard' | 'no';
  /** Eggs or larvae from which a queen can be raised. */
  readonly broodYoung: boolean;
}

export interface PlaceAsked {
  readonly drones: 'flying' | 'sealed-only' | 'none' | 'not-looked-for';
  readonly coldestOfNextFive: number | null;
  readonly flow: { readonly from: Day; readonly to: Day } | null;
  readonly season: 'build-up' | 'swarm' | 'after' | 'rest';
  /** Null: not said. */
  readonly secondStand: boolean | null;
  readonly otherColonies: number;
}

export interface ChoicesAsked {
  readonly on: Day;
  readonly reading: ReadingName | 'may-have-swarmed';
  readonly colony: ColonyAsked;
  readonly place: PlaceAsked;
  /** What the keeper does first at the first signs of swarming. */
  readonly earlyFirst: EarlyFirst;
  readonly wanted: 'increase' | 'honey' | 'nothing';
  /** A method is under way, and something of it is still to be looked at. */
  readonly underWay: boolean;
  /** What is there; null: it was not counted, and nothing is missing. */
  readonly kit: readonly Thing[] | null;
}
