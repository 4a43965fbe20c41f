import type { CellPlace } from '../core/cells/place';
import type { CellFinding, CellPart, QueenEventKind } from '../core/colony/facts';
import type { InspectionRow } from '../core/facts/inspection';
import type { FollowUpCode } from '../core/methods/method';

export interface CellSaw {
  readonly found: CellFinding;
  readonly place?: CellPlace;
  readonly box?: number;
  readonly frame?: number;
  readonly part?: CellPart;
  readonly takenDown?: boolean;
}

/** What a look saw, where it differs from a calm one: every brood frame with the bees left on, eggs, no queen looked for. */
export interface LookSaw extends Partial<Omit<InspectionRow, 'id' | 'colonyId' | 'at'>> {
  /** Cells by letter; a new letter needs a place, a known one is followed. */
  readonly cells?: Readonly<Record<string, CellFinding | CellSaw>>;
}

/** How a method was started, where it differs from the usual. */
export interface ProgrammeSaw {
  /** The colony that each unit is, other than the one it was started on. */
  readonly units?: Readonly<Record<string, string>>;
  readonly kept?: readonly string[];
  readonly queenId?: string;
  readonly note?: string;
  readonly buysQueen?: boolean;
  readonly turnsDaily?: boolean;
}

export interface ProgrammeBuilder {
  readonly id: string;
  answer(
    at: string,
    colonyId: string,
    code: FollowUpCode,
    answer: string,
    queenlessColonyId?: string,
  ): ProgrammeBuilder;
}

export interface ColonyBuilder {
  readonly id: string;
  cell(letter: string): string;
  look(at: string, saw?: LookSaw): ColonyBuilder;
  queen(on: string, kind: QueenEventKind, queenId: string, note?: string): ColonyBuilder;
}
