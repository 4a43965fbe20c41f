import { describe, expect, it } from 'vitest';
import { type Day, day, formatDay } from '../calendar/day';
import type { OwnFacts, SharedFacts } from '../colony/assemble';
import type { CellSeenFact, InspectionFact } from '../colony/facts';
import { foldColony } from '../colony/fold';
import { inspection } from '../colony/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { cellsToGive, cellsWanted } from './cell-list';
import { anAnswer, aProgramme, assembled } from './testing';
import { waysOut } from './ways-out';

const cell = (id: string, part: 'above' | null = null) =>
  ({ id, label: id, place: 'bottom', box: null, frame: null, part }) as const;
const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
const look = (on: string, over: Partial<InspectionFact> = {}) => inspection({ at: `2027-${on}T15:00`, ...over });
const iso = (value: Day) => formatDay(value).slice(5);

function yard(own: Readonly<Record<string, Partial<OwnFacts>>>, shared: Partial<SharedFacts>) {
  const facts = assembled(own, shared);
  return (id: string, today: string) => {
    const colony = facts.get(id);
    if (!colony) throw new Error(`No colony ${id}`);
    return foldColony(colony, DEFAULT_SETTINGS, day(`2027-${today}`));
  };
}
type State = ReturnType<ReturnType<typeof yard>>;
const checks = ({ schedule }: State) =>
  schedule.checks.map(
    ({ code, window }) => `${code} ${iso(window.earliest)}/${iso(window.ideal)}/${iso(window.latest)}`,
  );
const shut = ({ schedule }: State) => schedule.leaveShut.map(({ from, to }) => `${iso(from)}..${iso(to)}`);

describe('an artificial swarm with a nuc', () => {
  const programme = aProgramme({
    method: 'nuc-swarm',
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'nuc', colonyId: 'nuc' },
    ],
    keptCellIds: ['a'],
  });
  const cells = [cell('a'), cell('b')];
  const before = [
    look('05-03'),
    look('05-10', { queen: 'seen', cells: [saw('a', 'larva-large'), saw('b', 'larva-small')] }),
  ];
  const at = (inspections: InspectionFact[], shared: Partial<SharedFacts> = {}) =>
    yard(
      { home: { cells, inspections }, nuc: { origin: 'nuc', startedOn: programme.on } },
      {
        programmes: [programme],
        ...shared,
      },
    );

  it('dates everything from the kept cell, and counts the others as taken down', () => {
    const state = at(before)('home', '05-10');
    expect(state.cells.map(({ cell: { id }, planBy }) => [id, planBy.status])).toEqual([
      ['a', 'live'],
      ['b', 'removed'],
    ]);
    // Laid 3 to 5 May, so out 18 to 22 May; thinned before the first can be out.
    expect(checks(state)).toEqual(['thin-cells 05-16/05-17/05-17', 'eggs 06-02/06-04/06-08']);
    expect(shut(state)).toEqual(['05-18..06-01']);
    expect(state.schedule.checks[0]?.programme).toEqual({ id: programme.id, unit: 'parent' });
  });

  it('gives the nuc its own check, and no first look besides', () => {
    const nuc = at(before)('nuc', '05-11');
    expect([nuc.queen.expected, checks(nuc)]).toEqual(['laying', ['nuc-settled 05-12/05-13/05-15']]);
  });

  it('moves every date when the kept cell is dated better', () => {
    const sealed = look('05-11', { eggs: 'not-looked-for', cells: [saw('a', 'sealed-fresh')] });
    const state = at([...before, sealed])('home', '05-11');
    // Closed on 11 May: laid no later than 4 May, so out by 21 May and eggs a day sooner.
    expect(checks(state)).toEqual(['thin-cells 05-16/05-17/05-17', 'eggs 06-01/06-03/06-07']);
    expect(state.schedule.checks.at(-1)?.key).toBe(at(before)('home', '05-10').schedule.checks.at(-1)?.key);
  });

  it('is thinned by a look in its window, or by the keeper saying so', () => {
    const searched = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed')] });
    expect(checks(at([...before, searched])('home', '05-16'))).toEqual(['eggs 06-02/06-04/06-08']);
    const answers = [anAnswer(programme.id, 'home', 'thin-cells', '2027-05-17', 'nothing-else')];
    expect(checks(at(before, { answers })('home', '05-17'))).toEqual(['eggs 06-02/06-04/06-08']);
  });

  it('leaves out the second thinning where the keeper chose so', () => {
    const programmes = [{ ...programme, secondThinning: false }];
    expect(checks(at(before, { programmes })('home', '05-10'))).toEqual(['eggs 06-02/06-04/06-08']);
  });

  it('falls back on emergency cells when the kept one is gone', () => {
    const gone = look('05-16', { eggs: 'none', cells: [saw('a', 'not-found')] });
    const state = at([...before, gone])('home', '05-16');
    expect(state.lastLook?.reading.reading).toBe('queen-missing');
    expect(checks(state)[0]).toMatch(/^act/);
  });

  it('is done once eggs are seen, whether at an inspection or in passing', () => {
    const answers = [anAnswer(programme.id, 'home', 'eggs', '2027-06-04', 'eggs')];
    const state = at(before, { answers })('home', '06-04');
    expect([state.queen.expected, shut(state)]).toEqual(['laying', []]);
    expect(checks(state)).toEqual(['look 06-08/06-10/06-11']);
    expect(state.schedule.checks[0]?.why).toContain('first full look');
  });

  it('asks for a test comb when there are none, and reads it', () => {
    const answers = [anAnswer(programme.id, 'home', 'eggs', '2027-06-08', 'no-eggs')];
    const none = at(before, { answers })('home', '06-08');
    expect(checks(none)).toEqual(['act 06-08/06-08/06-11']);
    expect(none.schedule.checks[0]?.order).toBe('Give a test comb');

    const comb = aProgramme({
      method: 'test-comb',
      on: day('2027-06-08'),
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    const given = at(before, { answers, programmes: [programme, comb] })('home', '06-08');
    expect(checks(given)).toEqual(['read-comb 06-11/06-12/06-13']);

    const read = (answer: string) => [...answers, anAnswer(comb.id, 'home', 'read-comb', '2027-06-12', answer)];
    const queenless = at(before, { answers: read('cells'), programmes: [programme, comb] })('home', '06-12');
    expect(checks(queenless)).toEqual(['thin-cells 06-14/06-15/06-16', 'eggs 07-06/07-08/07-12']);

    const late = at(before, { answers: read('no-cells'), programmes: [programme, comb] })('home', '06-12');
    expect(checks(late)).toEqual(['eggs 06-16/06-17/06-19']);
  });
});

describe('a bought queen instead of one that is raised', () => {
  const split = aProgramme({
    method: 'queen-split',
    buysQueen: true,
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'nuc', colonyId: 'nuc' },
    ],
  });
  const at = (shared: Partial<SharedFacts> = {}) =>
    yard(
      { home: { inspections: [look('05-10', { queen: 'seen' })] }, nuc: { startedOn: split.on } },
      { programmes: [split], ...shared },
    );

  it('is caged in a day after, with nothing to leave shut', () => {
    const state = at()('home', '05-10');
    expect([checks(state), shut(state)]).toEqual([['act 05-10/05-11/05-13'], []]);
    expect(state.schedule.checks[0]?.order).toBe('Cage the bought queen in');
    expect(checks(at()('nuc', '05-10'))).toEqual(['nuc-settled 05-12/05-13/05-15']);
  });

  it('is then followed as any caged queen', () => {
    const caged = aProgramme({
      method: 'requeen-mated',
      on: day('2027-05-11'),
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    expect(checks(at({ programmes: [split, caged] })('home', '05-11'))).toEqual([
      'released 05-14/05-14/05-16',
      'laying-check 05-18/05-18/05-23',
    ]);
  });
});

describe('a clipped queen that goes to another unit', () => {
  it('is clipped there too', () => {
    const programme = aProgramme({
      method: 'old-site-swarm',
      queenId: 'q',
      units: [
        { unit: 'parent', colonyId: 'home' },
        { unit: 'old-site', colonyId: 'swarm' },
      ],
    });
    const clipped = { id: 'e', queenId: 'q', on: day('2027-04-10'), kind: 'clipped' } as const;
    const at = yard(
      { home: { queenEvents: [clipped] }, swarm: { startedOn: programme.on } },
      { programmes: [programme] },
    );
    expect(at('swarm', '05-11').queen.clipped).toBe(true);
    expect(at('home', '05-11').queen.clipped).toBe(false);
  });
});

describe('an artificial swarm on the old site', () => {
  const programme = aProgramme({
    method: 'old-site-swarm',
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'old-site', colonyId: 'swarm' },
    ],
  });
  const at = (shared: Partial<SharedFacts> = {}) =>
    yard({ home: {}, swarm: { origin: 'split', startedOn: programme.on } }, { programmes: [programme], ...shared });

  it('moves the parent on the visit that thins it, and leaves neither out', () => {
    const both = ['thin-cells 05-16/05-17/05-18', 'move-parent 05-16/05-17/05-18', 'eggs 06-07/06-09/06-13'];
    expect(checks(at()('home', '05-12'))).toEqual(both);
    expect(checks(at()('swarm', '05-12'))).toEqual(['laying-check 05-16/05-17/05-18']);
    const answers = [anAnswer(programme.id, 'home', 'move-parent', '2027-05-17', 'moved')];
    expect(checks(at({ answers })('home', '05-17'))).toEqual([both[0], both[2]]);
  });
});

describe('a Demaree', () => {
  const programme = aProgramme({
    method: 'demaree',
    units: [
      { unit: 'bottom', colonyId: 'home' },
      { unit: 'top', colonyId: 'home' },
    ],
  });
  const cells = [cell('a'), cell('t', 'above')];
  const start = [look('05-10', { queen: 'seen', cells: [saw('a', 'larva-small')] })];
  const at = (inspections: InspectionFact[] = start, shared: Partial<SharedFacts> = {}) =>
    yard({ home: { cells, inspections } }, { programmes: [programme], ...shared });
  const later = ['supers-check 05-24/05-24/05-31', 'top-brood-gone 06-01/06-01/06-04'];

  it('answers the alarm it was started for, and asks for both boxes on the seventh day', () => {
    expect(checks(at()('home', '05-10'))).toEqual([
      'clear-top-cells 05-16/05-17/05-18',
      'bottom-check 05-16/05-17/05-18',
      ...later,
    ]);
  });

  it('takes cells above the excluder for what they are, and wants them down', () => {
    const seventh = look('05-17', { cells: [saw('t', 'sealed-fresh')] });
    const state = at([...start, seventh])('home', '05-17');
    expect(state.lastLook?.reading.reading).toBe('settled');
    expect(state.lastLook?.reading.because.map(({ code }) => code)).toContain('cells-above');
    expect(checks(state)[0]).toBe('clear-top-cells 05-17/05-17/05-18');
    const cleared = look('05-17', { cells: [saw('t', 'sealed-fresh', true)] });
    expect(checks(at([...start, cleared])('home', '05-17'))).toEqual(['look 05-22/05-23/05-24', ...later].sort());
  });

  it('gives way to a second round', () => {
    const again = aProgramme({ ...programme, id: 'again', on: day('2027-05-26') });
    const state = at(start, { programmes: [programme, again] })('home', '05-26');
    expect(state.followUps.filter(({ status }) => status === 'overtaken').map(({ code }) => code)).toEqual([
      'clear-top-cells',
      'bottom-check',
      'supers-check',
      'top-brood-gone',
    ]);
    expect(checks(state).map((words) => words.split(' ')[0])).toEqual([
      'clear-top-cells',
      'bottom-check',
      'supers-check',
      'top-brood-gone',
    ]);
  });
});

describe('a split of which nobody knows the queenless half', () => {
  const programme = aProgramme({
    method: 'walk-away',
    units: [
      { unit: 'queen-half', colonyId: 'home' },
      { unit: 'queenless-half', colonyId: 'new' },
    ],
  });
  const at = (home: InspectionFact[], fresh: InspectionFact[], shared: Partial<SharedFacts> = {}) =>
    yard(
      {
        home: { inspections: home },
        new: { origin: 'split', startedOn: programme.on, inspections: fresh, cells: [cell('a')] },
      },
      { programmes: [programme], ...shared },
    );
  const withCells = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed')] });

  it('asks the same of both, and shuts both before a virgin could be out', () => {
    for (const id of ['home', 'new']) {
      const state = at([], [])(id, '05-12');
      expect([checks(state), shut(state)]).toEqual([['which-half 05-15/05-16/05-17'], ['05-19..06-06']]);
    }
  });

  it('knows both halves by cells without eggs in one', () => {
    const known = at([], [withCells]);
    expect(known('new', '05-16').lastLook?.reading.reading).toBe('raising-queen');
    // Closed on 16 May, so laid by 9 May and out by 26 May.
    expect(checks(known('new', '05-16'))).toEqual(['eggs 06-06/06-08/06-12']);
    expect(known('home', '05-16').queen.expected).toBe('laying');
    expect(shut(known('home', '05-16'))).toEqual([]);
  });

  it('knows both by eggs in one, but not by eggs that were there before', () => {
    const early = at([look('05-13')], []);
    expect(checks(early('new', '05-13'))).toEqual(['which-half 05-15/05-16/05-17']);
    const told = at([look('05-14')], []);
    expect(checks(told('new', '05-14'))).toEqual(['thin-cells 05-16/05-17/05-18', 'eggs 06-07/06-09/06-13']);
    expect(told('home', '05-14').queen.expected).toBe('laying');
  });

  it('takes the keeper’s word', () => {
    const answers = [
      anAnswer(programme.id, 'home', 'which-half', '2027-05-16', 'known', { queenlessColonyId: 'home' }),
    ];
    const told = at([], [], { answers });
    expect(told('home', '05-16').queen.expected).toBe('none');
    expect(told('new', '05-16').queen.expected).toBe('laying');
  });

  it('has failed when neither has eggs or cells', () => {
    const nothing = look('05-16', { eggs: 'none' });
    const failed = at([nothing], [look('05-17', { eggs: 'none' })]);
    for (const id of ['home', 'new']) expect(checks(failed(id, '05-17'))[0]).toMatch(/^act 05-1/);
  });

  it('is saved by a bought queen', () => {
    const failed = look('06-13', { eggs: 'none', cells: [saw('a', 'not-found')] });
    const bought = aProgramme({
      method: 'requeen-mated',
      colonyId: 'new',
      on: day('2027-06-14'),
      units: [{ unit: 'hive', colonyId: 'new' }],
    });
    const programmes = [programme, bought];
    const caged = at([look('05-14')], [withCells, failed], { programmes });
    expect(checks(caged('new', '06-14'))).toEqual(['released 06-17/06-17/06-19', 'laying-check 06-21/06-21/06-26']);
    const answers = [anAnswer(bought.id, 'new', 'released', '2027-06-17', 'out')];
    const out = at([look('05-14')], [withCells, failed], { programmes, answers });
    expect(checks(out('new', '06-17'))).toEqual(['laying-check 06-21/06-21/06-26']);
    const laying = at([look('05-14')], [withCells, failed, look('06-22')], { programmes, answers });
    expect(laying('new', '06-22').queen.expected).toBe('laying');
    expect(checks(laying('new', '06-22'))).toEqual(['look 06-27/06-28/06-29']);
  });
});

describe('a cell given to another colony', () => {
  it('leaves the one, and dates the other’s programme', () => {
    const giving = [look('05-10', { cells: [saw('a', 'larva-large'), saw('b', 'larva-large')] })];
    const needing = [look('05-09', { eggs: 'none', youngest: 'none' })];
    const give = aProgramme({
      method: 'give-cell',
      colonyId: 'needy',
      units: [{ unit: 'hive', colonyId: 'needy' }],
      keptCellIds: ['b'],
    });
    const move = { id: 'm', cellId: 'b', toColonyId: 'needy', label: 'a', on: give.on, travel: 'cut-out' } as const;
    const at = yard(
      { home: { cells: [cell('a'), cell('b')], inspections: giving }, needy: { inspections: needing } },
      { programmes: [give], cellMoves: [move] },
    );
    const home = at('home', '05-10');
    expect(home.cells.map(({ cell: { id }, givenTo }) => [id, givenTo])).toEqual([
      ['a', null],
      ['b', 'needy'],
    ]);
    expect(home.liveCells.map(({ cell: { id } }) => id)).toEqual(['a']);
    const needy = at('needy', '05-10');
    expect(needy.cells.map(({ cell: { id, label } }) => [id, label])).toEqual([['b', 'a']]);
    // A fat larva is five to nine days old: laid 1 to 5 May, out 16 to 22 May.
    expect(checks(needy)).toEqual(['eggs 06-02/06-04/06-08']);
    expect(shut(needy)).toEqual(['05-16..06-01']);
  });
});

describe('the ways on where no queen came to lay', () => {
  it('are dated from today, each by its own biology', () => {
    const ways = waysOut(day('2027-06-10'), DEFAULT_SETTINGS);
    expect(ways.map(({ method, until: { from, to } }) => `${method} ${iso(from)}..${iso(to)}`)).toEqual([
      'test-comb 06-13..06-15',
      'requeen-mated 06-17..06-22',
      // A ripe cell is 13 to 17 days old: out today or within four days, laying 8 to 21 days after.
      'give-cell 06-18..07-05',
      // Eggs given today: out on day 9 to 17.
      'give-eggs 06-27..07-18',
      'unite 06-15..06-17',
    ]);
  });
});

describe('the list of cells', () => {
  const state = (facts: Partial<OwnFacts>) => yard({ home: facts }, {})('home', '05-12');
  const needy = state({ inspections: [look('05-12', { eggs: 'none', youngest: 'none' })] });
  const rich = state({
    cells: [cell('a'), cell('b')],
    inspections: [look('05-12', { cells: [saw('a', 'sealed-ripe'), saw('b', 'larva-large')] })],
  });

  it('names who needs one and what is to spare', () => {
    const standings = [
      { colonyId: 'needy', state: needy },
      { colonyId: 'rich', state: rich },
    ];
    expect(cellsWanted(standings)).toEqual([{ colonyId: 'needy', why: 'the queen may be gone' }]);
    expect(cellsToGive(standings).map((one) => [one.colonyId, one.cell.cell.id, one.travels])).toEqual([
      ['rich', 'a', 'ripe: travels well, or as a caged virgin'],
      ['rich', 'b', 'open: on its frame, upright and warm'],
    ]);
  });
});

describe('colonies united', () => {
  it('ends the one and checks the other', () => {
    const programme = aProgramme({
      method: 'unite',
      units: [
        { unit: 'joined', colonyId: 'home' },
        { unit: 'hive', colonyId: 'strong' },
      ],
    });
    const at = yard({ home: {}, strong: { inspections: [look('05-10')] } }, { programmes: [programme] });
    expect(at('home', '05-10').ended).toBe(true);
    expect(at('home', '05-09').ended).toBe(false);
    expect(checks(at('strong', '05-10'))).toEqual(['united 05-15/05-15/05-17']);
  });
});

describe('room given', () => {
  it('answers a want of room, and not the signs of swarming', () => {
    const programme = aProgramme({ method: 'pollen-bound', units: [{ unit: 'hive', colonyId: 'home' }] });
    const at = (over: Partial<InspectionFact>) =>
      checks(
        yard({ home: { cells: [cell('a')], inspections: [look('05-10', over)] } }, { programmes: [programme] })(
          'home',
          '05-10',
        ),
      );
    expect(at({ stores: 'pollen' })).toEqual(['look 05-15/05-16/05-17', 'space-check 05-17/05-17/05-24']);
    expect(at({ cells: [saw('a', 'larva-large')] })[0]).toMatch(/^act/);
  });

  it('is looked at again when it was not taken up', () => {
    const programme = aProgramme({ method: 'add-box', units: [{ unit: 'hive', colonyId: 'home' }] });
    const answers = [anAnswer(programme.id, 'home', 'space-check', '2027-05-18', 'not-yet')];
    const at = yard({ home: {} }, { programmes: [programme], answers });
    expect(checks(at('home', '05-18'))).toEqual(['space-check 05-23/05-25/05-27']);
  });
});

describe('a check that the keeper changed', () => {
  const programme = aProgramme({ method: 'demaree', units: [{ unit: 'bottom', colonyId: 'home' }] });
  const change = (kind: 'moved' | 'skipped' | 'as-it-was', at: string, to: string | null = null) => ({
    id: `${kind}${at}`,
    colonyId: 'home',
    key: `bottom-check:${programme.id}`,
    at: `2027-${at}T10:00`,
    on: day(`2027-${at}`),
    kind,
    to: to === null ? null : day(`2027-${to}`),
    reason: 'Rain',
  });
  const at = (...changes: ReturnType<typeof change>[]) =>
    yard({ home: {} }, { programmes: [programme], changes })('home', '05-12').schedule;

  it('is on its chosen day, or left out with the reason, or as it was; the latest counts', () => {
    expect(at(change('moved', '05-11', '05-18')).checks[0]).toMatchObject({ plannedFor: day('2027-05-18') });
    const skipped = at(change('moved', '05-11', '05-18'), change('skipped', '05-12'));
    expect(skipped.checks.map(({ code }) => code)).not.toContain('bottom-check');
    expect(skipped.skipped).toMatchObject([{ reason: 'Rain', check: { code: 'bottom-check' } }]);
    const back = at(change('as-it-was', '05-12'), change('skipped', '05-11'));
    expect(back.checks[0]).toMatchObject({ code: 'bottom-check', plannedFor: null });
  });
});
