import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { ColonyFacts } from '../colony/facts';
import { aColony, inspection } from '../colony/testing';
import { aProgramme } from '../programmes/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { SurveyFact } from '../space/survey';
import { aBox, aHive } from '../space/testing';
import { foldColony } from '../state/fold';

const aPart = (method: 'demaree' | 'interleave', on: string): ColonyFacts['parts'][number] => ({
  colonyId: 'colony',
  programme: aProgramme({ method, on: day(on), at: `${on}T12:00`, units: [{ unit: 'hive', colonyId: 'colony' }] }),
  queenClipped: false,
  otherHalfLooks: [],
  dividedOn: {},
  dividedFrom: null,
});

const nest = aBox('nest', 'HPBBBBPEEEE');
const superOf = (letters: string, under: 'open' | 'excluder' = 'excluder') =>
  aBox('super', letters, { role: 'super', size: 'national-super', under });

const survey = (at: string, over: Partial<SurveyFact> = {}): SurveyFact => ({
  id: `survey ${at}`,
  at,
  on: day(at.slice(0, 10)),
  source: 'survey',
  manner: 'frames',
  flow: 'none',
  coveredSeams: null,
  queenFrameId: null,
  hive: aHive(nest, superOf('EEEEEEEEEE')),
  ...over,
});
const without = survey('2027-05-01T10:00', { hive: aHive(nest) });
const first = inspection({ at: '2027-05-01T09:00', queen: 'seen', eggs: 'seen' });

function asked(surveys: readonly SurveyFact[], today: string, over: Partial<ColonyFacts> = {}) {
  const { schedule } = foldColony(aColony({ inspections: [first], surveys, ...over }), DEFAULT_SETTINGS, day(today));
  const check = schedule.checks.find(({ key }) => key.startsWith('act:excluder:'));
  return check && { order: check.order, why: check.why, days: Object.values(check.window).map(formatDay) };
}

describe('an excluder that went on', () => {
  const on = survey('2027-05-10T10:00', { source: 'moves' });

  it('asks for eggs above it once those of before have hatched, where she was not seen below', () => {
    const check = asked([without, on], '2027-05-10');
    expect(check?.order).toEqual('Look for eggs above the excluder');
    expect(check?.days).toEqual(['2027-05-14', '2027-05-14', '2027-05-17']);
    expect(check?.why).saying('the queen was not seen below it. By 14 May');
    expect(check?.why).not.toContain('Drones');
  });

  it('asks nothing where she was seen below it, where it lay there before, and of a hive without one', () => {
    expect(asked([without, { ...on, queenFrameId: 'nest/4' }], '2027-05-10')).toBeUndefined();
    expect(asked([survey('2027-05-01T10:00'), on], '2027-05-10')).toBeUndefined();
    expect(asked([on], '2027-05-10')).toBeUndefined();
    expect(asked([without], '2027-05-10')).toBeUndefined();
    // A board parts two queens’ boxes; it is no excluder.
    const board = aHive(nest, aBox('top', 'EEEE', { under: 'board' }));
    expect(asked([without, { ...on, hive: board }], '2027-05-10')).toBeUndefined();
  });

  it('is settled by the queen or eggs below from the fourth day on, not before', () => {
    const seen = (at: string, what: Partial<Parameters<typeof inspection>[0]>) => ({
      inspections: [first, inspection({ at, ...what })],
    });
    expect(asked([without, on], '2027-05-14', seen('2027-05-14T10:00', { eggs: 'seen' }))).toBeUndefined();
    expect(asked([without, on], '2027-05-14', seen('2027-05-14T10:00', { queen: 'seen' }))).toBeUndefined();
    expect(asked([without, on], '2027-05-13', seen('2027-05-13T10:00', { eggs: 'seen' }))).toBeDefined();
    expect(
      asked([without, on], '2027-05-14', seen('2027-05-14T10:00', { queen: 'none', eggs: 'not-looked-for' })),
    ).toBeDefined();
    expect(asked([without, on, survey('2027-05-15T10:00')], '2027-05-15')).toBeUndefined();
  });

  it('takes the frame that she was on at an earlier survey for no sight of her', () => {
    const hers = { ...without, queenFrameId: 'nest/4' };
    expect(asked([hers, { ...on, queenFrameId: 'nest/4' }], '2027-05-10')).toBeDefined();
    expect(asked([hers, { ...on, queenFrameId: 'nest/5' }], '2027-05-10')).toBeUndefined();
    const sameDay = { ...on, at: '2027-05-01T11:00', on: day('2027-05-01'), queenFrameId: 'nest/4' };
    expect(asked([hers, sameDay], '2027-05-01')).toBeUndefined();
  });

  it('stands while nobody has looked since the eggs of before had hatched, whatever else is done at the hive', () => {
    const days = ['2027-05-14', '2027-05-14', '2027-05-17'];
    const fed = survey('2027-05-10T10:01', { source: 'moves', hive: { ...on.hive, feeder: true } });
    expect(asked([without, on, fed], '2027-05-10')?.days).toEqual(days);
    const later = survey('2027-05-15T10:00', { source: 'moves' });
    expect(asked([without, on, fed, later], '2027-05-15')?.days).toEqual(days);
    expect(asked([without, on, survey('2027-05-12T10:00')], '2027-05-12')?.days).toEqual(days);
    expect(asked([without, on, survey('2027-05-12T10:00', { queenFrameId: 'nest/4' })], '2027-05-12')).toBeUndefined();
    // Taken off again, there is nothing to keep her from.
    expect(
      asked([without, on, survey('2027-05-11T10:00', { source: 'moves', hive: aHive(nest) })], '2027-05-11'),
    ).toBeUndefined();
  });

  it('ends after three weeks', () => {
    expect(asked([without, on], '2027-05-31')).toBeDefined();
    expect(asked([without, on], '2027-06-01')).toBeUndefined();
  });
});

describe('brood above an excluder', () => {
  it('tells with eggs that she is up there, and with older brood asks whether she is', () => {
    const eggs = survey('2027-05-10T10:00', { hive: aHive(nest, superOf('EEEYEEEEEE')) });
    const [before, sealed] = [survey('2027-05-01T10:00'), aHive(nest, superOf('EEESEEEEEE'))];
    expect(asked([before, eggs], '2027-05-10')).toMatchObject({
      order: 'Find the queen above the excluder',
      days: ['2027-05-10', '2027-05-10', '2027-05-13'],
    });
    expect(asked([before, { ...eggs, queenFrameId: 'nest/4' }], '2027-05-10')?.order).toEqual(
      'Look for eggs above the excluder',
    );
    const check = asked([before, survey('2027-05-10T10:00', { hive: sealed })], '2027-05-10');
    expect(check).toMatchObject({
      order: 'Look for eggs above the excluder',
      days: ['2027-05-14', '2027-05-14', '2027-05-17'],
    });
    expect(check?.why).saying('give them a way out above until the brood is gone');
  });

  it('is left to the method that put it there', () => {
    const top = aHive(nest, aBox('top', 'HPBBBBPHHH', { under: 'excluder' }));
    const demaree = aPart('demaree', '2027-05-09');
    const moved = survey('2027-05-10T10:00', { source: 'moves', hive: top });
    expect(asked([without, moved], '2027-05-10')).toBeDefined();
    expect(asked([without, moved], '2027-05-10', { parts: [demaree] })).toBeUndefined();
  });
});

describe('a nest that is left alone for its new frames', () => {
  const lookIn = (parts: ColonyFacts['parts'], today: string) => {
    const facts = aColony({ inspections: [inspection({ at: '2027-05-10T09:00', eggs: 'seen' })], parts });
    const { schedule } = foldColony(facts, DEFAULT_SETTINGS, day(today));
    return schedule.checks.map(({ code, order, window }) => [code, formatDay(window.ideal), order ?? null]);
  };

  it('has the look by the usual rule go into the box above, and a day of its own', () => {
    const [look, , ...more] = [...lookIn([], '2027-05-10'), null];
    expect(more).toEqual([]);
    const [above, nestDay] = lookIn([aPart('interleave', '2027-05-10')], '2027-05-10');
    expect(above?.slice(0, 2)).toEqual(look?.slice(0, 2));
    expect(above?.[2]).toEqual('Look into the box above, and leave the nest alone');
    expect(nestDay?.slice(0, 2)).toEqual(['space-check', '2027-05-30']);
  });
});
