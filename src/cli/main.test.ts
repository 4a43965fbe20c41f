import { describe, expect, it } from 'vitest';
import { answer } from './main';

const ask = (args: string[], input: unknown) => answer(args, typeof input === 'string' ? input : JSON.stringify(input));
const faults = async (args: string[], input: unknown) => {
  const result = await ask(args, input);
  return result.ok ? 'accepted' : result.issues.map(({ code, path }) => [code, path.join('.')]);
};
const read = {
  on: '2027-05-10',
  inspection: {
    eggs: 'seen',
    queenSeen: false,
    youngest: null,
    cells: [],
    droneBroodInWorkerCells: false,
    severalEggsPerCell: false,
    layingRoomDays: null,
    bound: false,
  },
  context: { queenExpected: 'laying' },
};

describe('the command line', () => {
  it('dates cells', async () => {
    const observations = [
      { cell: 'b', on: '2027-05-10', stage: 'larva-large' },
      { cell: 'a', on: '2027-05-10', stage: 'cup-dry' },
    ];
    expect(await ask(['date-cells'], { observations })).toEqual({
      ok: true,
      value: {
        cells: [
          {
            cell: 'b',
            status: 'live',
            laid: { from: '2027-05-01', to: '2027-05-05' },
            sealing: { earliest: '2027-05-10', likelyFrom: '2027-05-10', likelyTo: '2027-05-13', latest: '2027-05-14' },
            emergence: {
              earliest: '2027-05-16',
              likelyFrom: '2027-05-17',
              likelyTo: '2027-05-21',
              latest: '2027-05-22',
            },
            conflict: null,
          },
          { cell: 'a', status: 'dry', laid: null, sealing: null, emergence: null, conflict: null },
        ],
        colony: { firstSealing: '2027-05-10', firstEmergence: '2027-05-16', lastEmergence: '2027-05-22' },
      },
    });
  });

  it('reads weather: the day, its night, virgins and swarms', async () => {
    const hours = [9, 10].map((of) => ({
      at: `2027-05-10T${of === 9 ? '09' : of}:00`,
      tempC: 15.5,
      rainMm: 0,
      windMs: 1,
    }));
    const ask1 = (over: object = {}) => ({ hours, asOf: '2027-05-10T08:30', ...over });
    expect(await ask(['weather'], ask1({ virgins: [{ id: 'v', flightsFrom: '2027-05-12' }] }))).toEqual({
      ok: true,
      value: {
        days: [
          {
            on: '2027-05-10',
            fit: 'open',
            open: [{ from: '09:00', to: '11:00' }],
            flightHours: 0,
            nightLowC: null,
            nightHours: 0,
          },
        ],
        coldestOfNextFive: null,
        nightsKnown: 0,
        virgins: [{ id: 'v', goodSoFar: 0, goodForecast: 0 }],
        swarmWeather: [],
      },
    });
    expect(await faults(['weather', '--on', '2027-05-10'], ask1())).toEqual([['unknown-option', '--on']]);
    expect(await faults(['weather'], ask1({ hours: [...hours, hours[0]] }))).toEqual([
      ['duplicate-minute', 'hours.2.at'],
    ]);
    const half = { ...hours[0], at: '2027-05-10T09:30' };
    expect(await faults(['weather'], ask1({ hours: [half] }))).toEqual([['out-of-range', 'hours.0.at']]);
    expect(await faults(['weather'], ask1({ hours: [] }))).toEqual([['out-of-range', 'hours']]);
  });

  it('reads a hive scale: gains, steps, visits, swarms and flows', async () => {
    const readings = [
      { at: '2027-05-10T12:00', kg: 40 },
      { at: '2027-05-10T12:10', kg: 37.5 },
    ];
    expect(await ask(['scale'], { readings })).toEqual({
      ok: true,
      value: {
        days: [{ on: '2027-05-10', gainKg: null }],
        steps: [{ at: '2027-05-10T12:10', kg: -2.5 }],
        visits: [],
        possibleSwarms: [{ at: '2027-05-10T12:10', kg: -2.5, returned: false }],
        flow: [],
      },
    });
    const visits = [{ from: '2027-05-10T12:05', to: '2027-05-10T12:20' }];
    expect(await ask(['scale'], { readings, visits })).toMatchObject({
      value: { steps: [], visits: [{ from: '2027-05-10T12:05', kg: -2.5 }] },
    });
    expect(await faults(['scale', '--on', '2027-05-09'], { readings })).toEqual([
      ['in-the-future', 'readings.0.at'],
      ['in-the-future', 'readings.1.at'],
    ]);
    expect(await faults(['scale'], { readings: [...readings, readings[1]] })).toEqual([
      ['duplicate-minute', 'readings.2.at'],
    ]);
    const backwards = [{ from: '2027-05-10T12:05', to: '2027-05-10T12:00' }];
    expect(await faults(['scale'], { readings, visits: backwards })).toEqual([['contradiction', 'visits.0.to']]);
  });

  it('answers the other commands', async () => {
    expect(await ask(['brood'], { on: '2027-05-20', youngest: 'eggs', eggsLookedFor: true })).toEqual({
      ok: true,
      value: { lastLaid: { from: '2027-05-17', to: '2027-05-20' }, conflict: false },
    });
    const look = { on: '2027-05-01', thoroughness: 'tip-up', cellsRemoved: false, clipped: false };
    expect(await ask(['next-inspection'], look)).toEqual({
      ok: true,
      value: { ideal: '2027-05-02', latest: '2027-05-03', hiddenAge: null },
    });
    const result = await ask(['read', '--on', '2027-05-10'], read);
    expect(result).toMatchObject({ ok: true, value: { reading: 'settled', actBy: null, cause: null } });
  });

  it('names what is wrong and where', async () => {
    const observation = { cell: 'a', on: '2027-05-10', stage: 'egg' };
    for (const text of ['', 'on: 2027-05-01', '{', '{"on":'])
      expect(await faults(['date-cells'], text)).toEqual([['not-json', '']]);
    expect(await faults(['dance'], {})).toEqual([['unknown-command', '']]);
    expect(await faults(['toString'], {})).toEqual([['unknown-command', '']]);
    expect(await faults(['brood', '--in', 'x'], {})).toEqual([['unknown-option', '']]);
    expect(await faults(['brood', '--on', '2027-02-30'], {})).toEqual([['not-a-date', '--on']]);
    expect(await faults(['date-cells'], { observations: [{ ...observation, on: '2027-02-30' }] })).toEqual([
      ['not-a-date', 'observations.0.on'],
    ]);
    expect(await faults(['date-cells'], { observations: [{ ...observation, size: 3 }], more: 1 })).toEqual([
      ['unknown-property', 'observations.0.size'],
      ['unknown-property', 'more'],
    ]);
    expect(await faults(['date-cells'], { observations: [observation, { ...observation, stage: 'sealed' }] })).toEqual([
      ['duplicate-observation', 'observations.1.on'],
    ]);
    const removed = { cell: 'a', on: '2027-05-09', stage: 'removed' };
    expect(await faults(['date-cells'], { observations: [observation, removed] })).toEqual([
      ['after-removed', 'observations.0.on'],
    ]);
    expect(await faults(['date-cells', '--on', '2027-05-09'], { observations: [observation] })).toEqual([
      ['in-the-future', 'observations.0.on'],
    ]);
    expect(await faults(['date-cells'], {})).toEqual([['missing', 'observations']]);
    expect(await faults(['date-cells'], { observations: [{ ...observation, stage: 'fried' }] })).toEqual([
      ['not-one-of', 'observations.0.stage'],
    ]);
  });

  it('refuses counts out of range and eggs that contradict the brood', async () => {
    const withCells = (count: unknown) => ({
      ...read,
      inspection: { ...read.inspection, cells: [{ stage: 'egg', count, place: 'face' }] },
    });
    for (const count of [0, -1, 201, 10_000]) {
      expect(await faults(['read'], withCells(count))).toEqual([['out-of-range', 'inspection.cells.0.count']]);
    }
    expect(await faults(['read'], withCells(1.5))).toEqual([['wrong-type', 'inspection.cells.0.count']]);
    for (const [eggs, youngest] of [
      ['seen', 'sealed'],
      ['none', 'eggs'],
    ]) {
      const inspection = { ...read.inspection, eggs, youngest };
      expect(await faults(['read'], { ...read, inspection })).toEqual([['contradiction', 'inspection.youngest']]);
    }
  });

  it('lets a date that is already due lie ahead of the day it is asked', async () => {
    const look = { on: '2027-05-01', thoroughness: 'tip-up', cellsRemoved: false, clipped: false };
    expect(await faults(['next-inspection', '--on', '2027-05-01'], { ...look, alreadyDue: '2027-05-09' })).toBe(
      'accepted',
    );
  });

  it('plans a method, and refuses a choice that the method has no use for', async () => {
    const result = await ask(['plan'], { method: 'unite', on: '2027-05-10' });
    expect(result).toMatchObject({
      ok: true,
      value: {
        checks: [
          {
            unit: 'hive',
            code: 'united',
            window: { earliest: '2027-05-15', ideal: '2027-05-15', latest: '2027-05-17' },
          },
        ],
        leaveShut: [],
        emergence: null,
        eggsBy: null,
      },
    });
    const plan = (method: string, more: object = {}) => faults(['plan'], { method, on: '2027-05-10', ...more });
    expect(await plan('unite', { swarm: 'cast' })).toEqual([['not-for-this-method', 'swarm']]);
    expect(await plan('demaree', { secondThinning: false })).toEqual([['not-for-this-method', 'secondThinning']]);
    expect(await plan('after-swarm')).toEqual([['missing', 'keptCells']]);
    expect(await plan('after-swarm', { keptCells: [] })).toEqual([['missing', 'keptCells']]);
    expect(await plan('dance')).toEqual([['not-one-of', 'method']]);
    const backwards = [{ laid: { from: '2027-05-05', to: '2027-05-01' } }];
    expect(await plan('nuc-swarm', { keptCells: backwards })).toEqual([['contradiction', 'keptCells.0.laid.to']]);
  });

  describe('plans rounds', () => {
    const days = [16, 17, 18].map((of) => ({ on: `2027-05-${of}`, fit: of === 17 ? 'shut' : 'open', freeMinutes: 60 }));
    const window = (earliest: number, latest: number) => ({
      earliest: `2027-05-${earliest}`,
      ideal: `2027-05-${latest}`,
      latest: `2027-05-${latest}`,
    });
    const check = (id: string, earliest: number, latest: number) => ({
      id,
      apiary: 'garden',
      window: window(earliest, latest),
      minutes: 15,
      opens: true,
      weight: 10,
    });
    const asked = {
      days,
      apiaries: [{ id: 'garden', wayMinutes: 20 }],
      checks: [check('a', 16, 18), check('b', 17, 17)],
    };

    it('by day, with what is left undone and why', async () => {
      expect(await ask(['visits'], asked)).toEqual({
        ok: true,
        value: {
          rounds: [{ on: '2027-05-18', apiary: 'garden', checks: ['a'], minutes: 35 }],
          unmet: [{ id: 'b', why: 'no-fit-day', leastBad: '2027-05-18' }],
          cost: { unmetWeight: 10, lastDay: 0, wayMinutes: 20, rounds: 1, daysOff: 0 },
          optimal: true,
        },
      });
    });

    it('and refuses what does not fit together, by name', async () => {
      const of = (over: object) => faults(['visits'], { ...asked, ...over });
      expect(await of({ days: [days[0], days[2]] })).toEqual([['contradiction', 'days.1.on']]);
      expect(await of({ checks: [check('a', 16, 18), check('a', 16, 18)] })).toEqual([['duplicate-id', 'checks.1.id']]);
      expect(await of({ checks: [{ ...check('a', 18, 16) }] })).toEqual([['contradiction', 'checks.0.window']]);
      expect(await of({ apiaries: [] })).toEqual([
        ['unknown-reference', 'checks.0.apiary'],
        ['unknown-reference', 'checks.1.apiary'],
      ]);
      expect(await of({ pinned: [{ on: '2027-05-20', apiary: 'roof' }] })).toEqual([
        ['unknown-reference', 'pinned.0.on'],
        ['unknown-reference', 'pinned.0.apiary'],
      ]);
      const pin = { on: '2027-05-16', apiary: 'garden' };
      expect(await of({ pinned: [pin, pin] })).toEqual([['duplicate-id', 'pinned.1']]);
      expect(
        await of({
          together: [
            ['a', 'a'],
            ['a', 'c'],
          ],
        }),
      ).toEqual([
        ['contradiction', 'together.0'],
        ['unknown-reference', 'together.1.1'],
      ]);
      expect(await faults(['visits', '--on', '2027-05-16'], asked)).toEqual([['unknown-option', '--on']]);
    });
  });
  describe('choices', () => {
    const asked = {
      on: '2027-05-16',
      reading: 'preparing',
      colony: {
        broodFrames: 8,
        coveredSeams: 10,
        queenFound: 'today',
        eggs: 'seen',
        cells: { count: 4, oldest: 'larva' },
        earliestEmergence: '2027-05-26',
        earliestSealing: '2027-05-18',
        broodBoxes: 1,
        supers: 1,
        coveredTenths: null,
        fullestSuperTenths: 3,
        bound: 'none',
        clipped: false,
        layingWorkers: false,
        leaveShutTo: null,
        cause: 'swarm',
        eggsOverdue: false,
        testFrame: 'none',
        virgin: 'no',
        broodYoung: true,
      },
      place: {
        drones: 'flying',
        coldestOfNextFive: 9,
        flow: null,
        season: 'swarm',
        secondStand: true,
        otherColonies: 3,
      },
      wanted: 'nothing',
      kit: ['brood-box', 'foundation', 'floor', 'roof', 'crown-board'],
    };

    it('names one first, others with when, the rest with why, and what is missing with what stands in for it', async () => {
      const answered = (await ask(['choices'], asked)) as { value: Record<string, unknown> };
      expect(answered.value).toMatchObject({
        first: 'nuc-swarm',
        others: [{ choice: 'old-site-swarm', when: 'with-a-second-hive' }],
        missing: expect.arrayContaining([{ choice: 'nuc-swarm', thing: 'nuc-box', standIn: 'brood-box-with-dummy' }]),
        because: expect.arrayContaining([{ code: 'queen-found', text: 'The queen was found today' }]),
      });
    });

    it('refuses what cannot be by name', async () => {
      const of = (over: object) => faults(['choices'], { ...asked, ...over });
      expect(await of({ reading: 'fine' })).toEqual([['not-one-of', 'reading']]);
      const noCells = { ...asked.colony, cells: { count: 0, oldest: 'larva' } };
      expect(await of({ colony: noCells })).toEqual([['invalid', 'colony.cells']]);
      expect(await of({ place: { ...asked.place, flow: { from: '2027-06-20', to: '2027-06-01' } } })).toEqual([
        ['invalid', 'place.flow'],
      ]);
    });
  });

  describe('what-if', () => {
    const asked = {
      from: '2027-05-10',
      days: 60,
      seed: 7,
      runs: 50,
      season: { from: '2027-04-20', to: '2027-07-10' },
      colony: {
        bees: 24_000,
        eggs: 4500,
        larvae: 9000,
        sealed: 17_000,
        freeCells: 10_000,
        storeCells: 14_500,
        honeyKg: 12.5,
        queen: { layingPerDay: 1500, year: 2 },
        oldestCellLaid: { from: '2027-05-04', to: '2027-05-05' },
      },
      flow: [{ from: '2027-05-10', to: '2027-06-10', kgPerDay: 1.2 }],
      choices: [
        { choice: 'nothing', on: '2027-05-10', giveRoom: false },
        { choice: 'nuc-swarm', on: '2027-05-11', giveRoom: true },
        { choice: 'walk-away', on: '2027-05-11', giveRoom: true, buysQueen: true },
      ],
    };

    it('compares choices under the same luck', async () => {
      const answered = (await ask(['what-if'], asked)) as { value: { choices: Record<string, never>[] } };
      const [nothing, nuc, split] = answered.value.choices;
      expect(nothing).toMatchObject({ choice: 'nothing', swarmLost: 1, firstEggs: null, visits: 0 });
      expect(nuc).toMatchObject({ choice: 'nuc-swarm', swarmLost: 0, visits: 4, layingColonies: { p90: 2 } });
      const { adults, honeyKg } = nothing as unknown as { [k: string]: { [q: string]: number[] } };
      expect([adults?.p10?.length, adults?.p50?.[0], honeyKg?.p90?.[0]]).toEqual([61, 24_000, 12.5]);
      const eggs = (split as unknown as { firstEggs: { p10: string; p50: string } }).firstEggs;
      expect(eggs.p10 >= '2027-05-17' && eggs.p50 <= '2027-05-20').toBe(true);
    });

    it('says what does not fit', async () => {
      const of = (over: object) => faults(['what-if'], { ...asked, ...over });
      const [nothing] = asked.choices;
      expect(await of({ season: { from: '2027-07-10', to: '2027-04-20' } })).toEqual([['contradiction', 'season']]);
      expect(await of({ choices: [{ ...nothing, on: '2027-07-09' }] })).toEqual([['out-of-range', 'choices.0.on']]);
      expect(await of({ choices: [{ ...nothing, buysQueen: true }] })).toEqual([
        ['not-for-this-method', 'choices.0.buysQueen'],
      ]);
      expect(await of({ choices: [{ ...nothing, choice: 'add-super' }] })).toEqual([
        ['not-one-of', 'choices.0.choice'],
      ]);
      expect(
        await of({ colony: { ...asked.colony, oldestCellLaid: { from: '2027-05-04', to: '2027-05-11' } } }),
      ).toEqual([['contradiction', 'colony.oldestCellLaid.to']]);
      expect(await of({ runs: 2001 })).toEqual([['out-of-range', 'runs']]);
      expect(await faults(['what-if', '--on', '2027-05-16'], asked)).toEqual([['unknown-option', '--on']]);
    });
  });
});
