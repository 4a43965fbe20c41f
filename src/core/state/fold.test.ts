import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { CELL_STAGES } from '../cells/stage';
import { type CellSeenFact, type ColonyFacts, QUEEN_EVENTS } from '../colony/facts';
import { isUnseen } from '../colony/situation';
import { aColony, inspection } from '../colony/testing';
import { expectedIn } from '../queens/queen-questions';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { type ColonyState, foldColony } from './fold';

const START = day('2027-04-10');
const cell = (id: string, place: 'bottom' | 'face' = 'bottom') => ({
  id,
  label: id,
  place,
  box: null,
  frame: null,
  part: null,
});
const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
const event = (kind: ColonyFacts['queenEvents'][number]['kind'], on: string) => ({
  id: `${kind}${on}`,
  queenId: 'q',
  on: day(on),
  kind,
  at: null,
  to: null,
  emerged: null,
});
const fold = (facts: Partial<ColonyFacts>, today: string) =>
  foldColony({ ...aColony(), startedOn: START, ...facts }, DEFAULT_SETTINGS, day(today));
const iso = (value: Day | null | undefined) => (value == null ? value : formatDay(value).slice(5));
const checks = ({ schedule }: ReturnType<typeof fold>) =>
  schedule.checks.map(({ code, window }) => [code, iso(window.earliest), iso(window.ideal), iso(window.latest)]);

describe('a colony from its facts', () => {
  it('dates a cell across inspections and acts by what all of them say', () => {
    const inspections = [
      inspection({ at: '2027-05-03T18:00' }),
      inspection({ at: '2027-05-10T18:00', cells: [saw('a', 'larva-large')] }),
    ];
    const state = fold({ cells: [cell('a')], inspections }, '2027-05-10');
    expect(state.lastInspection?.reading.reading).toBe('preparing');
    expect(iso(state.cells[0]?.dates.laid?.from)).toBe('05-03');
    expect(checks(state)).toEqual([['act', '05-10', '05-10', '05-10']]);
    const later = fold(
      {
        cells: [cell('a')],
        inspections: [...inspections, inspection({ at: '2027-05-13T18:00', cells: [saw('a', 'sealed-fresh')] })],
      },
      '2027-05-13',
    );
    expect(iso(later.cells[0]?.dates.emergence?.earliest)).toBe('05-18');
    expect(later.lastInspection?.reading.reading).toBe('swarm-imminent');
  });

  it('is unseen until somebody looks or says what queen it has', () => {
    expect(isUnseen(fold({}, '2027-05-10'))).toBe(true);
    expect(isUnseen(fold({ inspections: [inspection({ at: '2027-05-03T18:00' })] }, '2027-05-10'))).toBe(false);
    expect(isUnseen(fold({ inspections: [inspection({ at: '2027-05-03T18:00' })] }, '2027-05-02'))).toBe(true);
    expect(isUnseen(fold({ queenEvents: [event('removed', '2027-05-01')] }, '2027-05-10'))).toBe(false);
    expect(isUnseen(fold({ origin: 'cast' }, '2027-05-10'))).toBe(false);
    expect(isUnseen(fold({ origin: 'nuc' }, '2027-05-10'))).toBe(false);
  });

  it('goes by the months in which swarms come at its own apiary', () => {
    const inspections = [inspection({ at: '2027-09-06T18:00' })];
    const due = (swarmMonths: readonly number[] | null) => {
      const [only] = fold({ inspections, swarmMonths }, '2027-09-06').schedule.checks;
      return [iso(only?.window.earliest), iso(only?.window.latest)];
    };
    const bySettings = due(null);
    expect(due(DEFAULT_SETTINGS.swarmMonths)).toEqual(bySettings);
    // On the heather swarms still come in September: the look is due within days, not weeks.
    expect(due([8, 9])).toEqual(['09-11', '09-13']);
    expect(bySettings).not.toEqual(['09-11', '09-13']);
  });

  it('does not know what was entered for a day to come', () => {
    const inspections = [inspection({ at: '2027-05-03T18:00' }), inspection({ at: '2027-05-10T18:00', eggs: 'none' })];
    expect(fold({ inspections }, '2027-05-09').lastInspection?.reading.reading).toBe('settled');
    expect(fold({ inspections }, '2027-05-10').lastInspection?.reading.reading).toBe('queen-missing');
  });

  it('takes a cell that nobody looked at as still there', () => {
    const inspections = [
      inspection({ at: '2027-05-03T18:00', cells: [saw('a', 'larva-large')] }),
      inspection({ at: '2027-05-09T18:00', thoroughness: 'tip-up', eggs: 'not-looked-for' }),
    ];
    const state = fold({ cells: [cell('a')], inspections }, '2027-05-09');
    expect(state.lastInspection?.reading.reading).toBe('swarm-imminent');
    expect(state.lastInspection?.notLookedAt.map((known) => known.cell.id)).toEqual(['a']);
    const gone = inspection({ at: '2027-05-09T18:00', cells: [saw('a', 'not-found')] });
    expect(
      fold({ cells: [cell('a')], inspections: [inspections[0] as never, gone] }, '2027-05-09').lastInspection?.reading
        .reading,
    ).toBe('settled');
  });

  it('gives three days, not control, for cells broken down', () => {
    const inspections = [inspection({ at: '2027-05-10T18:00', cells: [saw('a', 'larva-large', true)] })];
    const state = fold({ cells: [cell('a')], inspections }, '2027-05-10');
    expect(state.cells[0]?.dates.status).toBe('removed');
    expect(checks(state)).toEqual([['look', '05-11', '05-12', '05-13']]);
  });

  it('finds emergency cells in one look, then leaves the virgin alone', () => {
    const queenEvents = [event('removed', '2027-05-10')];
    const before = [inspection({ at: '2027-05-10T17:00' })];
    const made = fold({ queenEvents, inspections: before }, '2027-05-11');
    expect(checks(made)).toEqual([
      ['find-cells', '05-16', '05-17', '05-18'],
      ['eggs', '06-07', '06-09', '06-13'],
    ]);
    expect(made.schedule.leaveShut.map(({ from, to }) => [iso(from), iso(to)])).toEqual([['05-19', '06-06']]);

    const looked = [...before, inspection({ at: '2027-05-17T18:00', eggs: 'none', cells: [saw('a', 'sealed')] })];
    const found = fold({ queenEvents, inspections: looked, cells: [cell('a', 'face')] }, '2027-05-17');
    expect(found.lastInspection?.reading.reading).toBe('raising-queen');
    expect(found.lastInspection?.reading.cause).toBe('emergency');
    expect(checks(found).map(([code]) => code)).toEqual(['eggs']);

    const vacated = [...looked, inspection({ at: '2027-05-28T18:00', eggs: 'none', cells: [saw('a', 'emerged')] })];
    const virgin = fold({ queenEvents, inspections: vacated, cells: [cell('a', 'face')] }, '2027-05-28');
    expect([virgin.lastInspection?.reading.reading, expectedIn(virgin.queen)]).toEqual(['virgin-loose', 'virgin']);

    const laying = [...vacated, inspection({ at: '2027-06-09T18:00' })];
    const done = fold({ queenEvents, inspections: laying, cells: [cell('a', 'face')] }, '2027-06-09');
    expect([done.lastInspection?.reading.reading, expectedIn(done.queen)]).toEqual(['settled', 'laying']);
    expect(done.schedule.leaveShut).toEqual([]);
  });

  it('does not take eggs of a queen removed the day before for those of a new one', () => {
    const queenEvents = [event('removed', '2027-05-10')];
    const inspections = [inspection({ at: '2027-05-12T18:00' })];
    expect(expectedIn(fold({ queenEvents, inspections }, '2027-05-12').queen)).toBe('none');
    const later = [inspection({ at: '2027-05-14T18:00' })];
    expect(expectedIn(fold({ queenEvents, inspections: later }, '2027-05-14').queen)).toBe('laying');
  });

  it('keeps the old date when too little was seen', () => {
    const inspections = [
      inspection({ at: '2027-05-03T18:00' }),
      inspection({ at: '2027-05-09T18:00', thoroughness: 'bees-on', eggs: 'not-looked-for' }),
    ];
    const state = fold({ inspections }, '2027-05-09');
    expect(state.lastInspection?.reading.reading).toBe('not-enough-seen');
    expect(checks(state)).toEqual([['look', '05-10', '05-10', '05-10']]);
  });

  it('follows a caged queen until she lays', () => {
    const queenEvents = [event('removed', '2027-05-08'), event('caged-in', '2027-05-09')];
    expect(checks(fold({ queenEvents }, '2027-05-10'))).toEqual([
      ['released', '05-12', '05-12', '05-14'],
      ['laying-check', '05-16', '05-16', '05-21'],
    ]);
    const inspections = [inspection({ at: '2027-05-13T18:00', eggs: 'none', queen: 'seen' })];
    const state = fold({ queenEvents, inspections }, '2027-05-13');
    expect(state.lastInspection?.reading.reading).toBe('awaiting-eggs');
    expect(checks(state).map(([code]) => code)).toEqual(['laying-check']);
  });

  it('keeps a contradiction, and plans by what was seen of the cell itself', () => {
    const inspections = [
      inspection({ at: '2027-05-08T18:00' }),
      inspection({ at: '2027-05-12T18:00', cells: [saw('a', 'sealed')] }),
    ];
    const [tracked] = fold({ cells: [cell('a')], inspections }, '2027-05-12').cells;
    expect(tracked?.dates.conflict?.between).toEqual([-1, 0]);
    expect(iso(tracked?.planBy.emergence?.earliest)).toBe('05-12');
  });

  it('rests in winter and slows down outside the swarm season', () => {
    const autumn = fold({ inspections: [inspection({ at: '2027-10-20T12:00' })] }, '2027-10-20');
    expect(checks(autumn)[0]?.[2]).toBe('03-01');
    const august = fold({ inspections: [inspection({ at: '2027-08-10T12:00' })] }, '2027-08-10');
    expect(checks(august)[0]?.[2]).toBe('08-31');
  });
});

describe('any colony', () => {
  const dayOffset = fc.integer({ min: 0, max: 80 });
  const looked = fc.constantFrom('seen' as const, 'none' as const, 'not-looked-for' as const);
  const findings = fc.constantFrom(...CELL_STAGES, 'not-found' as const);
  const arbitraryInspections = fc.uniqueArray(
    fc.record({
      offset: dayOffset,
      eggs: looked,
      queen: looked,
      thoroughness: fc.constantFrom('cleared' as const, 'bees-on' as const, 'tip-up' as const),
      cells: fc.uniqueArray(
        fc.record({ cellId: fc.constantFrom('a', 'b', 'c'), found: findings, takenDown: fc.boolean() }),
        {
          selector: ({ cellId }) => cellId,
        },
      ),
    }),
    { maxLength: 8, selector: ({ offset }) => offset },
  );
  const arbitraryEvents = fc.uniqueArray(fc.record({ offset: dayOffset, kind: fc.constantFrom(...QUEEN_EVENTS) }), {
    maxLength: 3,
    selector: ({ offset }) => offset,
  });
  const factsFrom = (
    looks: readonly { offset: number; eggs: never; queen: never; thoroughness: never; cells: CellSeenFact[] }[],
    events: readonly { offset: number; kind: (typeof QUEEN_EVENTS)[number] }[],
  ): Partial<ColonyFacts> => ({
    cells: [cell('a'), cell('b', 'face'), cell('c')],
    inspections: looks.map(({ offset, ...rest }) =>
      inspection({ at: `${formatDay(addDays(START, offset))}T12:00`, ...rest }),
    ),
    queenEvents: events.map(({ offset, kind }) => event(kind, formatDay(addDays(START, offset)))),
  });

  it('comes out the same in whatever order its facts were entered', () => {
    fc.assert(
      fc.property(arbitraryInspections, arbitraryEvents, (looks, events) => {
        const forward = factsFrom(looks as never, events);
        const backward = factsFrom([...looks].reverse() as never, [...events].reverse());
        const whole = ({ schedules, ...state }: ColonyState) => ({ ...state, schedules: schedules() });
        expect(whole(fold(backward, '2027-07-10'))).toEqual(whole(fold(forward, '2027-07-10')));
      }),
      { numRuns: 300 },
    );
  });

  it('never has a check whose window runs backwards or lies where it is to be left shut', () => {
    fc.assert(
      fc.property(arbitraryInspections, arbitraryEvents, (looks, events) => {
        const { schedule } = fold(factsFrom(looks as never, events), '2027-07-10');
        for (const { window } of schedule.checks) {
          expect(window.earliest).toBeLessThanOrEqual(window.ideal);
          expect(window.ideal).toBeLessThanOrEqual(window.latest);
          for (const { from, to } of schedule.leaveShut) {
            if (from > to) continue;
            expect(window.ideal < from || window.ideal > to).toBe(true);
          }
        }
      }),
      { numRuns: 500 },
    );
  });
});
