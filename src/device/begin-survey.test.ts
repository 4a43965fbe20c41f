import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { framesOf } from '../core/space/hive';
import type { SurveyFact } from '../core/space/survey';
import { aBox, aHive } from '../core/space/testing';
import { beginSurvey } from './begin-survey';
import { draftOfSurvey, surveyOf } from './survey-draft';

const IDS = { surveyId: 's', boxId: 'b' };
const NOW = { minute: '2027-05-16T18:00', today: day('2027-05-16') };
const last: SurveyFact = {
  id: 'before',
  at: '2027-05-09T12:00',
  on: day('2027-05-09'),
  source: 'survey',
  manner: 'counts',
  flow: 'strong',
  coveredSeams: 9,
  queenFrameId: 'nest/3',
  hive: aHive(aBox('nest', 'HPBYBSPE')),
};
const begin = (survey: SurveyFact | null, at = '2027-05-16T15:00') =>
  beginSurvey(IDS, 'clover', survey, DEFAULT_SETTINGS, NOW, at);

describe('a new survey', () => {
  it('of a hive that was never surveyed begins with one box of the usual size, to be counted', () => {
    const { begin: draft, carriedFrom } = begin(null);
    expect(carriedFrom).toBeNull();
    expect(draft).toMatchObject({ id: 's', colonyId: 'clover', manner: 'counts', flow: 'none', queenFrameId: null });
    expect(draft.hive.boxes).toMatchObject([{ id: 'b', role: 'brood', size: DEFAULT_SETTINGS.broodSize, frames: [] }]);
  });

  it('begins with the frames as last known, moved on by the days since, and says that it is a guess', () => {
    const { begin: draft, carriedFrom } = begin(last);
    expect(carriedFrom).toEqual(
      'The frames as they were found on 9 May, with bees emerged and eggs laid in 7 days: a guess. Correct it.',
    );
    expect(framesOf(draft.hive).map(({ id }) => id)).toEqual(framesOf(last.hive).map(({ id }) => id));
    expect(draft.hive).not.toEqual(last.hive);
    // What was seen that day is not seen today.
    expect(draft).toMatchObject({ manner: 'frames', flow: 'strong', coveredSeams: null, queenFrameId: null });
  });

  it('of the same day begins with the frames themselves', () => {
    const { begin: draft, carriedFrom } = begin({ ...last, at: '2027-05-16T09:00', on: NOW.today, source: 'moves' });
    expect(carriedFrom).toEqual('The frames as they were left on 16 May. Correct them.');
    expect(draft.hive).toEqual(last.hive);
  });

  it('never begins later than now', () => {
    expect(begin(last, '2027-05-16T23:00').begin.at).toBe(NOW.minute);
    expect(begin(last, '2027-05-20T09:00').carriedFrom).toContain('in 7 days');
  });

  it('that came back is put right from all that was sent', () => {
    const sent = surveyOf(begin(last).begin);
    expect(surveyOf(draftOfSurvey(sent))).toEqual(sent);
  });
});
