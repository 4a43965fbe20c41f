import type { Said } from '../says/said';
import type { Division, Lifting } from './division';
import type { FailureCode } from './failures';
import type { KitItem } from './thing';

/** The methods, by the names that commands and facts use. */
export const METHOD_NAMES = [
  'nuc-swarm',
  'old-site-swarm',
  'demaree',
  'part-demaree',
  'walk-away',
  'even-split',
  'queen-split',
  'vertical-split',
  'requeen-mated',
  'after-swarm',
  'open-sides',
  'interleave',
  'honey-bound',
  'pollen-bound',
  'hive-swarm',
  'unite',
  'add-box',
  'add-super',
] as const;

/** What is done for a unit whose young queen did not come to lay. */
export const REMEDY_NAMES = ['test-comb', 'give-eggs', 'give-cell'] as const;

/** What is done with cells to spare. */
export const INCREASE_NAMES = ['cell-nuc'] as const;

export const ALL_METHOD_NAMES = [...METHOD_NAMES, ...REMEDY_NAMES, ...INCREASE_NAMES] as const;
export type MethodName = (typeof ALL_METHOD_NAMES)[number];

/** What a keeper can decide when planning a method. */
export const METHOD_OPTIONS = ['keptCells', 'onlySealedBroodUp', 'queenShakenDown', 'secondThinning', 'swarm'] as const;
export type MethodOption = (typeof METHOD_OPTIONS)[number];

/** What is looked at in a follow-up. */
export const FOLLOW_UP_CODES = [
  'nuc-settled',
  'thin-cells',
  'move-parent',
  'eggs',
  'laying-check',
  'clear-top-cells',
  'top-brood-gone',
  'bottom-check',
  'supers-check',
  'which-half',
  'board-in',
  'doors',
  'released',
  'space-check',
  'united',
  'read-comb',
  'turn-hive',
  'shift-boxes',
] as const;
export type FollowUpCode = (typeof FOLLOW_UP_CODES)[number];

/** A follow-up hung on the day the method is done, in days after it; `ideal` is `from` where nothing else is said. */
export interface FollowUp {
  readonly unit: string;
  readonly code: FollowUpCode;
  readonly from: number;
  readonly ideal?: number;
  readonly to: number;
  readonly why: Said;
  /** It is left out when the keeper has chosen this. */
  readonly unless?: 'onlySealedBroodUp';
  /** Only where the keeper has chosen this. */
  readonly onlyIf?: 'queenShakenDown';
  /** It belongs to this kind of swarm only. */
  readonly swarm?: 'prime' | 'cast';
}

/** A task of a few minutes on each day after the method, outside the hive; a day that was missed is not made up. */
export interface DailyTask {
  readonly unit: string;
  readonly code: 'turn-hive' | 'shift-boxes';
  /** The first and the last day, counted from the method's. */
  readonly from: number;
  readonly to: number;
  readonly why: Said;
  /** Only where the keeper has chosen this. */
  readonly onlyIf?: 'turnsDaily';
}

/**
 * What the method does to the queen of a unit: it has her (`laying`), lost her to another unit (`taken`), is one of two of which
 * nobody knows yet which has her (`either`), lost her before (`gone`), was given one in a cage (`caged`), ends as a colony of its
 * own (`ends`), or is left as it was (`unchanged`).
 */
export type UnitQueen = 'laying' | 'taken' | 'either' | 'gone' | 'caged' | 'ends' | 'unchanged';

/** A unit that the method leaves. */
export interface MethodUnit {
  readonly name: string;
  /** It becomes a colony of its own, child of the one that was split. */
  readonly isNewColony?: boolean;
  readonly queen: UnitQueen;
}

export type Caution = 'lifting' | 'stings' | 'smoker' | 'brood-disease' | 'transport' | 'treatment';

/** What must be true before the method can be started. Null and false: no such need. */
export interface MethodNeeds {
  readonly queenFound: boolean;
  /** Frames of brood at the least, by the setting of that name. */
  readonly broodFrames: 'leastBroodNuc' | 'leastBroodSplit' | 'leastBroodDemaree' | null;
  /** Seams covered by bees at the least, by the setting of that name. */
  readonly coveredSeams: 'leastSeamsDemaree' | null;
  /** Drones flying or about to: a queen will have to mate. */
  readonly drones: boolean;
  /** Eggs or very young larvae, of which a unit raises its queen. */
  readonly youngBrood: boolean;
  /** Live cells must be there (`kept`), must not have been closed yet (`none-sealed`), or must not be there at all (`none`). */
  readonly cells: 'kept' | 'none-sealed' | 'none' | null;
  /** The main flow is on or near. */
  readonly mainFlow: boolean;
  /** A second place to stand a hive, with a floor and a roof. */
  readonly secondStand: boolean;
  /** The next five nights stay warm enough for empty frames in the brood. */
  readonly warmNights: boolean;
  /** It has been without a queen for a day at least, so that it takes another. */
  readonly missesQueen: boolean;
  /** Whether she lays is in doubt: two that lay are not brought together. */
  readonly doubtfulQueen: boolean;
}

/** In the order in which they are thought of. */
export const METHOD_KINDS = ['swarm', 'queen', 'increase', 'room'] as const;
export type MethodKind = (typeof METHOD_KINDS)[number];

/**
 * One method: when it fits, how it is done, what follows, and how it fails. All of it is data; planning is shared, and the words are in
 * `words/methods`.
 */
export interface Method {
  readonly name: MethodName;
  /**
   * Against swarming, for room, for a colony without a laying queen, or to make a colony more of what is to spare. A colony runs one
   * of each kind at a time; of the last, which asks nothing more of the colony that gave, any number.
   */
  readonly kind: MethodKind;
  readonly needs: MethodNeeds;
  readonly kit: readonly KitItem[];
  readonly cautions: readonly Caution[];
  /** Something heavier than a nuc or a super being filled has to be lifted. */
  readonly lifts: boolean;
  /** Every live cell that is not kept is broken down on the day. */
  readonly clearsCells: boolean;
  /** In the order in which they are done at the hive. */
  readonly steps: readonly string[];
  readonly units: readonly MethodUnit[];
  readonly followUps: readonly FollowUp[];
  readonly daily?: DailyTask;
  /** The unit that is left without a queen and raises one, and whether it is moved when its cells are thinned; null: none is. */
  readonly raisesQueen: {
    readonly unit: string;
    /** `true`: its cells are thinned once more. */
    readonly thinned: boolean;
    readonly isMoved: boolean;
  } | null;
  readonly options: readonly MethodOption[];
  /** Its two units are alike: should the queen turn up in the one without her, they change parts. */
  readonly unitsMayChange?: true;
  /** Its two halves share the stores: where robbers are many, the weaker one is given no honey. */
  readonly sharesStores?: true;
  /** What of the colony each unit gets, for reckoning what becomes of the bees. */
  readonly divides?: Division;
  /** What goes over an excluder, likewise. */
  readonly sendsUp?: Lifting;
  /** A cell of another colony is given to it. */
  readonly takesCell?: true;
  /** The brood nest is left alone until its first follow-up: looks before that go into the box above. */
  readonly nestAlone?: true;
  /** How it fails. */
  readonly failures: readonly FailureCode[];
  /** Where keepers differ, Ubbet's default first, with its reason. */
  readonly schools: readonly string[];
}

export const NO_NEEDS: MethodNeeds = {
  queenFound: false,
  broodFrames: null,
  coveredSeams: null,
  drones: false,
  youngBrood: false,
  cells: null,
  mainFlow: false,
  secondStand: false,
  warmNights: false,
  missesQueen: false,
  doubtfulQueen: false,
};
