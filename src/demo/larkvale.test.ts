import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../core/calendar/day';
import { checkEntry } from '../core/colony/check-entry';
import type { ColonyFacts } from '../core/colony/facts';
import { readSeasonFile, writeSeasonFile } from '../core/formats/season-file';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { foldColony } from '../core/state/fold';
import { coloniesOf } from './colonies-of';
import { larkvaleSeason } from './larkvale';

const season = larkvaleSeason();

const colonies = coloniesOf(season);

function factsOf(name: string): ColonyFacts {
  const facts = colonies.get(name);
  if (!facts) throw new Error(`No colony ${name}`);
  return facts;
}
const readingOf = (name: string, today = '2027-05-16') =>
  foldColony(factsOf(name), DEFAULT_SETTINGS, day(today)).lastInspection?.reading.reading;

describe('the demo season', () => {
  it('is a sound season file with the same identifiers each time', () => {
    const text = writeSeasonFile(season);
    expect(readSeasonFile(text).ok).toBe(true);
    expect(writeSeasonFile(larkvaleSeason())).toBe(text);
  });

  it.each([
    ['Sainfoin', 'preparing'],
    ['Yarrow', 'settled'],
    ['Burnet', 'congested'],
    ['Knapweed', 'preparing'],
    ['Knapweed nuc', 'settled'],
    ['Betony', 'cups-only'],
    ['Vetch', 'swarmed'],
    ['Campion', 'raising-queen'],
    ['Scabious', 'raising-queen'],
    ['Scabious swarm', 'settled'],
    ['Meadowsweet', 'early-preparing'],
  ])('shows %s as %s', (name, reading) => expect(readingOf(name)).toBe(reading));

  const dueOf = (name: string) => {
    const { schedule } = foldColony(factsOf(name), DEFAULT_SETTINGS, day('2027-05-16'));
    const shut = schedule.leaveShut.map(
      ({ from, to }) => `shut ${formatDay(from).slice(5)} to ${formatDay(to).slice(5)}`,
    );
    const checks = schedule.checks.map(
      ({ code, window }) => `${code} ${formatDay(window.earliest).slice(5)} to ${formatDay(window.latest).slice(5)}`,
    );
    return [...checks, ...shut];
  };

  it.each([
    ['Knapweed', ['thin-cells 05-17 to 05-18', 'eggs 06-03 to 06-09', 'shut 05-19 to 06-02']],
    ['Scabious', ['eggs 05-31 to 06-06', 'shut 05-16 to 05-30']],
    [
      'Teasel',
      [
        'bottom-check 05-15 to 05-17',
        'clear-top-cells 05-15 to 05-17',
        'supers-check 05-23 to 05-30',
        'top-brood-gone 05-31 to 06-03',
      ],
    ],
    [
      'Comfrey',
      ['eggs 06-07 to 06-13', 'shift-boxes 05-11 to 05-17', 'which-half 05-15 to 05-17', 'shut 05-19 to 06-06'],
    ],
    ['Comfrey half', ['eggs 06-07 to 06-13', 'which-half 05-15 to 05-17', 'shut 05-19 to 06-06']],
    ['Campion', ['eggs 05-21 to 05-27', 'shut 05-03 to 05-20']],
    ['Sorrel', ['read-comb 05-15 to 05-17', 'shut 04-17 to 05-04']],
    ['Hawkbit', ['turn-hive 05-11 to 05-22']],
    ['Mallow', ['released 05-14 to 05-16', 'laying-check 05-18 to 05-23']],
  ])('has %s in the middle of its programme', (name, due) => expect(dueOf(name).sort()).toEqual([...due].sort()));

  it('has eleven colonies besides those that came of splits', () => {
    expect(
      season.colonies.filter(({ parentColonyId, endedOn }) => parentColonyId === null && endedOn === null),
    ).toHaveLength(11);
  });

  it('shows the weeks before as they were', () => {
    expect(readingOf('Sainfoin', '2027-05-10')).toBe('early-preparing');
    expect(readingOf('Vetch', '2027-05-14')).toBe('settled');
    expect(readingOf('Knapweed', '2027-05-08')).toBe('cups-only');
  });

  it('holds nothing that a keeper could not have entered', () => {
    for (const { name } of season.colonies) {
      const facts = factsOf(name);
      for (const { id, at, eggs, youngest, cells } of facts.inspections) {
        const entry = { id, at, to: null, eggs, youngest, cells: cells.map((seen) => ({ ...seen, newCell: null })) };
        expect(checkEntry(entry, facts, '2027-05-16T23:59'), `${name} ${at}`).toEqual([]);
      }
    }
  });

  it('has no cell whose sights contradict one another', () => {
    for (const { name } of season.colonies) {
      const { cells } = foldColony(factsOf(name), DEFAULT_SETTINGS, day('2027-05-16'));
      expect(cells.filter(({ dates }) => dates.conflict).map(({ cell }) => `${name} ${cell.label}`)).toEqual([]);
    }
  });
});
