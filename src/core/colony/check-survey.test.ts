import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { checkSurvey } from './check-survey';
import type { ColonyOrigin } from './facts';

const frame = { id: 'f', kind: 'dummy', size: 'national-deep', sides: null } as const;
const box = { id: 'b', role: 'brood', size: 'national-deep', places: 1, under: 'open', frames: [frame] } as const;
const survey = { at: '2027-04-01T12:00', queenFrameId: null, hive: { boxes: [box] } };

const faults = (over: object = {}, origin: ColonyOrigin = 'established', startedOn = '2027-04-10') =>
  checkSurvey(
    { ...survey, ...over } as never,
    { origin, startedOn: day(startedOn) },
    '2027-05-10T12:00',
    DEFAULT_SETTINGS,
  ).map(({ code, path }) => `${code} ${path.join('.')}`);

describe('what a survey cannot be', () => {
  it('is before a colony that began, not before the book knew an established one', () => {
    expect(faults()).toEqual([]);
    expect(faults({}, 'nuc')).toEqual(['before-colony at']);
    expect(faults({}, 'nuc', '2027-04-01')).toEqual([]);
  });

  it('is to come, of unknown frames, or with more of them than places', () => {
    expect(faults({ at: '2027-05-10T12:11' })).toEqual(['in-the-future at']);
    expect(faults({ queenFrameId: 'g' })).toEqual(['unknown-reference queenFrameId']);
    expect(faults({ hive: { boxes: [{ ...box, size: 'barrel' }] } })).toEqual(['unknown-reference hive.boxes.0.size']);
    expect(faults({ hive: { boxes: [{ ...box, frames: [frame, { ...frame, id: 'g' }] }] } })).toEqual([
      'out-of-range hive.boxes.0.frames',
    ]);
  });
});
