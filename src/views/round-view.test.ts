import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { inspection } from '../core/colony/testing';
import { bareApiary } from '../core/facts/apiary';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { roundAsText } from './round-text';
import { roundView } from './round-view';
import { seasonLines } from './season-lines';
import { seasonView } from './season-view';
import { aStandingColony } from './testing';

const TODAY = '2027-05-16';
const look = (at: string, over = {}) => ({ inspections: [inspection({ at, ...over })] });
const gone = (on: string) => ({
  queenEvents: [{ id: 'e', queenId: 'q', on: day(on), kind: 'removed' as const, at: null, to: null, emerged: null }],
});

const due = aStandingColony('Due', look('2027-05-10T12:00'), TODAY);
const later = aStandingColony('Later', look('2027-05-15T12:00'), TODAY);
const pressing = aStandingColony('Pressing', look('2027-05-08T12:00'), TODAY);
const doubtful = aStandingColony('Doubtful', look('2027-05-08T12:00', { droneBroodInWorkerCells: 'seen' }), TODAY);
const shut = aStandingColony('Shut', gone('2027-05-01'), TODAY);
const all = [later, doubtful, due, shut, pressing];

describe('a round', () => {
  const round = roundView(all, day(TODAY));

  it('goes through what is due, the most pressing first and what is in doubt last', () => {
    expect(round.due.map(({ name }) => name)).toEqual(['Pressing', 'Due', 'Doubtful']);
    expect(round.due[1]?.due.map(({ words }) => words)).toEqual(['Inspect by Mon 17 May, best now']);
    expect(round.others.map(({ name }) => name)).toEqual(['Later']);
  });

  it('names what is to be left shut, so that nobody opens it', () => {
    expect(round.leaveShut).toEqual([
      { colonyId: 'Shut', name: 'Shut', words: expect.stringMatching(/^Not before /), flights: null },
    ]);
  });

  it('of a later day has what may be done by then', () => {
    expect(roundView(all, day('2027-05-21')).due.map(({ name }) => name)).toContain('Later');
  });
});

describe('the weather of a round', () => {
  const sealed = aStandingColony(
    'Sealed',
    {
      cells: [{ id: 'c', label: 'a', place: 'bottom', box: 1, frame: 1, part: null }],
      inspections: [
        inspection({
          at: '2027-05-16T12:00',
          queen: 'seen',
          cells: [{ cellId: 'c', found: 'sealed-fresh', takenDown: false }],
        }),
      ],
    },
    TODAY,
  );
  const [on, next] = [day(TODAY), day('2027-05-17')];
  const aDay = { on, fit: 'open' as const, open: [{ from: 11, to: 16 }], flightHours: 3, nightLowC: 8, nightHours: 10 };

  it('says what the day allows, and who may swarm on the first fine day', () => {
    const { notes: weather } = roundView([sealed, due], day(TODAY), {
      days: [aDay],
      swarmWeather: [day('2027-05-12'), next],
    });
    expect(weather).toEqual([
      'Weather that day: open hives from 11:00 to 16:00.',
      expect.stringMatching(/^Swarm weather on 17 May: Sealed may swarm\./),
    ]);
    expect(
      roundAsText('Orchard', 'Sun 16 May', roundView([sealed], day(TODAY), { days: [aDay], swarmWeather: [] })),
    ).toContain('open hives from 11:00 to 16:00');
  });

  it('says nothing where nothing is known of it, or nobody has sealed cells', () => {
    expect(roundView([sealed], day(TODAY)).notes).toEqual([]);
    expect(roundView([due], day(TODAY), { days: [], swarmWeather: [next] }).notes).toEqual([]);
  });
});

describe('a round as text', () => {
  it('says what is to be done at which hive and what is left shut, and nothing of the others', () => {
    const text = roundAsText('Orchard', 'Sun 16 May', roundView(all, day(TODAY)));
    expect(text.split('\n\n').map((part) => part.split('\n')[0])).toEqual([
      'Orchard, Sun 16 May',
      expect.stringMatching(/^1\. Pressing/),
      expect.stringMatching(/^2\. Due/),
      expect.stringMatching(/^3\. Doubtful/),
      expect.stringMatching(/^Leave shut: Shut \(not before /),
    ]);
    expect(text).toContain('   Inspect by Mon 17 May, best now. ');
    expect(text).not.toContain('Later');
  });

  it('says so when nothing is due', () => {
    expect(roundAsText('Orchard', 'Sun 16 May', roundView([later], day(TODAY)))).toBe(
      'Orchard, Sun 16 May\n\nNothing is due.',
    );
  });
});

describe('the season sheet', () => {
  const view = seasonView({ apiaries: [due.apiary], colonies: all, settings: DEFAULT_SETTINGS }, day(TODAY));

  it('reaches over the beekeeping year, with the swarm season in it', () => {
    expect([view.first, view.last]).toEqual([day('2027-03-01'), day('2027-10-31')]);
    expect(view.swarmSeason).toEqual({ from: day('2027-04-01'), to: day('2027-07-31') });
    const south = { ...DEFAULT_SETTINGS, swarmMonths: [10, 11, 12, 1] };
    const turned = seasonView({ apiaries: [], colonies: [], settings: south }, day('2027-02-10'));
    expect([turned.first, turned.last]).toEqual([day('2026-09-01'), day('2027-04-30')]);
    expect(turned.swarmSeason).toEqual({ from: day('2026-10-01'), to: day('2027-01-31') });
    const heather = { ...bareApiary('Moor', 'Moor'), swarmMonths: [8, 9] };
    const late = seasonView({ apiaries: [heather], colonies: [], settings: DEFAULT_SETTINGS }, day('2027-08-10'));
    expect(late.swarmSeason).toEqual({ from: day('2027-08-01'), to: day('2027-09-30') });
  });

  it('says the same as a table, in order of time', () => {
    const lines = seasonLines(view).filter(({ colony }) => colony === 'Shut');
    expect(lines.map(({ what, when }) => `${what}: ${when}`)).toEqual([
      'virgin emerges: 10 to 18 May',
      'leave shut: 10 to 28 May',
      'eggs due: 29 May to 4 Jun',
      'eggs?: Mon 31 May, any day 29 May to 4 Jun',
    ]);
  });
});
