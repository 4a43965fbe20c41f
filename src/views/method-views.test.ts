import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { assembleFacts, type OwnFacts } from '../core/colony/assemble';
import type { ColonyFacts, InspectionFact } from '../core/colony/facts';
import { fitFactsOf } from '../core/colony/fit-facts';
import { aColony, inspection } from '../core/colony/testing';
import { methodNamed } from '../core/methods/methods';
import { anAnswer, aProgramme } from '../core/programmes/testing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { previewStart, type StartChoices } from '../core/starts/preview';
import { foldColony } from '../core/state/fold';
import { cellsView, needyColonies, spareCells } from './cells-view';
import { colonyView } from './colony-view';
import { decideView } from './decide-view';
import { planPreview } from './plan-preview';
import { programmeView } from './programme-view';
import { startView } from './start-view';
import { aStandingColony } from './testing';

const TODAY = day('2027-05-10');
const cell = (id: string) => ({ id, label: id, place: 'bottom', box: null, frame: null, part: null }) as const;
const charged: Partial<ColonyFacts> = {
  cells: [cell('a'), cell('b')],
  inspections: [
    inspection({ at: '2027-05-03T12:00' }),
    inspection({
      at: '2027-05-10T12:00',
      queen: 'seen',
      broodFrames: 8,
      coveredSeams: 10,
      drones: 'flying',
      cells: [
        { cellId: 'a', found: 'larva-small', takenDown: false },
        { cellId: 'b', found: 'larva-large', takenDown: false },
      ],
    }),
  ],
};
const needy: Partial<ColonyFacts> = {
  inspections: [inspection({ at: '2027-05-10T12:00', eggs: 'none', youngest: 'none' })],
};
const clover = aStandingColony('Clover', charged, '2027-05-10');
const thyme = aStandingColony('Thyme', needy, '2027-05-10');
const yard = { apiaries: [clover.apiary], colonies: [clover, thyme], settings: DEFAULT_SETTINGS };

describe('deciding', () => {
  const view = decideView(clover.state, aColony(charged), fitFactsOf(clover.state, null), DEFAULT_SETTINGS);
  const all = [...view.fits, ...view.wouldFit, ...view.doesNotFit];

  it('hides no method, and gives each its reason', () => {
    expect(all).toHaveLength(21);
    for (const { fit } of view.wouldFit) expect(fit.kind === 'would-fit' && fit.missing.length).toBeTruthy();
    for (const { fit } of view.doesNotFit) expect(fit.kind === 'does-not-fit' && fit.because).toBeTruthy();
    expect(view.fits.map(({ name }) => name)).toContain('nuc-swarm');
    expect(view.wouldFit.map(({ name }) => name)).toContain('demaree');
  });

  it('tells those that need the queen from those that do not, once she is not found', () => {
    const unseen = {
      ...charged,
      inspections: [inspection({ at: '2027-05-10T12:00', broodFrames: 8, drones: 'flying' })],
    };
    const state = foldColony(aColony(unseen), DEFAULT_SETTINGS, TODAY);
    const hidden = decideView(state, aColony(unseen), fitFactsOf(state, null), DEFAULT_SETTINGS);
    expect(hidden.withoutQueen).toMatch(/^Without finding the queen: .*Walk-away split/);
    expect(view.withoutQueen).toBeNull();
  });

  it('reckons each with the cell that is best kept', () => {
    const nuc = all.find(({ name }) => name === 'nuc-swarm');
    // Cell b, laid 3 to 5 May: out 18 to 22 May.
    expect(nuc?.laying).toEqual('A young queen may lay 26 May to 12 Jun.');
    expect(nuc?.visits).toEqual('3 visits after it.');
    expect(all.find(({ name }) => name === 'requeen-mated')?.laying).toEqual('The bought queen lays 17 to 22 May.');
    expect(all.find(({ name }) => name === 'demaree')?.laying).toEqual('The old queen goes on laying.');
  });
});

describe('starting', () => {
  const start = (method: 'nuc-swarm' | 'give-cell' | 'unite' | 'old-site-swarm') =>
    startView(method, clover.colony, clover.state, { kind: 'fits', warnings: [] }, yard);

  it('proposes the cell to keep, a free name, and who needs a cell', () => {
    expect(start('nuc-swarm')).toMatchObject({
      suggestedCells: ['b'],
      newName: 'Clover nuc',
      mayBuy: true,
      needy: [{ id: 'Thyme', name: 'Thyme', why: 'the queen may be gone' }],
    });
    const taken = { ...yard, colonies: [...yard.colonies, aStandingColony('Clover swarm', {}, '2027-05-10')] };
    const again = startView('old-site-swarm', clover.colony, clover.state, { kind: 'fits', warnings: [] }, taken);
    expect(again.newName).toEqual('Clover swarm 2');
  });

  it('keeps two cells where the keeper has set so', () => {
    const settings = { ...DEFAULT_SETTINGS, cellsKept: 2 };
    const two = startView(
      'nuc-swarm',
      clover.colony,
      clover.state,
      { kind: 'fits', warnings: [] },
      { ...yard, settings },
    );
    expect(two.suggestedCells).toEqual(['b', 'a']);
  });

  it('asks for what its method needs and no more', () => {
    expect(start('unite').others.map(({ name }) => name)).toEqual(['Thyme']);
    expect(start('nuc-swarm').others).toEqual([]);
    expect(start('give-cell')).toMatchObject({ cells: [], asksCells: false, newName: null });
  });
});

describe('the preview', () => {
  const preview = (over: Partial<StartChoices> = {}) => {
    const choices: StartChoices = {
      on: TODAY,
      to: null,
      secondThinning: true,
      onlySealedBroodUp: false,
      queenShakenDown: false,
      buysQueen: false,
      turnsDaily: false,
      keptCellIds: [],
      givenCellIds: [],
      gift: null,
      ...over,
    };
    const method = methodNamed('queen-split');
    const plan = previewStart(aColony({ inspections: [] }), method, choices, DEFAULT_SETTINGS);
    return planPreview(method, plan, choices, DEFAULT_SETTINGS);
  };
  const lines = (over: Partial<StartChoices>) => preview(over).lines.map(({ best, what }) => `${best} ${what}`);

  it('names every date and its window, and the days to leave shut', () => {
    expect(lines({})).toEqual([
      'Thu 13 May nuc: settled? (any day 12 to 15 May)',
      'Mon 17 May parent: thin cells (any day 16 to 18 May)',
      'Wed 19 May parent: leave shut, last day Sun 6 Jun',
      'Wed 9 Jun parent: eggs? (any day 7 to 13 Jun)',
    ]);
  });

  it('has a bought queen caged in the day after', () => {
    expect(lines({ buysQueen: true })).toEqual([
      'Tue 11 May parent: cage the bought queen in (any day 10 to 13 May)',
      'Thu 13 May nuc: settled? (any day 12 to 15 May)',
      'Fri 14 May parent: is she out? (any day 14 to 16 May)',
      'Tue 18 May parent: laying? (any day 18 to 23 May)',
    ]);
  });

  it('ends with how it can come out', () => {
    const { outcomes } = preview();
    expect(outcomes[0]).toEqual({ sign: 'Eggs seen: done', when: '7 to 13 Jun', next: [] });
    expect(outcomes[1]?.next).toContain('Requeen with a bought mated queen: a queen lays 20 to 25 Jun');
  });
});

describe('a running programme', () => {
  const programme = aProgramme({
    method: 'walk-away',
    units: [
      { unit: 'queen-half', colonyId: 'home' },
      { unit: 'queenless-half', colonyId: 'new' },
    ],
  });
  const view = (
    today: string,
    home: InspectionFact[] = [],
    fresh: InspectionFact[] = [],
    answers = [] as ReturnType<typeof anAnswer>[],
  ) => {
    const own: Record<string, Partial<OwnFacts>> = {
      home: { inspections: home },
      new: { startedOn: programme.on, origin: 'split', inspections: fresh, cells: [cell('a')] },
    };
    const facts = assembleFacts(new Map(Object.entries(own).map(([id, one]) => [id, aColony(one)])), {
      programmes: [programme],
      answers,
      changes: [],
      cellMoves: [],
    });
    const members = ['home', 'new'].map((id) => ({
      colonyId: id,
      name: id,
      apiary: 'Orchard',
      stand: '',
      state: foldColony(facts.get(id) as ColonyFacts, DEFAULT_SETTINGS, day(today)),
    }));
    return programmeView(programme, members, new Set([0]), DEFAULT_SETTINGS, day(today));
  };
  const found = inspection({
    at: '2027-05-16T12:00',
    eggs: 'none',
    cells: [{ cellId: 'a', found: 'sealed', takenDown: false }],
  });

  it('says of the halves only what is known', () => {
    expect(view('2027-05-12').units.map(({ unit }) => unit)).toEqual(['one half', 'one half']);
    expect(view('2027-05-16', [], [found]).units.map(({ unit }) => unit)).toEqual(['queen’s half', 'queenless half']);
  });

  it('counts its days, ticks its steps and offers nothing while all goes well', () => {
    const running = view('2027-05-12');
    expect(running).toMatchObject({ begun: 'Started Mon 10 May, day 2', status: 'In progress.', waysOut: null });
    expect(running.steps.map(({ isDone }) => isDone)).toEqual([true, false, false]);
    expect(running.units[0]?.halves.map(({ id }) => id)).toEqual(['home', 'new']);
  });

  it('tells the story: what answered, what moved and why', () => {
    const answers = [anAnswer(programme.id, 'new', 'which-half', '2027-05-16', 'known', { queenlessColonyId: 'new' })];
    const { story } = view('2027-05-17', [], [found], answers);
    expect(story.map(({ words }) => words)).toContain(
      'new, which half? Cells in one half, eggs in the other: new has no queen',
    );
    expect(story.some(({ words }) => /^new, Look for eggs: now .*, after the inspection of 16 May$/.test(words))).toBe(
      true,
    );
    expect(story.find(({ answerId }) => answerId !== null)?.answerId).toBe(answers[0]?.id);
  });

  it('offers the ways on once no eggs have come, each with what it costs', () => {
    const answers = [
      anAnswer(programme.id, 'new', 'which-half', '2027-05-16', 'known', { queenlessColonyId: 'new' }),
      anAnswer(programme.id, 'new', 'eggs', '2027-06-13', 'no-eggs'),
    ];
    const failed = view('2027-06-13', [], [], answers);
    expect(failed.status).toEqual('No laying queen yet. Choose what to do next.');
    expect(failed.waysOut).toMatchObject({ colonyId: 'new' });
    expect(failed.waysOut?.ways.map(({ cost }) => cost)).toContain('7 to 12 days until a queen lays (20 to 25 Jun)');
  });
});

describe('cells between colonies', () => {
  it('names who needs one, and what can be spared', () => {
    expect(needyColonies(yard).map(({ name }) => name)).toEqual(['Thyme']);
    expect(needyColonies(yard, 'Thyme')).toEqual([]);
    expect(spareCells(yard).map(({ label, out }) => `${label} ${out}`)).toEqual(['b 18 to 22 May', 'a 20 to 24 May']);
  });

  it('gives none away where brood disease is suspected, and says so', () => {
    const suspected = {
      ...yard,
      colonies: yard.colonies.map((one) => ({
        ...one,
        apiary: { ...one.apiary, diseaseSuspectedSince: '2027-05-10' },
      })),
    };
    expect(spareCells(suspected)).toEqual([]);
    expect(cellsView(suspected).heldBack).toHaveLength(1);
    expect(cellsView(yard).heldBack).toEqual([]);
  });

  it('says where a given cell went', () => {
    const facts: Partial<ColonyFacts> = {
      ...charged,
      departures: [{ id: 'm', at: null, on: TODAY, cellId: 'b', toColonyId: 'Thyme' }],
    };
    const view = colonyView(foldColony(aColony(facts), DEFAULT_SETTINGS, TODAY), (id) => id);
    expect(view.cells.find(({ label }) => label === 'b')).toMatchObject({
      stage: 'given to Thyme as charged (large larva)',
      isOver: true,
    });
  });
});
