import type { Day } from '../calendar/day';
import type { ProgrammeFact } from '../programmes/facts';
import type { SurveyFact } from '../space/survey';

/** The days up to a survey on which frames of brood went from one colony to another with a method. */
export const partedDays = (
  parts: readonly { readonly programme: ProgrammeFact }[],
  survey: Pick<SurveyFact, 'at' | 'on'>,
): readonly Day[] =>
  parts
    .map(({ programme }) => programme)
    .filter(({ units }) => new Set(units.map(({ colonyId }) => colonyId)).size > 1)
    .filter(({ on, at }) => on < survey.on || (on === survey.on && at !== null && at <= survey.at))
    .map(({ on }) => on);
