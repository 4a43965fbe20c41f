import { describe, expect, it } from 'vitest';
import { emptyFacts } from '../../demo/empty-facts';
import { larkvaleSeason } from '../../demo/larkvale';
import type { SeasonFacts } from '../formats/season-file';
import { namesOf } from './names';
import type { Sheet } from './sheet';
import { cellsSheet } from './sheets/cells';
import { inspectionsSheet } from './sheets/inspections';
import { foodSheet, kitSheet } from './sheets/kit';
import { weatherSheet, weightsSheet } from './sheets/measured';
import { OF_FACTS } from './sheets/of-facts';
import { queenEventsSheet, queensSheet } from './sheets/queens';
import { surveysSheet } from './sheets/surveys';

const season = larkvaleSeason();

/** Rows by their headings. */
const rowsOf = ({ heads, rows }: Sheet) =>
  rows.map((row) => Object.fromEntries(heads.map((head, i) => [head, row[i] ?? null])));

describe('sheets of facts', () => {
  it('of an empty book have their headings and no row', () => {
    for (const of of Object.values(OF_FACTS)) {
      const { heads, rows } = of(emptyFacts());
      expect(heads.length).toBeGreaterThan(3);
      expect(rows).toEqual([]);
    }
  });

  it('are in order of time, whatever order the facts are in', () => {
    const backwards = Object.fromEntries(
      Object.entries(season).map(([name, rows]) => [name, [...rows].reverse()]),
    ) as unknown as SeasonFacts;
    for (const sheet of [inspectionsSheet, cellsSheet, surveysSheet, kitSheet, foodSheet]) {
      const minutes = rowsOf(sheet(backwards)).map(({ at }) => String(at));
      expect(minutes).toEqual([...minutes].sort());
    }
    const days = rowsOf(queenEventsSheet(backwards)).map(({ on }) => String(on));
    expect(days).toEqual([...days].sort());
  });

  it('leave what is not known empty, and say what was not looked for', () => {
    const rows = rowsOf(inspectionsSheet(season));
    expect(rows.some((row) => row['covered seams'] === null)).toBe(true);
    expect(rows.some((row) => row.queen === 'not-looked-for')).toBe(true);
    expect(rows.some((row) => row.queen === 'none')).toBe(true);
    expect(rows.some((row) => row.queen === 'seen')).toBe(true);
  });

  it('have each cell with the colony that it was seen in, and where it was first', () => {
    const [look] = season.inspections;
    const [cell] = season.cells;
    const other = season.colonies.find(({ id }) => id !== cell?.colonyId);
    if (!look || !cell || !other) throw new Error('The demo has cells');
    const moved: SeasonFacts = {
      ...season,
      inspections: [{ ...look, colonyId: other.id }],
      cells: [cell],
      cellObservations: [
        { id: look.id, inspectionId: look.id, cellId: cell.id, found: 'sealed-ripe', takenDown: false },
      ],
    };
    const names = namesOf(season);
    expect(rowsOf(cellsSheet(moved))).toMatchObject([
      { colony: other.name, 'first in': names.colony(cell.colonyId), found: 'sealed-ripe', 'broken down': false },
    ]);
  });

  it('give ten tenths for each side of each comb that was looked at', () => {
    const rows = rowsOf(surveysSheet(season));
    const sides = season.surveys
      .filter(({ deletedAt }) => deletedAt === null)
      .reduce(
        (sum, { hive }) =>
          sum + hive.boxes.flatMap(({ frames }) => frames.flatMap((frame) => frame.sides ?? [null])).length,
        0,
      );
    expect(rows.length).toBe(sides);
    const contents = [
      'eggs',
      'larvae',
      'sealed',
      'drone',
      'pollen',
      'nectar',
      'honey',
      'empty',
      'empty drone comb',
      'undrawn',
      'unseen',
    ];
    for (const row of rows) {
      if (row.side === null) continue;
      expect(contents.reduce((sum, content) => sum + Number(row[content]), 0)).toBe(10);
    }
    expect(rows.filter((row) => row['queen on it'] === true).length).toBeGreaterThan(0);
  });

  it('name the places of kit, home and the car by their own words, and one that is no more by none', () => {
    const [entry] = season.kitEntries;
    if (!entry) throw new Error('The demo has kit');
    const gone = {
      ...entry,
      kind: 'carried',
      from: 'home',
      to: '00000000-0000-4000-8000-00000000dead',
    } as typeof entry;
    expect(rowsOf(kitSheet({ ...season, kitEntries: [gone] }))).toMatchObject([{ from: 'home', to: null }]);
    const named = rowsOf(kitSheet(season));
    expect(named.some(({ to }) => season.apiaries.some(({ name }) => name === to))).toBe(true);
  });

  it('tie what befell a queen to her, and her to her mother', () => {
    const queens = new Set(rowsOf(queensSheet(season)).map((row) => row['queen id']));
    for (const row of rowsOf(queenEventsSheet(season))) expect(queens.has(row['queen id'] ?? null)).toBe(true);
    for (const row of rowsOf(queensSheet(season)))
      expect(row['mother id'] === null || queens.has(row['mother id'] ?? null)).toBe(true);
  });

  it('say measures in SI as they are stored, hour by hour and minute by minute', () => {
    const [colony] = season.colonies;
    if (!colony) throw new Error('The demo has colonies');
    const { id: colonyId, apiaryId, name } = colony;
    const id = '00000000-0000-4000-8000-000000000001';
    const hour = { hour: 14, tempC: -2.5, rainMm: 0, windMs: 3.1, toldAt: '2027-05-01T06:00', source: 'file' } as const;
    const measured: SeasonFacts = {
      ...season,
      scaleDays: [
        { id, colonyId, on: '2027-05-02', readings: [[0, 41.25]] },
        { id, colonyId, on: '2027-05-01', readings: [[845, 42]] },
      ],
      weatherDays: [{ id, apiaryId, on: '2027-05-01', hours: [hour] }],
    };
    expect(rowsOf(weightsSheet(measured))).toMatchObject([
      { colony: name, at: '2027-05-01T14:05', 'weight kg': 42 },
      { colony: name, at: '2027-05-02T00:00', 'weight kg': 41.25 },
    ]);
    expect(rowsOf(weatherSheet(measured))).toMatchObject([
      { at: '2027-05-01T14:00', 'temperature C': -2.5, 'rain mm': 0, 'wind m/s': 3.1, 'told by': 'file' },
    ]);
  });
});
