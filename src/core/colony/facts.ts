import type { Looked } from '../brood/looked';
import type { YoungestBrood } from '../brood/youngest';
import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { CellPlace } from '../cells/place';
import type { CellStage } from '../cells/stage';
import type { Searched } from '../cells/thoroughness';
import type { FoodLeft } from '../food/food';
import type { CheckAnswerFact, CheckChangeFact, PartFact } from '../programmes/facts';
import type { SurveyFact } from '../space/survey';
import type { Afternoons } from '../weather/afternoons';
import type { ApiaryYear } from '../year/apiary-year';
import type { TrackedCell } from './track-cells';

export const COLONY_ORIGINS = ['established', 'nuc', 'prime-swarm', 'cast', 'split'] as const;
/** How a colony began. `established`: it was there before the first entry. */
export type ColonyOrigin = (typeof COLONY_ORIGINS)[number];

export const QUEEN_EVENTS = [
  'present',
  'virgin-out',
  'virgin-in',
  'virgin-caged-in',
  'virgin-taken',
  'caged-in',
  'released',
  'marked',
  'clipped',
  'removed',
  'lost',
  'swarmed',
  'cast-left',
] as const;
/**
 * What happened to a queen in a colony: a laying queen is there (`present`); a virgin has emerged in it (`virgin-out`), was put in
 * loose or in a cage, or was caught and taken out; a mated queen was given in a cage; a caged one was let out; she was marked or
 * clipped; she was taken away, or is dead or gone; she left with a swarm; a virgin left with a cast.
 */
export type QueenEventKind = (typeof QUEEN_EVENTS)[number];

export const QUEEN_SEEN_AS = ['not-said', 'as-known', 'virgin', 'unmarked'] as const;
/** Which queen was seen: the one that is known to be there, a virgin, or one without the mark that the known one has. */
export type QueenSeenAs = (typeof QUEEN_SEEN_AS)[number];

export const QUEEN_HANDLED = ['left', 'caged', 'taken'] as const;
/** What was done with a virgin who was seen: left in there, caged and left with it, or caught and taken out. */
export type QueenHandled = (typeof QUEEN_HANDLED)[number];

export const SWARM_WENT = ['not-known', 'hanging', 'flew-off', 'hived'] as const;
/** Where a swarm went: hung in sight, flew off, or was hived. */
export type SwarmWent = (typeof SWARM_WENT)[number];

export const QUEEN_WANTED = ['nothing', 'queen', 'better-strain'] as const;
/** What the keeper wants for a colony beside what follows from how it stands: a queen or a cell, or one of a better strain. */
export type QueenWanted = (typeof QUEEN_WANTED)[number];

export const PIPING = ['not-listened', 'none', 'tooting', 'quacking', 'both'] as const;
/** What was heard: a free virgin toots, those held in their cells quack. */
export type Piping = (typeof PIPING)[number];

export const STORES = ['room', 'nectar', 'honey', 'pollen', 'not-looked-for'] as const;
/** Whether the brood nest has room (`room`) or is hemmed in, and by what. */
export type Stores = (typeof STORES)[number];

export const DRONES = ['flying', 'sealed-only', 'none', 'not-looked-for'] as const;
/** Drones that could mate with a young queen: flying or emerging now, only as sealed brood, or none. */
export type Drones = (typeof DRONES)[number];

export const TEMPERS = ['calm', 'uneasy', 'defensive', 'not-noted'] as const;
/** How the bees were: quiet on the comb, running, or stinging and following. */
export type Temper = (typeof TEMPERS)[number];

export const CELL_PARTS = ['below', 'above'] as const;
/** Below or above the excluder of a Demaree, or the board of a vertical split. */
export type CellPart = (typeof CELL_PARTS)[number];

/** What became of a cell: its stage, or that it was looked for and is no longer there. */
export type CellFinding = CellStage | 'not-found';

export interface CellFact {
  readonly id: string;
  /** The letter it goes by in its colony. */
  readonly label: string;
  readonly place: CellPlace;
  /** Box counted from the floor and frame counted from the left, from 1; null: not noted. */
  readonly box: number | null;
  readonly frame: number | null;
  /** In which part of a hive in two parts; null: not noted, or a hive of one part. */
  readonly part: CellPart | null;
}

export interface CellSeenFact {
  readonly cellId: string;
  readonly found: CellFinding;
  /** It was seen like this and then broken down at the same visit. */
  readonly takenDown: boolean;
}

export interface InspectionFact {
  readonly id: string;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly at: string;
  readonly on: Day;
  /** The last day on which it may have been, where it is entered from memory; null: `on` is certain. */
  readonly to: Day | null;
  /** The local minute at which the hive was shut again; null or absent: not noted. */
  readonly until?: string | null;
  readonly thoroughness: Searched;
  readonly queen: Looked;
  readonly queenSeenAs: QueenSeenAs;
  readonly queenHandled: QueenHandled;
  readonly piping: Piping;
  /** Somebody else saw it and told the keeper. */
  readonly isByHelper: boolean;
  readonly eggs: Looked;
  readonly youngest: YoungestBrood | null;
  readonly droneBroodInWorkerCells: Looked;
  readonly severalEggsPerCell: Looked;
  readonly stores: Stores;
  readonly layingRoomDays: number | null;
  /** Frames with brood and seams covered by bees, counted; null: not counted. */
  readonly broodFrames: number | null;
  readonly coveredSeams: number | null;
  readonly drones: Drones;
  /** Absent: not noted. */
  readonly temper?: Temper;
  readonly food?: FoodLeft;
  readonly note: string;
  readonly cells: readonly CellSeenFact[];
}

export interface QueenEventFact {
  readonly id: string;
  readonly queenId: string;
  /** Local minute; null: not noted, it counts in the order of entry. */
  readonly at: string | null;
  readonly on: Day;
  /** The last day on which it may have been; null: `on` is certain. */
  readonly to: Day | null;
  readonly kind: QueenEventKind;
  /** Between which days the queen emerged, where that is known. */
  readonly emerged: DayRange | null;
}

export const CELL_TRAVELS = ['on-frame', 'cut-out', 'caged-virgin'] as const;
/** How a cell went from one colony to another. */
export type CellTravel = (typeof CELL_TRAVELS)[number];

/** A cell that came from another colony, with all that was seen of it there. */
export interface CellArrival {
  readonly id: string;
  readonly at: string | null;
  readonly on: Day;
  readonly cell: TrackedCell;
  readonly travel: CellTravel;
}

/** A cell that was given to another colony. */
export interface CellDeparture {
  readonly id: string;
  readonly at: string | null;
  readonly on: Day;
  readonly cellId: string;
  readonly toColonyId: string;
}

/** All facts of one colony, in any order. */
export interface ColonyFacts {
  readonly startedOn: Day;
  /** The day on which it was entered in the book; null or absent: not noted. */
  readonly enteredOn?: Day | null;
  readonly endedOn: Day | null;
  readonly origin: ColonyOrigin;
  /** Months in which swarms come where it stands; null or absent: as in the settings. */
  readonly swarmMonths?: readonly number[] | null;
  /** The days of the year where it stands, as entered; null or absent: none were. */
  readonly year?: ApiaryYear | null;
  readonly cells: readonly CellFact[];
  readonly inspections: readonly InspectionFact[];
  readonly queenEvents: readonly QueenEventFact[];
  readonly parts: readonly PartFact[];
  /** Of its programmes, wherever they were given. */
  readonly answers: readonly CheckAnswerFact[];
  readonly changes: readonly CheckChangeFact[];
  readonly arrivals: readonly CellArrival[];
  readonly departures: readonly CellDeparture[];
  /** Of its frames, in any order. */
  readonly surveys: readonly SurveyFact[];
  /** The weather where it stands, record and forecast; null or absent: nothing is known of it. */
  readonly afternoons?: Afternoons | null;
}

/** The days on which something happened: one where it is certain. */
export function daysOf({ on, to }: { readonly on: Day; readonly to: Day | null }): DayRange {
  return { from: on, to: to ?? on };
}

/** A colony without programmes, without cells from or to others, whose frames were never surveyed. */
export const NO_PROGRAMMES = {
  parts: [],
  answers: [],
  changes: [],
  arrivals: [],
  departures: [],
  surveys: [],
} as const satisfies Partial<ColonyFacts>;
