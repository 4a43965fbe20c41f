import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { checkEntry } from '../core/colony/check-entry';
import type { ColonyFacts } from '../core/colony/facts';
import { foldColony } from '../core/colony/fold';
import { readSeasonFile, writeSeasonFile } from '../core/formats/season-file';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
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
  foldColony(factsOf(name), DEFAULT_SETTINGS, day(today)).lastLook?.reading.reading;

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
    ['Knapweed', 'raising-queen'],
    ['Knapweed nuc', 'settled'],
    ['Teasel', 'cups-only'],
    ['Vetch', 'swarmed'],
    ['Campion', 'virgin-loose'],
    ['Comfrey', 'queen-missing'],
    ['Betony', 'not-enough-seen'],
    ['Meadowsweet', 'early-preparing'],
  ])('shows %s as %s', (name, reading) => expect(readingOf(name)).toBe(reading));

  it('shows the weeks before as they were', () => {
    expect(readingOf('Sainfoin', '2027-05-10')).toBe('early-preparing');
    expect(readingOf('Vetch', '2027-05-14')).toBe('settled');
    expect(readingOf('Knapweed', '2027-05-08')).toBe('preparing');
  });

  it('holds nothing that a keeper could not have entered', () => {
    for (const { name } of season.colonies) {
      const facts = factsOf(name);
      for (const { id, at, eggs, youngest, cells } of facts.inspections) {
        const entry = { id, at, eggs, youngest, cells: cells.map((seen) => ({ ...seen, newCell: null })) };
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
