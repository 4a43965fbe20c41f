import { describe, expect, it } from 'vitest';
import { answer } from './main';

const ask = (args: string[], input: unknown) => answer(args, typeof input === 'string' ? input : JSON.stringify(input));
const faults = (args: string[], input: unknown) => {
  const result = ask(args, input);
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
  it('dates cells', () => {
    const observations = [
      { cell: 'b', on: '2027-05-10', stage: 'larva-large' },
      { cell: 'a', on: '2027-05-10', stage: 'cup-dry' },
    ];
    expect(ask(['date-cells'], { observations })).toEqual({
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

  it('reads weather: the day, its night, virgins and swarms', () => {
    const hours = [9, 10].map((of) => ({
      at: `2027-05-10T${of === 9 ? '09' : of}:00`,
      tempC: 15.5,
      rainMm: 0,
      windMs: 1,
    }));
    const ask1 = (over: object = {}) => ({ hours, asOf: '2027-05-10T08:30', ...over });
    expect(ask(['weather'], ask1({ virgins: [{ id: 'v', flightsFrom: '2027-05-12' }] }))).toEqual({
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
    expect(faults(['weather', '--on', '2027-05-10'], ask1())).toEqual([['unknown-option', '--on']]);
    expect(faults(['weather'], ask1({ hours: [...hours, hours[0]] }))).toEqual([['duplicate-minute', 'hours.2.at']]);
    const half = { ...hours[0], at: '2027-05-10T09:30' };
    expect(faults(['weather'], ask1({ hours: [half] }))).toEqual([['out-of-range', 'hours.0.at']]);
    expect(faults(['weather'], ask1({ hours: [] }))).toEqual([['out-of-range', 'hours']]);
  });

  it('reads a hive scale: gains, steps, visits, swarms and flows', () => {
    const readings = [
      { at: '2027-05-10T12:00', kg: 40 },
      { at: '2027-05-10T12:10', kg: 37.5 },
    ];
    expect(ask(['scale'], { readings })).toEqual({
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
    expect(ask(['scale'], { readings, visits })).toMatchObject({
      value: { steps: [], visits: [{ from: '2027-05-10T12:05', kg: -2.5 }] },
    });
    expect(faults(['scale', '--on', '2027-05-09'], { readings })).toEqual([
      ['in-the-future', 'readings.0.at'],
      ['in-the-future', 'readings.1.at'],
    ]);
    expect(faults(['scale'], { readings: [...readings, readings[1]] })).toEqual([
      ['duplicate-minute', 'readings.2.at'],
    ]);
    const backwards = [{ from: '2027-05-10T12:05', to: '2027-05-10T12:00' }];
    expect(faults(['scale'], { readings, visits: backwards })).toEqual([['contradiction', 'visits.0.to']]);
  });

  it('answers the other commands', () => {
    expect(ask(['brood'], { on: '2027-05-20', youngest: 'eggs', eggsLookedFor: true })).toEqual({
      ok: true,
      value: { lastLaid: { from: '2027-05-17', to: '2027-05-20' }, conflict: false },
    });
    const look = { on: '2027-05-01', thoroughness: 'tip-up', cellsRemoved: false, clipped: false };
    expect(ask(['next-inspection'], look)).toEqual({
      ok: true,
      value: { ideal: '2027-05-02', latest: '2027-05-03', hiddenAge: null },
    });
    const result = ask(['read', '--on', '2027-05-10'], read);
    expect(result).toMatchObject({ ok: true, value: { reading: 'settled', actBy: null, cause: null } });
  });

  it('names what is wrong and where', () => {
    const observation = { cell: 'a', on: '2027-05-10', stage: 'egg' };
    expect(faults(['date-cells'], '{')).toEqual([['not-json', '']]);
    expect(faults(['dance'], {})).toEqual([['unknown-command', '']]);
    expect(faults(['toString'], {})).toEqual([['unknown-command', '']]);
    expect(faults(['brood', '--in', 'x'], {})).toEqual([['unknown-option', '']]);
    expect(faults(['brood', '--on', '2027-02-30'], {})).toEqual([['not-a-date', '--on']]);
    expect(faults(['date-cells'], { observations: [{ ...observation, on: '2027-02-30' }] })).toEqual([
      ['not-a-date', 'observations.0.on'],
    ]);
    expect(faults(['date-cells'], { observations: [{ ...observation, size: 3 }], more: 1 })).toEqual([
      ['unknown-property', 'observations.0.size'],
      ['unknown-property', 'more'],
    ]);
    expect(faults(['date-cells'], { observations: [observation, { ...observation, stage: 'sealed' }] })).toEqual([
      ['duplicate-observation', 'observations.1.on'],
    ]);
    const removed = { cell: 'a', on: '2027-05-09', stage: 'removed' };
    expect(faults(['date-cells'], { observations: [observation, removed] })).toEqual([
      ['after-removed', 'observations.0.on'],
    ]);
    expect(faults(['date-cells', '--on', '2027-05-09'], { observations: [observation] })).toEqual([
      ['in-the-future', 'observations.0.on'],
    ]);
    expect(faults(['date-cells'], {})).toEqual([['missing', 'observations']]);
    expect(faults(['date-cells'], { observations: [{ ...observation, stage: 'fried' }] })).toEqual([
      ['not-one-of', 'observations.0.stage'],
    ]);
  });

  it('refuses counts out of range and eggs that contradict the brood', () => {
    const withCells = (count: unknown) => ({
      ...read,
      inspection: { ...read.inspection, cells: [{ stage: 'egg', count, place: 'face' }] },
    });
    for (const count of [0, -1, 201, 10_000]) {
      expect(faults(['read'], withCells(count))).toEqual([['out-of-range', 'inspection.cells.0.count']]);
    }
    expect(faults(['read'], withCells(1.5))).toEqual([['wrong-type', 'inspection.cells.0.count']]);
    for (const [eggs, youngest] of [
      ['seen', 'sealed'],
      ['none', 'eggs'],
    ]) {
      const inspection = { ...read.inspection, eggs, youngest };
      expect(faults(['read'], { ...read, inspection })).toEqual([['contradiction', 'inspection.youngest']]);
    }
  });

  it('lets a date that is already due lie ahead of the day it is asked', () => {
    const look = { on: '2027-05-01', thoroughness: 'tip-up', cellsRemoved: false, clipped: false };
    expect(faults(['next-inspection', '--on', '2027-05-01'], { ...look, alreadyDue: '2027-05-09' })).toBe('accepted');
  });

  it('plans a method, and refuses a choice that the method has no use for', () => {
    const result = ask(['plan'], { method: 'unite', on: '2027-05-10' });
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
    expect(plan('unite', { swarm: 'cast' })).toEqual([['not-for-this-method', 'swarm']]);
    expect(plan('demaree', { secondThinning: false })).toEqual([['not-for-this-method', 'secondThinning']]);
    expect(plan('after-swarm')).toEqual([['missing', 'keptCells']]);
    expect(plan('after-swarm', { keptCells: [] })).toEqual([['missing', 'keptCells']]);
    expect(plan('dance')).toEqual([['not-one-of', 'method']]);
    const backwards = [{ laid: { from: '2027-05-05', to: '2027-05-01' } }];
    expect(plan('nuc-swarm', { keptCells: backwards })).toEqual([['contradiction', 'keptCells.0.laid.to']]);
  });
});
