import type { Day } from '../calendar/day';
import { EXERCISES, type Exercise, type ExerciseKind } from './exercise';
import { makeExercise } from './make-exercise';
import { dueSkills, levelOf, type Practised, type SkillCard } from './review';
import { drawsOf } from './stream';

/** A seed that trains a skill is looked for among so many. */
const TRIES = 400;
const SEEDS = 0x7fffffff;

interface Asked {
  /** Null: all of them in turn. */
  readonly kind: ExerciseKind | null;
  readonly practised: readonly Practised[];
  readonly cards: readonly SkillCard[];
  /** UTC instant. */
  readonly at: string;
  readonly today: Day;
  /** Any whole number: the same one gives the same exercise. */
  readonly seed: number;
}

/** What is practised next: what is due again of what went wrong, else something new of the kind that was practised least. */
export function nextExercise({ kind, practised, cards, at, today, seed }: Asked): Exercise {
  const draws = drawsOf(seed, 'next');
  const due = dueSkills(cards, at).find((card) => kind === null || card.kind === kind);
  const counts = (of: ExerciseKind) => practised.filter((one) => one.kind === of).length;
  const least = [...EXERCISES].sort((a, b) => counts(a) - counts(b))[0] as ExerciseKind;
  const chosen = due?.kind ?? kind ?? least;
  const level = levelOf(practised, chosen);
  const made = () => makeExercise(chosen, draws.whole(0, SEEDS), level, today);
  const first = made();
  if (!due) return first;
  for (let i = 0; i < TRIES; i++) {
    const exercise = made();
    if (exercise.skill === due.skill) return exercise;
  }
  return first;
}
