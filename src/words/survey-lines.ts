import type { SurveyEntry } from '../core/facts/survey';
import { minuteWords } from './days';
import { count, type EntryLine, plainly } from './entry-lines';

/** All that a survey says, as far as words can say it. */
export function surveyLines({ at, hive, flow, coveredSeams, note }: SurveyEntry): readonly EntryLine[] {
  return [
    { label: 'When', value: minuteWords(at) },
    ...hive.boxes.map(({ role, frames }, i) => ({
      label: `Box ${i + 1}, from below`,
      value: `${role}, ${frames.length} frames`,
    })),
    { label: 'Frames in all', value: String(hive.boxes.reduce((sum, { frames }) => sum + frames.length, 0)) },
    { label: 'Flow', value: plainly(flow) },
    { label: 'Seams covered', value: count(coveredSeams) },
    { label: 'Note', value: note === '' ? 'none' : note },
  ];
}
