import { describe, expect, it } from 'vitest';
import { addDays, day } from '../core/calendar/day';
import { inspection } from '../core/colony/testing';
import { bareApiary } from '../core/facts/apiary';
import { colonyOnDay } from '../core/schedule/standing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import type { DayFit } from '../core/weather/weather-of';
import type { StandingColony } from './all-apiaries';
import type { Measured, ScaleNow } from './measured';
import { measuredNotes, swarmRisk, swarmRisks } from './measured-notes';
import { aStandingColony } from './testing';
import { todayView } from './today-view';

const TODAY = '2027-05-16';
const today = day(TODAY);
const ORCHARD = bareApiary('Orchard', 'Orchard');

const queenCell = (id: string) => ({ id, label: id, place: 'bottom', box: null, frame: null, part: null }) as const;
const saw = (id: string, found: 'sealed' | 'emerged') => ({ cellId: id, found, takenDown: false });
const due = aStandingColony('Due', { inspections: [inspection({ at: '2027-05-11T12:00' })] }, TODAY);
const shut = aStandingColony(
  'Shut',
  {
    cells: [queenCell('c')],
    inspections: [inspection({ at: '2027-05-15T12:00', eggs: 'none', cells: [saw('c', 'emerged')] })],
  },
  TODAY,
);

/** Days of one kind at Orchard, from today; what the scales say of each colony. */
const measured = (fits: readonly DayFit[], scales: Readonly<Record<string, Partial<ScaleNow>>> = {}): Measured => ({
  weather: new Map([
    [
      'Orchard',
      {
        days: fits.map((fit, n) => ({
          ...{ on: addDays(today, n), fit, open: [], flightHours: 0, nightLowC: null, nightHours: 0 },
        })),
        swarmWeather: [addDays(today, -1), addDays(today, 2)],
        nights: { nights: [], coldestC: null },
      },
    ],
  ]),
  scales: new Map(
    Object.entries(scales).map(([id, now]) => [id, { flow: null, gainKg: null, flows: [], losses: [], ...now }]),
  ),
});
const notesOf = ({ colony, state }: StandingColony, known?: Measured) =>
  measuredNotes(colony, state, colonyOnDay(state.schedule, today), known);
const rowOf = (colony: StandingColony, known: Measured) =>
  todayView({ apiaries: [ORCHARD], colonies: [colony], settings: DEFAULT_SETTINGS, measured: known }, today).bands[0]
    ?.rows[0];

describe('what weather and scale say of a colony', () => {
  const rain = measured(Array.from({ length: 40 }, () => 'shut'));

  it('is nothing where nothing is measured', () => {
    expect(notesOf(due)).toEqual({ flights: null, noFitDay: null, losses: [], flow: null });
  });

  it('names a window that the weather closes, and the first day after it', () => {
    expect(notesOf(due, rain).noFitDay).not.toBeNull();
    const then = measured([...Array.from({ length: 20 }, (): DayFit => 'shut'), 'open']);
    expect(notesOf(due, then).noFitDay).toContain('5 Jun');
    // One day of it is fit, or nobody knows: then there is nothing to say.
    expect(notesOf(due, measured(['open', 'shut'])).noFitDay).toBeNull();
    expect(notesOf(due, measured(['shut'])).noFitDay).toBeNull();
  });

  it('does not ask for weather to open what is to be left shut', () => {
    expect(notesOf(shut, rain).noFitDay).toBeNull();
  });

  it('is on Today what it is on the page of the colony', () => {
    for (const colony of [due, shut]) expect(rowOf(colony, rain)?.notes).toEqual(notesOf(colony, rain));
  });

  it('asks about a loss, and differently where it came back', () => {
    const loss = { at: `${TODAY}T13:30`, kg: 1.9, returned: false, isToBeLookedAt: false };
    const known = measured([], { Due: { losses: [loss, { ...loss, returned: true }] }, Shut: {} });
    expect(notesOf(due, known).losses.map(({ words }) => words)).toEqual([
      expect.stringContaining('did a swarm leave?'),
      expect.stringContaining('came back within the hour'),
    ]);
    expect(notesOf(shut, known).losses).toEqual([]);
  });

  it('names the flow, or that there is none, or that it is not known yet', () => {
    const says = (now: Partial<ScaleNow>) => notesOf(due, measured([], { Due: now })).flow;
    const flow = { from: day('2027-05-09'), strong: true };
    expect(says({})).toBe('Too few whole days on the scale to tell whether a flow is on.');
    expect(says({ gainKg: -0.2 })).toBe('No flow by the scale, −0.2 kg a day.');
    expect(says({ flow, gainKg: 1.4 })).toBe('A strong flow since 9 May by the scale, 1.4 kg a day.');
    expect(says({ flow: { ...flow, strong: false } })).toBe('A flow since 9 May by the scale.');
  });
});

describe('which colonies may swarm on a day of swarm weather', () => {
  const charged = (name: string, ids: readonly string[], over: object = {}) =>
    aStandingColony(
      name,
      {
        cells: ids.map(queenCell),
        inspections: [inspection({ at: '2027-05-15T12:00', ...over, cells: ids.map((id) => saw(id, 'sealed')) })],
      },
      TODAY,
    );
  const laying = charged('Laying', ['a'], { queen: 'seen', eggs: 'seen' });
  const weather = measured([]).weather.get('Orchard') ?? null;

  it('are those with a sealed cell beside a laying queen, on the next such day', () => {
    expect(swarmRisk([due, laying, shut], weather, today)).toMatch(/Laying/);
    expect(swarmRisk([due, laying, shut], weather, today)).not.toMatch(/Due|Shut/);
    expect(swarmRisk([laying], weather, today)).toContain('18 May');
  });

  it('are none once that day is over, where nothing is known, or where no cell is sealed', () => {
    expect(swarmRisk([laying], weather, day('2027-05-19'))).toBeNull();
    expect(swarmRisk([laying], null, today)).toBeNull();
    expect(swarmRisk([due], weather, today)).toBeNull();
  });

  it('are told by apiary', () => {
    const yard = { apiaries: [ORCHARD], settings: DEFAULT_SETTINGS, measured: measured([]) };
    expect(swarmRisks({ ...yard, colonies: [laying, due] }, today)).toHaveLength(1);
    expect(swarmRisks({ ...yard, colonies: [due] }, today)).toEqual([]);
    expect(swarmRisks({ ...yard, colonies: [aStandingColony('Away', {}, TODAY, 'Quarry')] }, today)).toEqual([]);
  });
});
