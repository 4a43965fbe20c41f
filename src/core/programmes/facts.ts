import type { Day } from '../calendar/day';
import type { ColonyFacts, InspectionFact } from '../colony/facts';
import type { FollowUpCode, MethodName, UnitQueen } from '../methods/method';
import type { QueenState } from '../queens/queen-state';
import type { HalfKnown } from './which-half';

/** A method as it was started on a colony. Everything that follows from it is derived. */
export interface ProgrammeFact {
  readonly id: string;
  /** The colony it was started on. */
  readonly colonyId: string;
  readonly method: MethodName;
  /** Local minute; null: not noted, it counts in the order of entry. */
  readonly at: string | null;
  readonly on: Day;
  /** The last day on which it may have been begun; null: `on` is certain. */
  readonly to: Day | null;
  /** Given up on this day; null: it runs to its end. */
  readonly endedOn: Day | null;
  readonly secondThinning: boolean;
  readonly onlySealedBroodUp: boolean;
  /** The queen was not found: every bee was shaken down below an excluder. */
  readonly queenShakenDown: boolean;
  /** The queenless part is given a bought one instead of raising its own. */
  readonly buysQueen: boolean;
  /** A part faces away or a wall and is turned back a little each day. */
  readonly turnsDaily: boolean;
  /** The queen that went to another unit or was given; null: none, or not in the book. */
  readonly queenId: string | null;
  /** Which colony each of the method's units is. */
  readonly units: readonly { readonly unit: string; readonly colonyId: string }[];
  /** Cells that were kept; where there are any, or the method clears cells, all others were broken down on the day. */
  readonly keptCellIds: readonly string[];
}

/** What a follow-up came to. */
export interface CheckAnswerFact {
  readonly id: string;
  readonly programmeId: string;
  /** The colony at which it was asked. */
  readonly colonyId: string;
  readonly code: FollowUpCode;
  /** Which of several checks of one code, from 1. */
  readonly nth: number;
  /** Local minute. */
  readonly at: string;
  readonly on: Day;
  readonly answer: string;
  /** Of `which-half`: the half without the queen. */
  readonly queenlessColonyId: string | null;
  /** It was not given as an answer but follows from an inspection that saw the same. */
  readonly isByLook?: boolean;
}

/** A check put on another day or left out by the keeper. Of several for one check the latest counts. */
export interface CheckChangeFact {
  readonly id: string;
  readonly key: string;
  /** Local minute at which it was decided. */
  readonly at: string;
  readonly on: Day;
  readonly kind: 'moved' | 'skipped' | 'as-it-was';
  readonly to: Day | null;
  readonly reason: string;
}

/** What one colony has to do with a programme. */
export interface PartFact {
  readonly colonyId: string;
  readonly programme: ProgrammeFact;
  /** The queen that the programme moves is clipped. */
  readonly queenClipped: boolean;
  /** The looks into the other half of a split, in any order; empty where there is no other half. */
  readonly otherHalfLooks: readonly InspectionFact[];
  /** Colonies of it that were divided again, with the day: what is not found in one after that may be in the other part. */
  readonly dividedOn: Readonly<Record<string, Day>>;
  /** All that is known of the colony that was divided, where this one came of it; null: this is that colony, or it has nothing to hand on. */
  readonly dividedFrom: ColonyFacts | null;
}

/** What one colony has to do with a programme, with what is known of it by some day. */
export interface ProgrammePart {
  readonly programme: ProgrammeFact;
  /** Those of the method's units that this colony is. */
  readonly units: readonly string[];
  /** It was there before: the colony on which the method was carried out. */
  readonly isOwn: boolean;
  readonly queen: UnitQueen;
  readonly queenClipped: boolean;
  /** Of a half of a split: since when it is known which of the two it is; null: not known yet, or no split. */
  readonly half: HalfKnown | null;
  /** All that became known of it, in order of time; the last is `half`. */
  readonly halves: readonly HalfKnown[];
  /**
   * How the queen of the colony that was divided stood, where this one came of it; null: this is that colony, or not known.
   */
  readonly before: QueenState | null;
  /** What was waited for before it was divided goes on: it had no queen, and neither part is hers. */
  readonly carriesOn: boolean;
}
