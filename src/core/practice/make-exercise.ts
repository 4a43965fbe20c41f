import type { Day } from '../calendar/day';
import type { Exercise, ExerciseKind, Level } from './exercise';
import { findAll } from './exercises/find-all';
import { leaveShut } from './exercises/leave-shut';
import { notShaken } from './exercises/not-shaken';
import { readBrood } from './exercises/read-brood';
import { readCell } from './exercises/read-cell';
import { whenBack } from './exercises/when-back';
import { whichCause } from './exercises/which-cause';

const MAKERS: { readonly [K in ExerciseKind]: (seed: number, level: Level, today: Day) => Exercise } = {
  'read-cell': readCell,
  'find-all': findAll,
  'read-brood': readBrood,
  'which-cause': whichCause,
  'leave-shut': leaveShut,
  'when-back': whenBack,
  'not-shaken': notShaken,
};

/** An exercise by its seed: made from the rules each time, the same one for the same seed. */
export const makeExercise = (kind: ExerciseKind, seed: number, level: Level, today: Day): Exercise =>
  MAKERS[kind](seed, level, today);
