import { addDays, type Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import type { Look } from '../colony/look';
import type { FollowUpCode, MethodKind } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { type PlannedCheck, planMethod, USUAL_CHOICES } from '../methods/plan';
import { checkKey } from '../schedule/check';
import type { Settings } from '../settings/settings';
import { type AnswerMeaning, meaningOf } from './answers';
import type { CheckAnswerFact, ProgrammePart } from './facts';

/** One of a programme's follow-ups at a colony, and how it stands. */
export interface FollowUpState {
  readonly key: string;
  readonly programmeId: string;
  readonly unit: string;
  readonly code: FollowUpCode;
  readonly nth: number;
  readonly window: CheckWindow;
  readonly why: string;
  /** Due; or over: answered, seen at an inspection, given up with its programme, or overtaken by a later one. */
  readonly status: 'due' | 'answered' | 'seen' | 'given-up' | 'overtaken';
  /** The day it was answered or seen. */
  readonly on: Day | null;
  readonly answer: AnswerMeaning | null;
}

/** Follow-ups that hang on how the queen is raised; the queen's state dates them, not the day of the method. */
const BY_QUEEN: ReadonlySet<FollowUpCode> = new Set(['thin-cells', 'move-parent', 'eggs']);

const openedNest = ({ inspection }: Look) => inspection.thoroughness !== 'tip-up';

/** Which looks answer a follow-up by themselves. The others are answered by the keeper only. */
const SEEN_AT: { readonly [C in FollowUpCode]?: (look: Look) => boolean } = {
  'nuc-settled': openedNest,
  'laying-check': ({ inspection }) => inspection.eggs !== 'not-looked-for',
  'bottom-check': openedNest,
  'space-check': openedNest,
  'clear-top-cells': ({ takenDownAbove, liveAbove }) => takenDownAbove > 0 && liveAbove.length === 0,
};

/** A programme gives way to a later one of its kind on the same colony. */
function overtakenOn(part: ProgrammePart, parts: readonly ProgrammePart[]): Day | null {
  const kind: MethodKind = methodNamed(part.programme.method).kind;
  const later = parts.filter(
    ({ programme }) =>
      programme.id !== part.programme.id &&
      methodNamed(programme.method).kind === kind &&
      (programme.on > part.programme.on || (programme.on === part.programme.on && programme.id > part.programme.id)),
  );
  return later.length === 0 ? null : (Math.min(...later.map(({ programme }) => programme.on)) as Day);
}

/** The programme's own dates for this colony, from the day of the method alone. */
function plannedFor(part: ProgrammePart, settings: Settings): readonly PlannedCheck[] {
  const { on, secondThinning, onlySealedBroodUp, buysQueen, method } = part.programme;
  const choices = { ...USUAL_CHOICES, on, secondThinning, onlySealedBroodUp, buysQueen };
  return planMethod(methodNamed(method), choices, settings).checks.filter(
    ({ unit, code }) => part.units.includes(unit) && !BY_QUEEN.has(code),
  );
}

/**
 * Every follow-up at a colony that hangs on the day its programme began, and how it stands: an answer or a look from its first day
 * on closes it; an answer that wants another look dates it anew, under the same key. Those that hang on the queen that is raised
 * are not among them.
 */
export function followUpsOf(
  parts: readonly ProgrammePart[],
  answers: readonly CheckAnswerFact[],
  looks: readonly Look[],
  settings: Settings,
): readonly FollowUpState[] {
  return parts.flatMap((part) => {
    const counts = new Map<string, number>();
    return plannedFor(part, settings).map((planned) => {
      const nth = (counts.get(planned.code) ?? 0) + 1;
      counts.set(planned.code, nth);
      return followUpState({ planned, nth, part, parts, answers, looks });
    });
  });
}

function followUpState(from: {
  readonly planned: PlannedCheck;
  readonly nth: number;
  readonly part: ProgrammePart;
  readonly parts: readonly ProgrammePart[];
  readonly answers: readonly CheckAnswerFact[];
  readonly looks: readonly Look[];
}): FollowUpState {
  const { planned, nth, part, parts, answers, looks } = from;
  const { code, unit, window, why } = planned;
  const { id, endedOn } = part.programme;
  const state = { key: checkKey(code, id, nth), programmeId: id, unit, code, nth, why };
  const answer = answers
    .filter((given) => given.programmeId === id && given.code === code && given.nth === nth)
    .reduce<CheckAnswerFact | null>((last, given) => (last === null || given.at > last.at ? given : last), null);
  const meaning = answer && meaningOf(code, answer.answer);
  const overtaken = overtakenOn(part, parts);
  const over = (status: FollowUpState['status'], on: Day | null) =>
    ({ ...state, window, status, on, answer: meaning }) as const;

  if (code === 'which-half' && part.half) return over(answer ? 'answered' : 'seen', part.half.on);
  const again = meaning?.again;
  const askedOn = answer && again ? answer.on : null;
  const dated: CheckWindow =
    askedOn !== null && again
      ? {
          earliest: addDays(askedOn, again.from),
          ideal: addDays(askedOn, again.ideal),
          latest: addDays(askedOn, again.to),
        }
      : window;
  if (answer && !again) return over('answered', answer.on);
  const answeredBy = SEEN_AT[code];
  const seen = looks.find((look) => look.inspection.on >= dated.earliest && answeredBy?.(look));
  if (seen) return over('seen', seen.inspection.on);
  if (overtaken !== null) return over('overtaken', overtaken);
  if (endedOn !== null) return over('given-up', endedOn);
  return { ...state, window: dated, status: 'due', on: null, answer: meaning };
}
