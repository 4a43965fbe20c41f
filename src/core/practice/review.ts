import { type Card, createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { CELL_STAGES, type CellStage } from '../cells/stage';
import { EXERCISES, type Exercise, type ExerciseKind, type Level, type Marked } from './exercise';

/** How well a skill was known: all right; a day off at most; or to be learnt again. */
export const GRADES = ['known', 'near', 'again'] as const;
export type Grade = (typeof GRADES)[number];

/** One exercise that was answered. */
export interface Practised {
  readonly id: string;
  /** UTC instant. */
  readonly at: string;
  readonly kind: ExerciseKind;
  readonly skill: string;
  readonly level: Level;
  readonly seed: number;
  readonly isRight: boolean;
  /** Days off in all; null: nothing was asked in days, or a day was named where there is none. */
  readonly daysOff: number | null;
  readonly grade: Grade;
}

/** All of it right: known. Days a little off: near. Else it comes again soon. */
function gradeOf(marked: readonly Marked[]): Grade {
  if (marked.every(({ isRight }) => isRight)) return 'known';
  const isNear = marked.every(({ isRight, daysOff }) => isRight || (daysOff !== null && daysOff <= 1));
  return isNear ? 'near' : 'again';
}

/** What is kept of an exercise that was answered. */
export function practisedOf(
  { kind, skill, level, seed }: Pick<Exercise, 'kind' | 'skill' | 'level' | 'seed'>,
  marked: readonly Marked[],
  { id, at }: Pick<Practised, 'id' | 'at'>,
): Practised {
  const off = marked.flatMap(({ daysOff }) => (daysOff === null ? [] : [daysOff]));
  return {
    id,
    at,
    kind,
    skill,
    level,
    seed,
    isRight: marked.every(({ isRight }) => isRight),
    daysOff: off.length === 0 ? null : off.reduce((sum, days) => sum + days, 0),
    grade: gradeOf(marked),
  };
}

/** When a skill is to be practised again. */
export interface SkillCard {
  readonly kind: ExerciseKind;
  readonly skill: string;
  /** UTC instant. */
  readonly due: string;
}

/** By days, without chance: the same answers always come back on the same day. */
const SCHEDULE = fsrs({ enable_fuzz: false, enable_short_term: false });
const RATINGS = { known: Rating.Good, near: Rating.Hard, again: Rating.Again } as const satisfies Record<Grade, Rating>;

const inOrder = (practised: readonly Practised[]): readonly Practised[] =>
  [...practised].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));

/** When each skill comes again, out of what was answered: the same answers, in whatever order they are handed in, come to the same. */
export function cardsOf(practised: readonly Practised[]): readonly SkillCard[] {
  const cards = new Map<string, { readonly of: Pick<SkillCard, 'kind' | 'skill'>; readonly card: Card }>();
  for (const { kind, skill, at, grade } of inOrder(practised)) {
    const key = `${kind} ${skill}`;
    const now = new Date(at);
    const before: Card = cards.get(key)?.card ?? createEmptyCard(now);
    cards.set(key, { of: { kind, skill }, card: SCHEDULE.next(before, now, RATINGS[grade]).card });
  }
  return [...cards.values()].map(({ of, card }) => ({ ...of, due: card.due.toISOString() }));
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

/** How a kind of exercise, or a stage, was answered so far. */
interface Answered {
  readonly answered: number;
  readonly right: number;
  /** Days off on the average, where days were asked; null: never. */
  readonly daysOff: number | null;
}

function answeredOf(own: readonly Practised[]): Answered {
  const off = own.flatMap(({ daysOff }) => (daysOff === null ? [] : [daysOff]));
  return {
    answered: own.length,
    right: own.filter(({ isRight }) => isRight).length,
    daysOff: off.length === 0 ? null : off.reduce((sum, days) => sum + days, 0) / off.length,
  };
}

export interface KindProgress extends Answered {
  readonly kind: ExerciseKind;
  readonly dueSkills: number;
  /** When the next of what is not due yet comes again, a UTC instant; null: nothing does. */
  readonly nextDue: string | null;
}

export const progressOf = (
  practised: readonly Practised[],
  cards: readonly SkillCard[],
  at: string,
): readonly KindProgress[] =>
  EXERCISES.map((kind) => {
    const own = cards.filter((card) => card.kind === kind);
    const later = own.map(({ due }) => due).filter((due) => due > at);
    return {
      kind,
      ...answeredOf(practised.filter((one) => one.kind === kind)),
      dueSkills: dueSkills(own, at).length,
      nextDue: later.sort()[0] ?? null,
    };
  });

export interface StageProgress extends Answered {
  readonly stage: CellStage;
}

/** How cells were read, by the stage that they were in; stages that were never asked about are left out. */
export const readByStage = (practised: readonly Practised[]): readonly StageProgress[] =>
  CELL_STAGES.flatMap((stage) => {
    const own = practised.filter(({ kind, skill }) => kind === 'read-cell' && skill === stage);
    return own.length === 0 ? [] : [{ stage, ...answeredOf(own) }];
  });
