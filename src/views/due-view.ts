import type { Day } from '../core/calendar/day';
import type { CheckWindow } from '../core/calendar/window';
import type { FollowUpCode } from '../core/methods/method';
import { ANSWERS } from '../core/programmes/answers';
import { type CheckCode, type LeaveShut, nthOf } from '../core/schedule/check';
import { type CheckOnDay, colonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { dueWords, orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { type Tone, toneOf } from './marks';

/** Something due at a colony, with what is needed to answer it on the spot, to move it and to leave it out. */
export interface DueView {
  readonly key: string;
  readonly code: CheckCode;
  /** What it asks for. */
  readonly order: string;
  /** What it asks for, and by when. */
  readonly words: string;
  readonly why: string;
  readonly tone: Tone;
  readonly window: CheckWindow;
  readonly plannedFor: Day | null;
  /** What can be answered; null: entering an inspection answers it. */
  readonly asks: { readonly programmeId: string; readonly code: FollowUpCode; readonly nth: number } | null;
  /** It can be answered now: its window has begun or is about to. */
  readonly isNear: boolean;
}

const isFollowUp = (code: CheckCode): code is FollowUpCode => code in ANSWERS;

export function dueView(one: CheckOnDay, today: Day): DueView {
  const { check, standing } = one;
  const { key, code, why, window, plannedFor, programme } = check;
  return {
    key,
    code,
    order: orderOf(check),
    words: dueWords(one, today),
    why: inWords(why),
    tone: toneOf(standing),
    window,
    plannedFor,
    asks: programme && isFollowUp(code) ? { programmeId: programme.id, code, nth: nthOf(check) } : null,
    isNear: today >= window.earliest && standing !== 'set-aside',
  };
}

/** What is to be done now, what presses most first, or else what comes next alone; and what is to come after that. */
export function dueSplit({ schedule, today }: ColonyState): {
  readonly due: readonly DueView[];
  readonly toCome: readonly DueView[];
} {
  const { due, later } = colonyOnDay(schedule, today);
  const first = due.length > 0 ? due : later.slice(0, 1);
  const rest = due.length > 0 ? later : later.slice(1);
  const view = (one: CheckOnDay) => dueView(one, today);
  return { due: first.map(view), toCome: rest.map(view) };
}

/** What presses most first, then what is to come. */
export function dueViews(state: ColonyState): readonly DueView[] {
  const { due, toCome } = dueSplit(state);
  return [...due, ...toCome];
}

/** What moving and answering have to know of a colony. */
export interface DueAt {
  readonly colonyId: string;
  readonly colonyName: string;
  readonly leaveShut: readonly LeaveShut[];
  /** Of a split: the colonies that its halves are. */
  readonly halves: readonly { readonly id: string; readonly name: string }[];
}
