import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { expectedIn, isClipped, lays } from '../queens/queen-questions';
import { LAYING, queenStateAtStart } from '../queens/queen-state';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import { afterQueenEvent } from './after-queen-event';
import type { CellSeenFact, ColonyFacts, InspectionFact, QueenEventKind } from './facts';
import { aColony, inspection } from './testing';

const START = day('2027-04-10');
const cell = (id: string) => ({ id, label: id, place: 'bottom' as const, box: null, frame: null, part: null });
const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
const look = (on: string, over: Partial<InspectionFact> = {}) => inspection({ at: `2027-${on}T12:00`, ...over });
const event = (kind: QueenEventKind, on: string, queenId = 'q') => ({
  id: kind + on,
  queenId,
  on: day(`2027-${on}`),
  kind,
  at: null,
  to: null,
  emerged: null,
});
const fold = (facts: Partial<ColonyFacts>, today = '2027-07-01') =>
  foldColony(aColony({ startedOn: START, cells: [cell('a'), cell('b')], ...facts }), DEFAULT_SETTINGS, day(today));
const iso = (on: Day | null | undefined) => (on == null ? on : formatDay(on).slice(5));

describe('what is known of the queen', () => {
  it('begins with a laying queen, or a virgin in a cast', () => {
    expect(queenStateAtStart('established', START).is).toBe('not-known');
    expect(lays(queenStateAtStart('established', START))).toBe(true);
    expect(queenStateAtStart('cast', START)).toMatchObject({ is: 'virgin', emerged: { earliest: START } });
  });

  it('follows what befalls her', () => {
    const start = queenStateAtStart('established', START);
    const steps = (...kinds: QueenEventKind[]) =>
      kinds.reduce((state, kind) => afterQueenEvent(state, event(kind, '05-10')), start);
    expect(steps('clipped')).toMatchObject({ is: 'laying', clipped: true, queenId: 'q' });
    expect(isClipped(steps('clipped', 'present'))).toBe(true);
    expect(steps('clipped', 'removed')).toMatchObject({
      is: 'raising',
      lost: { from: day('2027-05-10'), to: day('2027-05-10') },
    });
    expect(steps('removed', 'caged-in')).toMatchObject({ is: 'caged', released: false });
    expect(steps('caged-in', 'released')).toMatchObject({ is: 'caged', released: true });
    expect(steps('lost', 'virgin-out')).toMatchObject({ is: 'virgin' });
    // One who was not known by name before is so once she is marked; one who is known stays who she is.
    expect(steps('marked')).toEqual({
      ...start,
      ...LAYING,
      queenId: 'q',
      lastProof: { on: day('2027-05-10'), by: 'seen' },
    });
  });

  it('takes another queen for unclipped', () => {
    const clipped = afterQueenEvent(queenStateAtStart('established', START), event('clipped', '05-01'));
    expect(isClipped(afterQueenEvent(clipped, event('present', '05-02', 'other')))).toBe(false);
  });

  it('remembers the last proof that she lives', () => {
    expect(fold({ inspections: [look('05-01', { queen: 'seen' }), look('05-08')] }).queen.lastProof).toEqual({
      on: day('2027-05-08'),
      by: 'eggs',
    });
    expect(fold({ inspections: [look('05-01', { eggs: 'none' })] }).queen.lastProof).toBeNull();
  });

  it('takes a colony that has swarmed for queenless until eggs are seen', () => {
    const swarmed = look('05-10', { eggs: 'none', queen: 'none', cells: [saw('a', 'sealed-fresh')] });
    const gone = fold({ inspections: [swarmed] }, '2027-05-10');
    expect(gone.queen).toMatchObject({ is: 'going' });
    expect(gone.schedule.checks.map(({ code }) => code)).toEqual(['eggs']);
    expect(gone.schedule.leaveShut).toHaveLength(1);
    const laying = fold({ inspections: [swarmed, look('06-10')] });
    expect(laying.queen).toMatchObject({ is: 'laying' });
    expect(laying.schedule.leaveShut).toEqual([]);
  });

  it('expects a virgin once the cells that were known could be out and none is left', () => {
    const inspections = [
      look('05-10', { eggs: 'none', queen: 'none', cells: [saw('a', 'sealed-fresh')] }),
      look('05-20', { eggs: 'none', queen: 'none', cells: [saw('a', 'not-found')] }),
    ];
    const { queen, lastInspection } = fold({ inspections }, '2027-05-20');
    expect(expectedIn(queen)).toBe('virgin');
    expect(iso(queen.is === 'virgin' ? queen.emerged.latest : null)).toBe('05-20');
    expect(lastInspection?.reading.reading).toBe('awaiting-eggs');
  });

  it('does not take last year’s empty cell for this year’s virgin', () => {
    const inspections = [
      inspection({ at: '2026-06-10T12:00', eggs: 'none', cells: [saw('a', 'emerged')] }),
      look('04-20', { thoroughness: 'bees-on' }),
      look('05-10', { eggs: 'none', cells: [saw('b', 'emerged')] }),
    ];
    const { queen } = fold({ startedOn: day('2026-04-01'), inspections }, '2027-05-10');
    expect(queen.is === 'virgin' && queen.emerged.earliest).toBeGreaterThan(day('2027-04-01'));
  });

  it('loses patience with a virgin four weeks after the last day she can have come out', () => {
    const queenEvents = [event('virgin-out', '05-01')];
    const none = (on: string) => look(on, { eggs: 'none' });
    expect(fold({ queenEvents, inspections: [none('05-29')] }).lastInspection?.reading.reading).toBe('awaiting-eggs');
    expect(fold({ queenEvents, inspections: [none('05-30')] }).lastInspection?.reading.reading).toBe('queen-missing');
  });

  it('puts the breaking down of other cells before leaving a virgin alone', () => {
    const inspections = [look('05-16', { eggs: 'none', cells: [saw('a', 'emerged'), saw('b', 'sealed')] })];
    const { schedule, lastInspection } = fold({ inspections }, '2027-05-16');
    expect(lastInspection?.reading.reading).toBe('cast-risk');
    expect(schedule.checks.map(({ code }) => code)).toEqual(['act', 'eggs']);
    expect(schedule.checks[0]?.window.latest).toBe(day('2027-05-16'));
    expect(iso(schedule.leaveShut[0]?.from)).toBe('05-17');
  });

  it('does nothing for a colony that has ended', () => {
    const ended = fold({ endedOn: day('2027-06-01'), inspections: [look('05-10')] });
    expect([ended.ended, ended.schedule.checks]).toEqual([true, []]);
    expect(fold({ endedOn: day('2027-06-01') }, '2027-05-20').ended).toBe(false);
  });
});

describe('the schedule by how a colony began', () => {
  const first = (origin: ColonyFacts['origin']) => {
    const { checks, leaveShut } = fold({ origin }, '2027-04-10').schedule;
    const days = (window: object) => Object.values(window).map((on) => (on as number) - START);
    return [checks.map(({ code, window }) => [code, days(window)]), leaveShut.map(days)];
  };
  it.each([
    ['established', [['first-look', [0, 0, 7]]], []],
    ['split', [['first-look', [0, 0, 7]]], []],
    ['nuc', [['nuc-settled', [2, 3, 5]]], []],
    ['prime-swarm', [['laying-check', [3, 3, 7]]], []],
    ['cast', [['laying-check', [14, 14, 28]]], [[0, 13]]],
  ] as const)('%s', (origin, checks, shut) => expect(first(origin)).toEqual([checks, shut]));

  it('asks for room and for the routine look where both are due', () => {
    const inspections = [look('05-10', { thoroughness: 'bees-on', stores: 'pollen' })];
    const { checks } = fold({ inspections }, '2027-05-10').schedule;
    expect(checks.map(({ code, window }) => [code, iso(window.latest)])).toEqual([
      ['look', '05-14'],
      ['act', '05-17'],
    ]);
  });

  it('asks for thinning where more than two cells are left to a queenless colony', () => {
    const cells = ['a', 'b', 'c'];
    const looked = look('05-17', { eggs: 'none', cells: cells.map((id) => saw(id, 'sealed-fresh')) });
    const { schedule } = fold(
      { cells: cells.map(cell), queenEvents: [event('removed', '05-10')], inspections: [looked] },
      '2027-05-17',
    );
    expect(schedule.checks.map(({ code }) => code)).toEqual(['thin-cells', 'eggs']);
    expect(schedule.checks[0]?.window.latest).toBe(addDays(day('2027-05-19'), 0));
  });
});
