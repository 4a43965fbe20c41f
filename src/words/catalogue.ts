import type { CellSays } from '../core/cells/says';
import type { ChoicesSays } from '../core/choices/says';
import type { ColonySays } from '../core/colony/says';
import type { InspectionSays } from '../core/inspections/says';
import type { MethodSays } from '../core/methods/says';
import type { ProblemSays } from '../core/problems/says';
import type { TogetherSays } from '../core/says/together';
import type { ScheduleSays } from '../core/schedule/says';
import type { SpaceSays } from '../core/space/says';
import type { WorkSays } from '../core/space/work-list/says';
import { cellWords } from './cells';
import { choicesWords } from './choices-made';
import { colonyWords } from './colony';
import { inspectionWords } from './inspections';
import { methodWords } from './method-reasons';
import { problemWords } from './problems';
import { scheduleWords } from './schedule';
import { spaceWords } from './space';
import { togetherWords } from './together';
import type { Words } from './words';
import { workWords } from './work-list';

/** Everything that the core says, by subject. */
interface AllSays {
  cells: CellSays;
  choices: ChoicesSays;
  colony: ColonySays;
  inspections: InspectionSays;
  methods: MethodSays;
  problems: ProblemSays;
  schedule: ScheduleSays;
  space: SpaceSays;
  together: TogetherSays;
  work: WorkSays;
}

/** How all of it is put in English. */
export const ENGLISH: { readonly [S in keyof AllSays]: Words<AllSays[S]> } = {
  cells: cellWords,
  choices: choicesWords,
  colony: colonyWords,
  inspections: inspectionWords,
  methods: methodWords,
  problems: problemWords,
  schedule: scheduleWords,
  space: spaceWords,
  together: togetherWords,
  work: workWords,
};
