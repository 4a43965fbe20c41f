import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { Thoroughness } from '../cells/thoroughness';
import type { InspectionEntry } from '../facts/entry';
import type { FollowUpCode, MethodName } from '../methods/method';
import type { ColonyNow, FlowAsked } from '../population/asked';

/** A colony that a case begins with. */
export interface CaseColony {
  readonly id: string;
  readonly name: string;
  readonly stand: string;
  readonly now: ColonyNow;
}

/** The cases that go by a name. */
export const CASE_NAMES = [
  'full-in-may',
  'third-summer',
  'begun-already',
  'thin-spring',
  'flow-coming',
  'three-in-a-row',
] as const;
export type CaseName = (typeof CASE_NAMES)[number];

/**
 * A season to be kept: its colonies as they stand on the first day, its days and its luck. What happens follows from it and from what the keeper
 * does, and from nothing else.
 */
export interface Case {
  /** Null: made by its seed alone. */
  readonly name: CaseName | null;
  readonly seed: number;
  readonly from: Day;
  readonly days: number;
  readonly season: DayRange;
  readonly flow: readonly FlowAsked[];
  /** The main flow as the keeper knows it beforehand. */
  readonly mainFlow: DayRange;
  readonly matingSuccess: number;
  readonly colonies: readonly CaseColony[];
}

interface MoveBase {
  readonly id: string;
  readonly on: Day;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly at: string;
  readonly colonyId: string;
}

/** A look into a hive: what of it was written down, and which of the cells seen were broken down. */
export interface CaseLook extends MoveBase {
  readonly kind: 'look';
  readonly searched: Thoroughness;
  readonly entry: InspectionEntry;
}

/** A method begun. */
export interface CaseStart extends MoveBase {
  readonly kind: 'start';
  readonly method: MethodName;
  readonly keptCellIds: readonly string[];
  /** The colony that comes of it; null: none does. */
  readonly newColonyId: string | null;
  readonly buysQueen: boolean;
}

/** A check done that no look tells of. */
export interface CaseAnswer extends MoveBase {
  readonly kind: 'answer';
  readonly programmeId: string;
  readonly code: FollowUpCode;
  readonly nth: number;
  readonly answer: string;
}

/** One thing that the keeper does, in the order in which it is done. */
export type CaseMove = CaseLook | CaseStart | CaseAnswer;

/** What becomes of a colony, on the day on which it does. */
export type CaseEventKind =
  | 'preparing'
  | 'let-go'
  | 'swarmed'
  | 'cast'
  | 'swarmed-above'
  | 'virgin-out'
  | 'lays'
  | 'not-mated'
  | 'starved';

export interface CaseEvent {
  readonly on: Day;
  readonly colonyId: string;
  readonly kind: CaseEventKind;
}

/** Bees were lost with a swarm. */
const LOSSES: ReadonlySet<CaseEventKind> = new Set(['swarmed', 'cast', 'swarmed-above']);
export const isLoss = ({ kind }: Pick<CaseEvent, 'kind'>): boolean => LOSSES.has(kind);
