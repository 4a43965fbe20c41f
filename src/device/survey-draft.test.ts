import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONTENTS, type Side, sideFault, tenthsOf } from '../core/space/content';
import type { CountedAs } from '../core/space/count-survey';
import { type Box, framesOf } from '../core/space/hive';
import {
  boxesToSurvey,
  changeSurvey,
  countedIn,
  placesToSurvey,
  type SurveyChange,
  type SurveyDraft,
  sideWith,
  surveyOf,
} from './survey-draft';

const blank: SurveyDraft = {
  id: 's',
  colonyId: 'c',
  at: '2027-05-16T12:00',
  manner: 'counts',
  flow: 'none',
  coveredSeams: null,
  queenFrameId: null,
  note: '',
  counts: {},
  hive: {
    boxes: [{ id: 'nest', role: 'brood', size: 'national-deep', places: 11, under: 'open', frames: [] }],
  },
};
let made = 0;
const newIds = () => Array.from({ length: 12 }, () => `f${made++}`);
const count = (glance: CountedAs, n: number, boxId = 'nest'): SurveyChange => ({
  type: 'count',
  boxId,
  glance,
  count: n,
  newIds: newIds(),
});
const drafted = (...changes: SurveyChange[]) => changes.reduce(changeSurvey, blank);

describe('a survey that is counted', () => {
  it('makes the frames of a box out of its counts, and knows what is not told yet', () => {
    expect(boxesToSurvey(blank)).toEqual(['nest']);
    const told = drafted(count('brood', 6), count('honey', 2));
    // Eight of eleven places are told: the rest is asked about.
    expect(boxesToSurvey(told)).toEqual(['nest']);
    expect(placesToSurvey(told.hive.boxes[0] as Box, told.counts.nest)).toBe(3);
    expect(framesOf(told.hive)).toHaveLength(8);
    expect(countedIn(told.counts.nest)).toBe(8);
    expect(countedIn(undefined)).toBe(0);
    // The rest was not looked at; or a feeder hangs there and a dummy; or there is no frame in two places and a third is empty.
    expect(boxesToSurvey(changeSurvey(told, count('unseen', 3)))).toEqual([]);
    const fed = [count('feeder', 1), count('dummy', 1), count('droneComb', 1)].reduce(changeSurvey, told);
    expect(boxesToSurvey(fed)).toEqual([]);
    expect(framesOf(fed.hive).map(({ kind }) => kind)).toContain('feeder');
    const narrow = changeSurvey(told, { type: 'box', boxId: 'nest', fields: { places: 8 } });
    expect(boxesToSurvey(narrow)).toEqual([]);
  });

  it('does not ask about a box that stands as it was known', () => {
    const told = drafted(count('brood', 6));
    expect(boxesToSurvey({ ...told, counts: {} })).toEqual([]);
  });

  it('keeps the frames that it has when a count is changed', () => {
    const told = drafted(count('brood', 6));
    const ids = framesOf(told.hive).map(({ id }) => id);
    const more = changeSurvey(told, count('honey', 2));
    expect(
      framesOf(more.hive)
        .map(({ id }) => id)
        .filter((id) => ids.includes(id)),
    ).toHaveLength(6);
    expect(new Set(framesOf(more.hive).map(({ id }) => id)).size).toBe(8);
  });

  it('begins with empty comb where it is told frame by frame instead', () => {
    const told = drafted({ type: 'manner', manner: 'frames', newIds: newIds() });
    expect(framesOf(told.hive)).toHaveLength(11);
    expect(framesOf(told.hive).every(({ sides }) => sides?.[0].empty === 10)).toBe(true);
    const counted = drafted(count('brood', 6), { type: 'manner', manner: 'frames', newIds: newIds() });
    expect(framesOf(counted.hive)).toHaveLength(6);
  });
});

describe('boxes', () => {
  const add = (role: 'brood' | 'super', id: string): SurveyChange => ({
    type: 'add-box',
    role,
    id,
    size: 'national-deep',
    places: 11,
  });
  it('brood goes on the brood, the first super over an excluder', () => {
    const built = drafted(add('super', 's1'), add('brood', 'b2'), add('super', 's2'));
    expect(built.hive.boxes.map(({ id, under }) => [id, under])).toEqual([
      ['nest', 'open'],
      ['b2', 'open'],
      ['s1', 'excluder'],
      ['s2', 'open'],
    ]);
    const less = changeSurvey(built, { type: 'drop-box', boxId: 's1' });
    expect(less.hive.boxes.map(({ id }) => id)).toEqual(['nest', 'b2', 's2']);
  });

  it('take their frames along to another size', () => {
    const told = changeSurvey(drafted(count('brood', 3)), {
      type: 'box',
      boxId: 'nest',
      fields: { size: 'smith', places: 10 },
    });
    expect(framesOf(told.hive).map(({ size }) => size)).toEqual(['smith', 'smith', 'smith']);
    const cleared = changeSurvey(told, { type: 'clear-box', boxId: 'nest' });
    expect([cleared.counts, framesOf(cleared.hive)]).toEqual([{}, []]);
  });
});

it('frames and sides are painted', () => {
  const told = drafted({ type: 'manner', manner: 'frames', newIds: newIds() });
  const [first, second] = framesOf(told.hive).map(({ id }) => id) as [string, string];
  const painted = changeSurvey(changeSurvey(told, { type: 'fill-frame', frameIds: [first], fill: 'honey' }), {
    type: 'side',
    frameId: second,
    side: 1,
    holds: { sealed: 6, empty: 4 },
  });
  const [a, b] = framesOf(painted.hive);
  expect(a?.sides).toEqual([{ honey: 10 }, { honey: 10 }]);
  expect(b?.sides).toEqual([{ empty: 10 }, { sealed: 6, empty: 4 }]);
  const dummy = changeSurvey(painted, { type: 'fill-frame', frameIds: [first], fill: 'dummy' });
  expect(framesOf(dummy.hive)[0]).toMatchObject({ id: first, kind: 'dummy', sides: null });
  const comb = changeSurvey(dummy, { type: 'fill-frame', frameIds: [first], fill: 'honey' });
  expect(framesOf(comb.hive)[0]).toEqual(a);
  expect(surveyOf(painted)).toMatchObject({ source: 'survey', manner: 'frames' });
  expect('counts' in surveyOf(painted)).toBe(false);
});

it('a number of tenths comes out of empty comb first, and a side always makes ten', () => {
  expect(sideWith({ honey: 2, empty: 8 }, 'sealed', 6)).toEqual({ sealed: 6, honey: 2, empty: 2 });
  expect(sideWith({ sealed: 10 }, 'pollen', 3)).toEqual({ sealed: 7, pollen: 3 });
  expect(sideWith({ sealed: 10 }, 'sealed', 4)).toEqual({ sealed: 4, empty: 6 });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...CONTENTS), fc.integer({ min: -3, max: 14 })), { maxLength: 20 }),
      (steps) => {
        const end = steps.reduce<Side>(
          (side, [content, tenths]) => {
            const next = sideWith(side, content, tenths);
            expect(tenthsOf(next, content)).toBe(Math.max(0, Math.min(10, tenths)));
            return next;
          },
          { empty: 10 },
        );
        expect(sideFault(end)).toBeNull();
      },
    ),
  );
});
