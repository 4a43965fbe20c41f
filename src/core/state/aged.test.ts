import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays, day, formatDay } from '../calendar/day';
import type { CellStage } from '../cells/stage';
import type { CellFact, ColonyFacts, InspectionFact } from '../colony/facts';
import { swarmSign } from '../colony/may-swarm';
import { situationOf } from '../colony/situation';
import { aColony, inspection, queenEvent } from '../colony/testing';
import { START, season, statesOf } from '../programmes/seasons/testing';
import { expectedIn, lays } from '../queens/queen-questions';
import { shutOn } from '../schedule/leave-shut-wins';
import { colonyOnDay } from '../schedule/standing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { type ColonyState, foldColony } from './fold';

const CELLS: readonly CellFact[] = ['a', 'b'].map((label) => ({
  id: label,
  label,
  place: 'bottom',
  box: null,
  frame: null,
  part: null,
}));

const seenAs = (stage: CellStage, over: Partial<InspectionFact> = {}): InspectionFact =>
  inspection({
    at: '2027-05-07T12:00',
    cells: CELLS.map(({ id }) => ({ cellId: id, found: stage, takenDown: false })),
    ...over,
  });

const on = (date: string, facts: Partial<ColonyFacts>): ColonyState =>
  foldColony(aColony({ cells: CELLS, ...facts }), DEFAULT_SETTINGS, day(`2027-${date}`));

/** What is said and asked on a day: the reading, the orders with how they stand, until when it is left shut. */
function told(state: ColonyState): string {
  const { due, shut } = colonyOnDay(state.schedule, state.today);
  const orders = due.map(({ check, standing }) => `${standing} ${check.reading ?? check.code}`);
  return [state.aged?.as ?? 'as-read', ...orders, ...(shut ? [`shut to ${formatDay(shut.to).slice(5)}`] : [])].join(
    ', ',
  );
}

describe('nobody has come since', () => {
  // Larvae in charged cells are 5 to 9 days old: sealed from 7 May on, out from 13 to 20 May.
  it.each([
    ['larva-large', '05-07', 'as-read, now preparing'],
    ['larva-large', '05-08', 'swarm-may-go, late swarm-imminent'],
    ['larva-large', '05-12', 'swarm-may-go, late swarm-imminent'],
    ['larva-large', '05-13', 'may-have-swarmed, now cast-risk'],
    ['larva-large', '05-17', 'may-have-swarmed, now cast-risk'],
    ['larva-large', '05-18', 'may-have-swarmed, shut to 05-29'],
    ['larva-large', '05-29', 'may-have-swarmed, shut to 05-29'],
    ['larva-large', '05-30', 'may-have-swarmed, now eggs'],
    ['larva-large', '07-10', 'may-have-swarmed, late eggs'],
    // Eggs in cups are up to 3 days old: sealed from 11 May on, out from 19 to 24 May.
    ['egg', '05-10', 'as-read, now early-preparing'],
    ['egg', '05-11', 'swarm-may-go, late swarm-imminent'],
    ['egg', '05-19', 'may-have-swarmed, now cast-risk'],
    ['egg', '05-24', 'may-have-swarmed, shut to 06-03'],
    // Sealed and pale: 7 to 12 days old, out from 10 to 17 May.
    ['sealed-fresh', '05-09', 'as-read, late swarm-imminent'],
    ['sealed-fresh', '05-10', 'may-have-swarmed, now cast-risk'],
    ['sealed-fresh', '05-15', 'may-have-swarmed, shut to 05-27'],
  ] as const)('two cells (%s) on 7 May, on %s: %s', (stage, date, expected) => {
    expect(told(on(date, { inspections: [seenAs(stage)] }))).toBe(expected);
  });

  it('she is not said to lay, and a swarm that is out may be of it', () => {
    const state = on('05-24', { inspections: [seenAs('larva-large')] });
    expect(lays(state.queen)).toBe(false);
    expect(swarmSign(state)).toBe('unseen-since');
    expect(situationOf(state)).toMatchObject({ says: 'colony/aged', with: { seenOn: day('2027-05-07') } });
  });

  it('one that has swarmed: a virgin may be out, one look, then left shut', () => {
    const swarmed = seenAs('sealed-fresh', { eggs: 'none', queen: 'none' });
    expect(told(on('05-09', { inspections: [swarmed] }))).toMatch(/^as-read/);
    // Two were kept, or nobody thinned: cells that nobody broke down are all still there.
    expect(told(on('05-11', { inspections: [swarmed] }))).toBe('virgin-may-be-out, now cast-risk');
    expect(told(on('05-15', { inspections: [swarmed] }))).toBe('virgin-may-be-out, shut to 05-27');
  });

  it('casts to come: the other cells are asked for while no virgin flies, and no longer', () => {
    const risk = inspection({
      at: '2027-05-07T12:00',
      eggs: 'none',
      cells: [
        { cellId: 'a', found: 'emerged', takenDown: false },
        { cellId: 'b', found: 'sealed', takenDown: false },
      ],
    });
    expect(told(on('05-07', { inspections: [risk] }))).toBe('as-read, now cast-risk');
    expect(told(on('05-11', { inspections: [risk] }))).toMatch(/late cast-risk/);
    expect(told(on('05-12', { inspections: [risk] }))).toMatch(/^virgin-out, shut to/);
  });

  it('what was settled is old a week after the look that was due', () => {
    const settled = inspection({ at: '2027-05-07T12:00' });
    expect(told(on('05-21', { inspections: [settled] }))).toBe('as-read, late look');
    expect(told(on('05-22', { inspections: [settled] }))).toBe('old, late look');
  });
});

describe('what was noted since leads, and takes nothing away', () => {
  const charged = { inspections: [seenAs('larva-large')] };
  const noted = (kind: 'virgin-out' | 'swarmed' | 'cast-left', date: string) =>
    queenEvent({ kind, on: day(`2027-${date}`) });

  it('a virgin over sealed cells: they are asked for, it is left shut, her eggs are awaited', () => {
    const state = on('05-15', { ...charged, queenEvents: [noted('virgin-out', '05-14')] });
    expect(told(state)).toMatch(/late cast-risk/);
    expect(state.schedule.checks.map(({ code }) => code)).toContain('eggs');
    expect(told(on('05-19', { ...charged, queenEvents: [noted('virgin-out', '05-14')] }))).toMatch(/shut to/);
  });

  it('a swarm that left: no method is chosen any more', () => {
    const state = on('05-12', { ...charged, queenEvents: [noted('swarmed', '05-11')] });
    expect(state.schedule.checks.map(({ reading }) => reading)).not.toContain('preparing');
    expect(state.schedule.checks.map(({ code }) => code)).toContain('eggs');
  });

  it('she was noted to be there after the cells were over: it is looked into, and no method is late', () => {
    const state = on('06-17', { ...charged, queenEvents: [queenEvent({ kind: 'present', on: day('2027-06-15') })] });
    expect(told(state)).toBe('old, late look');
  });
});

describe('who can have come out of what', () => {
  const gone = queenEvent({ kind: 'removed', on: day('2027-05-01') });
  const found = (date: string, cells: InspectionFact['cells'], over: Partial<InspectionFact> = {}) =>
    inspection({ at: `2027-${date}T12:00`, eggs: 'none', queen: 'none', cells, ...over });

  it('its only cell was closed, and broken down: nobody came out, and it has nothing to raise one from', () => {
    const look = found('05-12', [{ cellId: 'a', found: 'sealed', takenDown: true }]);
    const state = on('05-12', { queenEvents: [gone], inspections: [look] });
    expect(told(state)).toBe('as-read, now act');
    expect(state.schedule.leaveShut).toEqual([]);
    expect(state.queen).toMatchObject({ is: 'without', since: day('2027-05-12') });
    // With larvae young enough left it may begin others, and one that is open tells of a virgin.
    const young = found('05-12', look.cells, { youngest: 'larvae-small' });
    expect(on('05-12', { queenEvents: [gone], inspections: [young] }).queen.is).not.toBe('without');
    const open = found('05-12', [...look.cells, { cellId: 'b', found: 'emerged', takenDown: false }]);
    expect(expectedIn(on('05-12', { queenEvents: [gone], inspections: [open] }).queen)).toBe('virgin');
  });

  it.each([
    [{ eggs: 'seen', queen: 'seen' }, 'swarm-imminent'],
    [{ eggs: 'seen', queen: 'none' }, 'cast-risk'],
    [{ eggs: 'none', queen: 'seen' }, 'cast-risk'],
  ] as const)('one torn cell beside another, and %o: %s', (seen, reading) => {
    const cells = [
      { cellId: 'a', found: 'torn-down', takenDown: false },
      { cellId: 'b', found: 'sealed', takenDown: false },
    ] as const;
    const state = on('05-12', { inspections: [found('05-12', cells, seen)] });
    expect(state.lastInspection?.reading.reading).toBe(reading);
    expect(expectedIn(state.queen)).toBe(reading === 'cast-risk' ? 'virgin' : 'laying');
  });

  it('a virgin who is lost before she can lay leaves nothing to raise another from but cells', () => {
    const out = queenEvent({ kind: 'virgin-out', on: day('2027-05-08') });
    const lost = queenEvent({ kind: 'lost', on: day('2027-05-10') });
    const bare = on('05-10', { queenEvents: [out, lost] });
    expect(bare.schedule.checks.map(({ code, window }) => [code, window.latest])).toEqual([['act', day('2027-05-13')]]);
    const withCells = on('05-10', {
      queenEvents: [out, lost],
      inspections: [found('05-07', [{ cellId: 'b', found: 'larva-large', takenDown: false }])],
    });
    expect(withCells.queen).toMatchObject({ is: 'raising' });
  });

  it('a colony without brood at midwinter raises none, and is helped when hives are opened again', () => {
    const state = on('12-24', { queenEvents: [queenEvent({ kind: 'lost', on: day('2027-12-24') })] });
    expect(state.schedule).toMatchObject({ emergence: null, leaveShut: [] });
    const [only, ...others] = state.schedule.checks;
    expect(others).toEqual([]);
    expect(formatDay(only?.window.earliest ?? state.today)).toMatch(/^2028-0[23]-/);
  });
});

describe('a later look', () => {
  it('that finds eggs or her is believed, and not what time alone told', () => {
    const later = inspection({ at: '2027-05-24T12:00', cells: [] });
    for (const seen of [{ eggs: 'seen' }, { eggs: 'not-looked-for', queen: 'seen' }] as const) {
      const state = on('05-24', { inspections: [seenAs('larva-large'), { ...later, ...seen }] });
      expect(lays(state.queen)).toBe(true);
    }
  });

  it('that finds neither eggs nor her nor a cell waits for the virgin, and gives no test comb yet', () => {
    const empty = CELLS.map(({ id }) => ({ cellId: id, found: 'emerged' as const, takenDown: false }));
    const later = inspection({ at: '2027-05-19T12:00', eggs: 'none', queen: 'none', cells: empty });
    const state = on('05-20', { inspections: [seenAs('larva-large'), later] });
    expect(told(state)).toMatch(/^as-read, shut to/);
    expect(state.schedule.checks.map(({ code }) => code)).toEqual(['eggs']);
  });
});

describe('random seasons', () => {
  const days = fc.integer({ min: 5, max: 75 }).map((n) => addDays(START, n));
  const everyState = (check: (state: ColonyState) => void) =>
    fc.assert(
      fc.property(season, days, (made, today) => {
        for (const state of statesOf(made, today)) if (!state.ended) check(state);
      }),
      { numRuns: tries(1_500), seed: 20270812 },
    );

  it('nothing of a swarm is asked for once its cells are over, and no colony that may be gone is said to lay', () => {
    let aged = 0;
    everyState((state) => {
      const { schedule, today, liveCells, aged: by } = state;
      if (by) aged += 1;
      if (by?.as === 'may-have-swarmed') expect(lays(state.queen)).toBe(false);
      const over = liveCells.every(({ planBy }) => (planBy.emergence?.latest ?? today) < today);
      if (!over || liveCells.length === 0) return;
      const readings = schedule.checks.map(({ reading }) => reading);
      for (const late of ['preparing', 'early-preparing', 'swarm-imminent']) expect(readings).not.toContain(late);
    });
    expect(aged).toBeGreaterThan(20);
  });

  it('what is forced on a day to be left shut is of cells, and within four days', () => {
    everyState(({ schedule: { checks, leaveShut }, today }) => {
      if (!shutOn(leaveShut, today)) return;
      for (const { forced, code, reading, window } of checks) {
        if (forced === null || code !== 'act' || window.earliest > today) continue;
        expect(reading).toBe('cast-risk');
        expect(today - window.latest).toBeLessThanOrEqual(4);
      }
    });
  });
});
