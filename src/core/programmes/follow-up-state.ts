import { addDays, type Day, daysBetween, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import type { InspectionRead } from '../colony/inspection-known';
import type { FollowUpCode, MethodKind } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { type PlannedCheck, planMethod, USUAL_CHOICES } from '../methods/plan';
import type { Said } from '../says/said';
import type { Settings } from '../settings/settings';
import { type Again, ANSWERS, type AnswerMeaning, meaningOf } from './answers';
import { checkKey } from './check-key';
import type { CheckAnswerFact, ProgrammePart } from './facts';
import { ASKED_AGAIN, TOLD_EARLY, toldByLook } from './told-by-look';

/** One of a programme's follow-ups at a colony, and how it stands. */
export interface FollowUpState {
  readonly key: string;
  readonly programmeId: string;
  readonly unit: string;
  readonly code: FollowUpCode;
  readonly nth: number;
  /** The day on which its programme was begun. */
  readonly begunOn: Day;
  readonly window: CheckWindow;
  readonly why: Said;
  /** Due; or over: answered, seen at an inspection, given up with its programme, overtaken by a later one, or ended by itself. */
  readonly status: 'due' | 'answered' | 'seen' | 'given-up' | 'overtaken' | 'ended';
  /** The day it was answered or seen. */
  readonly on: Day | null;
  /** The last answer; of one that is due: why it is asked again. */
  readonly answer: AnswerMeaning | null;
}

/** Follow-ups that hang on how the queen is raised; the queen's state dates them, not the day of the method. */
const BY_QUEEN: ReadonlySet<FollowUpCode> = new Set(['thin-cells', 'move-parent', 'eggs', 'which-half']);

/** A queen who was hived or bought is given the whole of her window: looked for early in it and not found, it is looked again. */
const PATIENT: ReadonlySet<FollowUpCode> = new Set(['laying-check']);

/** A programme that was begun longer ago than this changes no more, whatever is answered. */
const OVER_AFTER = 400;

/** A programme gives way to a later one of its kind on the same colony. */
function overtakenOn(part: ProgrammePart, parts: readonly ProgrammePart[]): Day | null {
  const place = parts.indexOf(part);
  const kind: MethodKind = methodNamed(part.programme.method).kind;
  const later = parts.filter(
    ({ programme }, i) =>
      i > place && programme.id !== part.programme.id && methodNamed(programme.method).kind === kind,
  );
  return later.length === 0 ? null : (Math.min(...later.map(({ programme }) => programme.on)) as Day);
}

type PlannedFollowUp = PlannedCheck & { readonly code: FollowUpCode };

/** Drones above the excluder want their way out, whatever is done with the hive a second time. */
const STAYS: ReadonlySet<FollowUpCode> = new Set(['top-brood-gone']);

/** The first day after a programme on which the colony was united with another: then it has no two parts any more. */
function unitedOn(part: ProgrammePart, parts: readonly ProgrammePart[]): Day | null {
  const place = parts.indexOf(part);
  const unites = ({ programme }: ProgrammePart) =>
    methodNamed(programme.method).units.some(({ queen }) => queen === 'ends');
  return parts.find((other, i) => i > place && unites(other))?.programme.on ?? null;
}

/** The programme's own dates for this colony, from the day of the method alone. */
function plannedFor(part: ProgrammePart, settings: Settings): readonly PlannedFollowUp[] {
  const { on, secondThinning, onlySealedBroodUp, queenShakenDown, buysQueen, method } = part.programme;
  const choices = { ...USUAL_CHOICES, on, secondThinning, onlySealedBroodUp, queenShakenDown, buysQueen };
  return planMethod(methodNamed(method), choices, settings).checks.filter(
    (check): check is PlannedFollowUp =>
      part.units.includes(check.unit) && check.code in ANSWERS && !BY_QUEEN.has(check.code as FollowUpCode),
  );
}

/**
 * Every follow-up at a colony that hangs on the day its programme began, and how it stands: the last answer closes it, given by the
 * keeper or by an inspection that saw the same; one that wants another look dates it anew, under the same key. Those that hang on
 * the queen that is raised are not among them.
 *
 * @param parts in the order in which they were begun
 * @param answers in order of time, those of inspections among them
 * @param so as they stood before the last thing that happened, on a day: those of programmes begun long before it stay as they are
 */
export function followUpsOf(
  parts: readonly ProgrammePart[],
  answers: readonly CheckAnswerFact[],
  settings: Settings,
  today: Day,
  so: { readonly followUps: readonly FollowUpState[]; readonly on: Day } | null = null,
): readonly FollowUpState[] {
  return parts.flatMap((part) => {
    if (so && addDays(part.programme.on, OVER_AFTER) < so.on) {
      const known = so.followUps.filter(({ programmeId }) => programmeId === part.programme.id);
      if (known.length > 0) return known;
    }
    const counts = new Map<string, number>();
    const overtaken = overtakenOn(part, parts);
    const united = unitedOn(part, parts);
    const followUps = plannedFor(part, settings).map((planned) => {
      const nth = (counts.get(planned.code) ?? 0) + 1;
      counts.set(planned.code, nth);
      const by = STAYS.has(planned.code) ? null : overtaken;
      return followUpState({ planned, nth, part, overtaken: planned.code === 'doors' ? (united ?? by) : by, answers });
    });
    const daily = dailyTask(part, overtaken, answers, today);
    return daily ? [...followUps, daily] : followUps;
  });
}

/** Today's turn of a task that is done each day; it ends by itself, and days that were missed are not made up. */
function dailyTask(
  part: ProgrammePart,
  overtaken: Day | null,
  answers: readonly CheckAnswerFact[],
  today: Day,
): FollowUpState | null {
  const { programme, units } = part;
  const { daily } = methodNamed(programme.method);
  if (!daily || !units.includes(daily.unit) || (daily.onlyIf && !programme[daily.onlyIf])) return null;
  const { code, unit, why } = daily;
  const { id, on: begunOn, endedOn } = programme;
  const answer = answers.findLast((given) => given.programmeId === id && given.code === code) ?? null;
  const meaning = answer && meaningOf(code, answer.answer);
  const last = addDays(begunOn, daily.to);
  const first = addDays(begunOn, daily.from);
  const next = answer ? latestOf(first, addDays(answer.on, 1)) : first;
  const window = { earliest: next, ideal: latestOf(next, earliestOf(today, last)), latest: latestOf(last, next) };
  const state = { key: checkKey(code, id), programmeId: id, unit, code, nth: 1, begunOn, why, window, answer: meaning };
  if (answer && !meaning?.again) return { ...state, status: 'answered', on: answer.on };
  if (next > last || today > last) return { ...state, status: 'ended', on: last };
  if (overtaken !== null) return { ...state, status: 'overtaken', on: overtaken };
  return endedOn === null ? { ...state, status: 'due', on: null } : { ...state, status: 'given-up', on: endedOn };
}

function followUpState(from: {
  readonly planned: PlannedFollowUp;
  readonly nth: number;
  readonly part: ProgrammePart;
  readonly overtaken: Day | null;
  readonly answers: readonly CheckAnswerFact[];
}): FollowUpState {
  const { planned, nth, part, overtaken, answers } = from;
  const { code, unit, window, why } = planned;
  const { id, on: begunOn, endedOn } = part.programme;
  const state = { key: checkKey(code, id, nth), programmeId: id, unit, code, nth, begunOn, why };
  const answer =
    answers.findLast((given) => given.programmeId === id && given.code === code && given.nth === nth) ?? null;
  const meaning = answer && meaningOf(code, answer.answer);
  const over = (status: FollowUpState['status'], on: Day | null) =>
    ({ ...state, window, status, on, answer: meaning }) as const;

  const isTooEarly = answer !== null && ASKED_AGAIN.has(code) && answer.on < window.earliest;
  const again =
    answer && meaning?.again ? againAfter(code, answer.on, meaning.again, { planned: window, begunOn }) : null;
  if (answer && !again && !isTooEarly) return over(answer.isByLook ? 'seen' : 'answered', answer.on);
  if (overtaken !== null) return over('overtaken', overtaken);
  if (endedOn !== null) return over('given-up', endedOn);
  return { ...state, window: again ?? window, status: 'due', on: null, answer: meaning };
}

/** When it is looked at once more; null: it is not worth while any more. */
function againAfter(
  code: FollowUpCode,
  on: Day,
  { from, ideal, to, until }: Again,
  { planned, begunOn }: { readonly planned: CheckWindow; readonly begunOn: Day },
): CheckWindow | null {
  const [first, best, last] = [addDays(on, from), addDays(on, ideal), addDays(on, to)];
  if (PATIENT.has(code) && on < planned.latest) {
    return {
      earliest: earliestOf(first, planned.latest),
      ideal: earliestOf(last, planned.latest),
      latest: planned.latest,
    };
  }
  if (until === undefined) return { earliest: first, ideal: best, latest: last };
  // Said before its time, it counts from its time.
  if (on < planned.earliest) return planned;
  const end = addDays(begunOn, until);
  return first > end ? null : { earliest: first, ideal: earliestOf(best, end), latest: earliestOf(last, end) };
}

/**
 * The answers that an inspection gives to the checks that are due: to each that it speaks to, from the first day of its window on;
 * before it only the good one (the first of {@link ANSWERS}), where that tells whenever it is seen.
 */
export function answersOfLook(look: InspectionRead, followUps: readonly FollowUpState[]): readonly CheckAnswerFact[] {
  const { id, at, on } = look.inspection;
  return followUps.flatMap(({ status, code, nth, programmeId, begunOn, window }): CheckAnswerFact[] => {
    const answer = status === 'due' ? toldByLook(code, look) : null;
    if (answer === null) return [];
    const tellsFrom = TOLD_EARLY.get(code) ?? Number.POSITIVE_INFINITY;
    const isGood = ANSWERS[code][0]?.code === answer;
    if (on < window.earliest && !(isGood && daysBetween(begunOn, on) >= tellsFrom)) return [];
    return [{ id, programmeId, colonyId: '', code, nth, at, on, answer, queenlessColonyId: null, isByLook: true }];
  });
}

/** What an answer answers beside the check that it was given to: who lays, or was seen, is out of her cage; who lays, lays. */
export function alsoAnswered(answer: CheckAnswerFact, followUps: readonly FollowUpState[]): readonly CheckAnswerFact[] {
  const sees = meaningOf(answer.code, answer.answer)?.sees;
  if (answer.isByLook || !sees) return [];
  const good = (code: FollowUpCode) => ANSWERS[code][0]?.code ?? '';
  const tells: Partial<Record<FollowUpCode, string | null>> = {
    released: sees.eggs === 'seen' || sees.queen === 'seen' ? good('released') : null,
    'laying-check': sees.eggs === 'seen' ? good('laying-check') : sees.eggs === 'none' ? 'no-eggs' : null,
  };
  return followUps.flatMap(({ status, code, nth, programmeId, window }): CheckAnswerFact[] => {
    const told = tells[code] ?? null;
    const isAsked = status === 'due' && code !== answer.code && (code === 'released' || answer.on >= window.earliest);
    return isAsked && told !== null ? [{ ...answer, programmeId, code, nth, answer: told, isByLook: true }] : [];
  });
}
