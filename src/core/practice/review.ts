import { type Card, createEmptyCard, fsrs, Rating, type State } from 'ts-fsrs';
import { EXERCISES, type ExerciseKind, type Level, type Marked } from './exercise';

/** One exercise that was answered. */
export interface Practised {
  /** UTC instant. */
  readonly at: string;
  readonly kind: ExerciseKind;
  readonly skill: string;
  readonly level: Level;
  readonly seed: number;
  readonly isRight: boolean;
  /** Days off in all; null: nothing was asked in days, or a day was named where there is none. */
  readonly daysOff: number | null;
}

/** When a skill is to be practised again; as it is stored. */
export interface SkillCard {
  readonly kind: ExerciseKind;
  readonly skill: string;
  /** UTC instants. */
  readonly due: string;
  readonly lastReview: string | null;
  readonly stability: number;
  readonly difficulty: number;
  readonly reps: number;
  readonly lapses: number;
  readonly state: number;
  readonly learningSteps: number;
  readonly scheduledDays: number;
}

/** By days, without chance: the same answers always come back on the same day. */
const SCHEDULE = fsrs({ enable_fuzz: false, enable_short_term: false });

function cardOf(stored: SkillCard | null, at: Date): Card {
  if (!stored) return createEmptyCard(at);
  const { due, lastReview, scheduledDays, learningSteps, ...rest } = stored;
  return {
    ...createEmptyCard(at),
    ...rest,
    due: new Date(due),
    scheduled_days: scheduledDays,
    learning_steps: learningSteps,
    state: rest.state as State,
    ...(lastReview === null ? {} : { last_review: new Date(lastReview) }),
  };
}

/** All of it right: well known. Days a little off: hard. Else it comes again soon. */
const ratingOf = (marked: readonly Marked[]) => {
  if (marked.every(({ isRight }) => isRight)) return Rating.Good;
  const isNear = marked.every(({ isRight, daysOff }) => isRight || (daysOff !== null && daysOff <= 1));
  return isNear ? Rating.Hard : Rating.Again;
};

/** When a skill comes again, after it was answered. @param at UTC instant */
export function afterAnswer(
  stored: SkillCard | null,
  { kind, skill }: Pick<SkillCard, 'kind' | 'skill'>,
  marked: readonly Marked[],
  at: string,
): SkillCard {
  const now = new Date(at);
  const { card } = SCHEDULE.next(cardOf(stored, now), now, ratingOf(marked));
  return {
    kind,
    skill,
    due: card.due.toISOString(),
    lastReview: card.last_review?.toISOString() ?? null,
    stability: card.stability,
    difficulty: card.difficulty,
    reps: card.reps,
    lapses: card.lapses,
    state: card.state,
    learningSteps: card.learning_steps,
    scheduledDays: card.scheduled_days,
  };
}

/** Skills that are due again, the longest due first. */
export const dueSkills = (cards: readonly SkillCard[], at: string): readonly SkillCard[] =>
  cards.filter(({ due }) => due <= at).sort((a, b) => (a.due < b.due ? -1 : a.due > b.due ? 1 : 0));

const LOOKED_AT = 6;
const UP_FROM = 5;
const DOWN_TO = 2;

/** How hard the next exercise of a kind is: harder after five of six right, easier after two or fewer, else as the last. */
export function levelOf(practised: readonly Practised[], kind: ExerciseKind): Level {
  const own = practised.filter((one) => one.kind === kind).slice(-LOOKED_AT);
  const last = own.at(-1)?.level ?? 1;
  // Of another level it says nothing of this one.
  const here = own.filter(({ level }) => level === last);
  if (here.length < LOOKED_AT) return last;
  const right = here.filter(({ isRight }) => isRight).length;
  if (right >= UP_FROM) return Math.min(3, last + 1) as Level;
  return right <= DOWN_TO ? (Math.max(1, last - 1) as Level) : last;
}

/** How a kind was answered so far. */
export interface KindProgress {
  readonly kind: ExerciseKind;
  readonly answered: number;
  readonly right: number;
  /** Days off on the average, where days were asked; null: never. */
  readonly daysOff: number | null;
  readonly dueSkills: number;
}

export const progressOf = (
  practised: readonly Practised[],
  cards: readonly SkillCard[],
  at: string,
): readonly KindProgress[] =>
  EXERCISES.map((kind) => {
    const own = practised.filter((one) => one.kind === kind);
    const off = own.flatMap(({ daysOff }) => (daysOff === null ? [] : [daysOff]));
    return {
      kind,
      answered: own.length,
      right: own.filter(({ isRight }) => isRight).length,
      daysOff: off.length === 0 ? null : off.reduce((sum, days) => sum + days, 0) / off.length,
      dueSkills: dueSkills(cards, at).filter((card) => card.kind === kind).length,
    };
  });
