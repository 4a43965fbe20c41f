import { describe, expect, it } from 'vitest';
import { ask, faults } from './testing';

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

    it('by day, with what is late and why', async () => {
      expect(await ask(['visits'], asked)).toEqual({
        ok: true,
        value: {
          rounds: [{ on: '2027-05-18', apiary: 'garden', checks: ['a', 'b'], minutes: 30 }],
          late: [{ id: 'b', why: 'no-fit-day', on: '2027-05-18' }],
          days: [{ on: '2027-05-18', road: 20, work: 30 }],
          cost: { heavy: 0, lastDay: 0, light: 10, minutes: 140, rounds: 1, daysOff: 1 },
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
});
