import { describe, expect, it } from 'vitest';
import { inWords } from '../../../words/in-words';
import { day } from '../../calendar/day';
import type { QueenEventFact } from '../../colony/facts';
import { queenEvent } from '../../colony/testing';
import { expectedIn, noEggsOn, queenIdIn } from '../../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, look, saw, shut, yard } from '../testing';

const cells = [cell('a'), cell('b')];
const alone = (facts: object, shared: object = {}) => yard({ home: { cells, ...facts } }, shared);
const event = (kind: QueenEventFact['kind'], on: string, over: Partial<QueenEventFact> = {}) =>
  queenEvent({ kind, on: day(`2027-${on}`), id: `${on} ${kind}`, ...over });
const queenless = [event('removed', '05-09', { queenId: 'old' }), event('caged-in', '05-10', { queenId: 'bought' })];
const unnoticed = [event('caged-in', '05-10', { queenId: 'bought' })];

describe('a bought queen caged in on 10 May', () => {
  it('and eggs on the fourth day, the old queen not known to be gone: she may still be there', () => {
    const { queen, schedule } = alone({ queenEvents: unnoticed, inspections: [look('05-14')] })('home', '05-14');
    expect([expectedIn(queen), queen.doubt?.code]).toEqual(['caged', 'old-queen-there']);
    const search = schedule.checks.find(({ order }) => order && inWords(order) === 'Search for the old queen');
    expect(search?.why).saying('bought one is at risk');
    expect(schedule.checks.map(({ code }) => code)).toContain('laying-check');
  });

  it('and eggs on the fourth day, the old queen taken the day before: of before only where they can be', () => {
    const upright = look('05-12', { youngest: 'eggs' });
    expect(alone({ queenEvents: queenless, inspections: [upright] })('home', '05-12').queen.doubt?.code).toBe(
      'eggs-of-before',
    );
    const fourth = alone({ queenEvents: queenless, inspections: [look('05-14')] })('home', '05-14');
    expect([expectedIn(fourth.queen), fourth.queen.doubt?.code]).toEqual(['caged', 'old-queen-there']);
  });

  it('settles with eggs from the fifth day on', () => {
    const { queen } = alone({ queenEvents: queenless, inspections: [look('05-17')] })('home', '05-17');
    expect([expectedIn(queen), queen.doubt, queenIdIn(queen)]).toEqual(['laying', null, 'bought']);
  });

  it('and no eggs by the end of her window: a test frame, by the button or by the inspection', () => {
    const early = alone({ queenEvents: queenless, inspections: [look('05-18', { eggs: 'none' })] })('home', '05-18');
    expect(checks(early)).toEqual(['laying-check 05-21/05-22/05-22']);
    const late = alone({ queenEvents: queenless, inspections: [look('05-22', { eggs: 'none' })] })('home', '05-22');
    expect(late.schedule.checks.map(({ order }) => order)).toEqual(['Give a test frame']);
  });
});

describe('requeening where the old queen was not found', () => {
  const requeen = aProgramme({
    method: 'requeen-mated',
    queenId: 'bought',
    units: [{ unit: 'hive', colonyId: 'home' }],
  });
  const at = (facts: object = {}, answers: object[] = []) =>
    alone({ inspections: [look('05-09', { queen: 'none' })], ...facts }, { programmes: [requeen], answers });

  it('says so until it is settled, and asks for the search', () => {
    const { queen, schedule } = at()('home', '05-11');
    expect(queen.doubt?.code).toBe('old-queen-not-found');
    expect(schedule.checks.map(({ order }) => order)).toContainEqual('Search for the old queen');
    const laying = at({ inspections: [look('05-18')] })('home', '05-18');
    expect([expectedIn(laying.queen), laying.queen.doubt?.code]).toEqual(['laying', 'old-queen-not-found']);
  });

  it('is settled when she is found, or when the new one is known by her mark beside eggs', () => {
    const found = at({ queenEvents: [event('removed', '05-13', { queenId: 'old' })] })('home', '05-13');
    expect([expectedIn(found.queen), found.queen.doubt]).toEqual(['caged', null]);
    const marked = at({ inspections: [look('05-18', { queen: 'seen', queenSeenAs: 'as-known' })] })('home', '05-18');
    expect([expectedIn(marked.queen), marked.queen.doubt]).toEqual(['laying', null]);
  });
});

describe('a queen seen without eggs', () => {
  const seen = (on: string, over = {}) => look(on, { eggs: 'none', queen: 'seen', ...over });

  it('where a virgin is expected: the days to leave shut and her eggs window stand', () => {
    const queenEvents = [event('virgin-out', '05-10')];
    const before = alone({ queenEvents })('home', '05-14');
    const after = alone({ queenEvents, inspections: [seen('05-14')] })('home', '05-14');
    expect([expectedIn(after.queen), shut(after), checks(after)]).toEqual(['virgin', shut(before), checks(before)]);
  });

  it('where none is expected and a virgin can be out: she is the virgin', () => {
    const queenEvents = [event('removed', '05-10')];
    const state = alone({ queenEvents, inspections: [seen('05-21')] })('home', '05-21');
    expect([expectedIn(state.queen), state.schedule.leaveShut.length]).toEqual(['virgin', 1]);
    expect(state.schedule.checks.map(({ code }) => code)).toEqual(['eggs']);
  });

  it('where none is expected and none can be out yet: not known which', () => {
    const queenEvents = [event('removed', '05-10')];
    const { queen, schedule } = alone({ queenEvents, inspections: [seen('05-15')] })('home', '05-15');
    expect([expectedIn(queen), queen.doubt?.code]).toEqual(['laying', 'another-queen']);
    expect(schedule.checks.map(({ order }) => order)).toContainEqual('Find the queen and look at her mark');
  });

  it('where it has swarmed and a virgin can be out: no proof of the old one', () => {
    const swarmed = look('05-10', { eggs: 'none', queen: 'none', cells: [saw('a', 'sealed-ripe')] });
    const state = alone({ inspections: [swarmed, seen('05-16', { cells: [saw('a', 'emerged')] })] })('home', '05-16');
    expect(expectedIn(state.queen)).toBe('virgin');
  });

  it('as a virgin: leave it shut', () => {
    const state = alone({ inspections: [seen('05-16', { queenSeenAs: 'virgin' })] })('home', '05-16');
    expect([expectedIn(state.queen), shut(state)]).toEqual(['virgin', ['05-16..05-26']]);
  });

  it('unmarked, where a marked one was known: a young queen', () => {
    const marked = [event('present', '05-01', { queenId: 'old' }), event('marked', '05-01', { queenId: 'old' })];
    const inspections = [seen('05-16', { queenSeenAs: 'unmarked' })];
    const { queen } = alone({ queenEvents: marked, inspections })('home', '05-16');
    expect([expectedIn(queen), queen.doubt?.code]).toEqual(['virgin', 'unmarked-queen']);
  });
});

describe('eggs', () => {
  it('older than a virgin could have laid them are no proof of her', () => {
    const queenEvents = [event('virgin-out', '05-10')];
    const early = alone({ queenEvents, inspections: [look('05-16')] })('home', '05-16');
    expect([expectedIn(early.queen), early.queen.doubt?.code, shut(early)]).toEqual([
      'virgin',
      'eggs-too-early',
      ['05-10..05-20'],
    ]);
    const hers = alone({ queenEvents, inspections: [look('05-22')] })('home', '05-22');
    expect([expectedIn(hers.queen), hers.queen.doubt]).toEqual(['laying', null]);
  });

  it('between the last of the old queen’s and the first of a young one’s: not known whose', () => {
    const queenEvents = [event('removed', '05-10')];
    const { queen } = alone({ queenEvents, inspections: [look('05-20')] })('home', '05-20');
    expect([expectedIn(queen), queen.doubt?.code]).toEqual(['laying', 'eggs-unexplained']);
  });
});

describe('a virgin', () => {
  it('put in, with her days of emergence, dates the leaving shut and her eggs by them', () => {
    const emerged = { from: day('2027-05-08'), to: day('2027-05-09') };
    const state = alone({ queenEvents: [event('virgin-in', '05-11', { emerged })] })('home', '05-11');
    expect([shut(state), checks(state)]).toEqual([['05-08..05-19'], ['eggs 05-20/05-22/05-26']]);
  });

  it('given in a cage is no mated queen', () => {
    const state = alone({ queenEvents: [event('virgin-caged-in', '05-11')] })('home', '05-11');
    expect([expectedIn(state.queen), checks(state)]).toEqual(['virgin', ['eggs 05-22/05-24/05-28']]);
  });

  it('caught and taken out leaves the colony without one: give it one today', () => {
    const queenEvents = [event('virgin-out', '05-10'), event('virgin-taken', '05-12')];
    const state = alone({ queenEvents })('home', '05-12');
    expect(state.schedule.checks.map(({ order }) => order)).toEqual(['Give it a queen or a cell, or unite it']);
    expect(checks(state)).toEqual(['act 05-12/05-12/05-15']);
  });
});

describe('a swarm', () => {
  it('that left is no emergency: its cells are dated as swarm cells, and the hive is shut before the first cast', () => {
    const state = alone({ queenEvents: [event('swarmed', '05-10')] })('home', '05-10');
    // First virgin from the sixth day; the last of an egg laid that day, 17 days on.
    expect([shut(state), checks(state)]).toEqual([
      ['05-16..06-06'],
      ['find-cells 05-10/05-11/05-15', 'eggs 06-07/06-09/06-13'],
    ]);
  });

  it('eggs of the days before it left are no proof that she stayed', () => {
    const queenEvents = [event('swarmed', '05-10')];
    const state = alone({ queenEvents, inspections: [look('05-12', { cells: [saw('a', 'sealed')] })] })(
      'home',
      '05-12',
    );
    expect(state.queen.is === 'going').toBe(true);
  });

  it('that was a cast leaves a virgin, and others to come', () => {
    const state = alone({ queenEvents: [event('swarmed', '05-10'), event('cast-left', '05-18')] })('home', '05-18');
    expect(expectedIn(state.queen)).toBe('virgin');
  });

  it('hived as a prime: no eggs on the fourth day is waited for, to the seventh', () => {
    const inspections = [look('05-14', { eggs: 'none', queen: 'none' })];
    const swarm = { origin: 'prime-swarm' as const, startedOn: day('2027-05-10') };
    const early = yard({ home: { ...swarm, inspections } }, {})('home', '05-14');
    expect(checks(early)).toContain('laying-check 05-17/05-17/05-17');
    expect(early.schedule.checks.map(({ order }) => order)).not.toContain('Give a test frame');
    const late = yard({ home: { ...swarm, inspections: [look('05-17', { eggs: 'none' })] } }, {})('home', '05-17');
    expect(late.schedule.checks.map(({ order }) => order)).toEqual(['Give a test frame']);
  });

  it('hived as a cast: an empty inspection early in its window does not close it', () => {
    const cast = { origin: 'cast' as const, startedOn: day('2027-05-10') };
    const early = yard({ home: { ...cast, inspections: [look('05-25', { eggs: 'none' })] } }, {})('home', '05-25');
    expect(checks(early)).toEqual(['laying-check 05-28/06-07/06-07']);
    const late = yard({ home: { ...cast, inspections: [look('06-07', { eggs: 'none' })] } }, {})('home', '06-07');
    expect(late.schedule.checks.map(({ order }) => order)).toEqual(['Give a test frame']);
  });
});

describe('on one day', () => {
  const comb = aProgramme({ method: 'test-comb', on: day('2027-06-08'), units: [{ unit: 'hive', colonyId: 'home' }] });
  const virgin = [event('virgin-out', '05-20')];

  it('cells on the test frame, then a queen caged in: the queen stands', () => {
    const answers = [anAnswer(comb.id, 'home', 'read-comb', '2027-06-12', 'cells', { at: '2027-06-12T15:00' })];
    const requeen = aProgramme({
      method: 'requeen-mated',
      on: day('2027-06-12'),
      at: '2027-06-12T15:20',
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    const state = alone({ queenEvents: virgin }, { programmes: [comb, requeen], answers })('home', '06-12');
    expect([expectedIn(state.queen), checks(state)]).toEqual([
      'caged',
      ['released 06-15/06-15/06-17', 'laying-check 06-19/06-19/06-24'],
    ]);
  });

  it('no eggs, then eggs given: the eggs stand and are dated', () => {
    const programme = aProgramme({ method: 'nuc-swarm', units: [{ unit: 'parent', colonyId: 'home' }] });
    const answers = [anAnswer(programme.id, 'home', 'eggs', '2027-06-13', 'no-eggs', { at: '2027-06-13T15:00' })];
    const give = aProgramme({
      method: 'give-eggs',
      on: day('2027-06-13'),
      at: '2027-06-13T15:20',
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    const state = alone({}, { programmes: [programme, give], answers })('home', '06-13');
    expect(noEggsOn(state.queen)).toBeNull();
    expect(shut(state)).toEqual(['06-22..07-10']);
  });

  it('she is dead in her cage, then a second queen: the second stands', () => {
    const first = aProgramme({ method: 'requeen-mated', id: 'one', units: [{ unit: 'hive', colonyId: 'home' }] });
    const answers = [anAnswer('one', 'home', 'released', '2027-05-13', 'dead', { at: '2027-05-13T15:00' })];
    const second = { ...first, id: 'two', on: day('2027-05-13'), at: '2027-05-13T15:20' };
    const state = alone({ queenEvents: [event('removed', '05-09')] }, { programmes: [first, second], answers })(
      'home',
      '05-13',
    );
    expect([expectedIn(state.queen), checks(state)]).toEqual([
      'caged',
      ['released 05-16/05-16/05-18', 'laying-check 05-20/05-20/05-25'],
    ]);
  });
});
