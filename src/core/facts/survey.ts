import { z } from 'zod';
import { FLOWS } from '../space/nectar';
import { SURVEY_MANNERS, SURVEY_SOURCES } from '../space/survey';
import { minuteField } from './day-field';
import { idField, noteField } from './fields';
import { hiveField } from './hive';
import { LIMITS } from './limits';

/** A hive's frames as they were found, or as they were left. */
export const surveyFact = z.strictObject({
  id: idField,
  colonyId: idField,
  at: minuteField,
  source: z.enum(SURVEY_SOURCES),
  manner: z.enum(SURVEY_MANNERS),
  flow: z.enum(FLOWS),
  coveredSeams: z.int().min(0).max(LIMITS.seams).nullable(),
  queenFrameId: idField.nullable(),
  hive: hiveField,
  note: noteField,
});

export type SurveyEntry = z.infer<typeof surveyFact>;
