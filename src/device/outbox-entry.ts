import type { InspectionEntry } from '../core/facts/entry';
import type { FoodSaid } from '../core/facts/food';
import type { PlanProgress } from '../core/facts/frame-plan';
import type { KitSaid } from '../core/facts/kit';
import type { CheckAnswer, CheckChange, StepTick } from '../core/facts/programme';
import type { ProgrammeStart } from '../core/facts/programme-start';
import type { RoundFact } from '../core/facts/round';
import type { SurveyEntry } from '../core/facts/survey';
import type { StandStepSaid } from '../core/facts/yard';
import type { IssueInWords } from '../words/issues';
import type { Draft } from './draft';

/** Why something did not get through: nobody answered, or the server could not store it just now. */
export interface Cause {
  readonly code: 'no-answer' | 'server-fault' | 'disk-full' | 'signed-out';
  readonly message: string;
  /** UTC instant of the last try. */
  readonly at: string;
}

/**
 * Something that was saved on this device: waiting until the server answers; sent, and kept until the device knows what the server
 * makes of it; or refused, with the reason and everything that was entered.
 */
interface Kept {
  readonly id: string;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly state: 'waiting' | 'sent' | 'refused';
  readonly issues: readonly IssueInWords[];
  /** Why it is still here, as of the last try; none yet: it was not tried. */
  readonly cause?: Cause;
  /** Versions of it that are in the book, or may be, and that it is meant to replace. */
  readonly over?: readonly string[];
  /** UTC instants. */
  readonly savedAt: string;
  readonly sentAt: string | null;
}

export interface KeptInspection extends Kept {
  readonly kind: 'inspection';
  readonly entry: InspectionEntry;
  /** Cells that it gives to other colonies, sent after it. */
  readonly gives: readonly ProgrammeStart[];
  readonly draft: Draft;
  /** The server has the inspection and the cells that it gives; its photos follow when everything else is through. */
  readonly isTaken?: boolean;
  /** Those of its photos that the server has. */
  readonly photosSent?: readonly string[];
}

/** What else is said at the hive: a survey, what a check came to or its new day, a step ticked, moves of a frame plan done, a round ended. */
export interface SaidAtHive {
  readonly survey: SurveyEntry;
  readonly answer: CheckAnswer;
  readonly 'check-change': CheckChange;
  readonly step: StepTick;
  readonly 'frame-moves': PlanProgress;
  /** A round that was made; it is kept under its apiary's name. */
  readonly round: RoundFact;
  /** What was counted, or put in the car; it is kept under its place's name. */
  readonly kit: KitSaid;
  /** A hive that is moved by steps. */
  readonly 'stand-move': StandStepSaid;
  /** Food given, or honey taken. */
  readonly food: FoodSaid;
}
export type SaidKind = keyof SaidAtHive;

/** Where each is sent. */
export const SAID_PATHS: Readonly<Record<SaidKind, string>> = {
  survey: '/api/surveys',
  answer: '/api/answers',
  'check-change': '/api/check-changes',
  step: '/api/steps',
  'frame-moves': '/api/frame-plans/progress',
  round: '/api/rounds-made',
  kit: '/api/kit-entries',
  'stand-move': '/api/yard/moves',
  food: '/api/food',
};

interface KeptSayingOf<Kind extends SaidKind> extends Kept {
  readonly kind: Kind;
  readonly body: SaidAtHive[Kind];
  /** All that was entered, in words. */
  readonly words: string;
}

export type KeptSaying = { [Kind in SaidKind]: KeptSayingOf<Kind> }[SaidKind];

export type OutboxEntry = KeptInspection | KeptSaying;

/** When it was, for the keeper who reads the list. */
export function minuteOf(entry: OutboxEntry): string {
  if (entry.kind === 'inspection') return entry.entry.at;
  return entry.kind === 'round' ? entry.body.beganAt : entry.body.at;
}
