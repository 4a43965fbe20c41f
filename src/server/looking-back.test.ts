import Papa from 'papaparse';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { writeCsv } from '../core/spreadsheets/write-csv';
import type { Book } from '../db/open';
import { loadFood } from '../db/repositories/food';
import { roundsMade } from '../db/repositories/rounds';
import { lookingBackSheet } from '../views/looking-back-sheet';
import { lookingBackView } from '../views/looking-back-view';
import { allFacts } from './all-facts';
import { knownThen } from './looking-back/known-then';
import { queenRecords } from './queens/queen-records';
import { DEMO_NOW, demoBook } from './testing';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const view = (from = '2027-01-01', to = '2027-12-31', today = DEMO_NOW.today) => {
  const facts = allFacts(opened, today);
  return lookingBackView({
    knownIn: (span) => knownThen(opened, span, today, null),
    rounds: roundsMade(opened.db),
    food: loadFood(opened.db),
    queens: queenRecords(opened.db, (id) => facts.get(id)?.inspections ?? []),
    span: { from: day(from), to: day(to) },
  });
};

describe('looking back on the demo', () => {
  it('says in sentences what it came to, the gravest first, and that few are chance', () => {
    const { sentences, before, methods } = view();
    expect(sentences[0]).toMatch(/^17 colonies, \d+ inspected, \d+ times in all\.$/);
    expect(sentences.some((words) => /cells? found\. The oldest, found on/.test(words))).toBe(true);
    expect(sentences.some((words) => words.startsWith('With fewer than 5 of a kind'))).toBe(true);
    // Three colonies of the year before, all of them gone since.
    expect(before?.[0]).toMatch(/^3 colonies, 3 inspected/);
    expect(methods.find(({ name }) => name === 'Walk-away split')?.begun).toBe(2);
  });

  it('says of each method how it came out: a queen who laid all along is none that came of it', () => {
    const came = new Map(view().methods.map(({ name, came: words }) => [name, words]));
    expect(came.get('Artificial swarm with a nuc')).toBe('1 under way');
    expect(came.get('Artificial swarm on the old site')).toBe('1 under way');
    // One raises a queen still, of the other no eggs came.
    expect(came.get('Walk-away split')).toMatch(/under way/);
  });

  it('has the year before beside it where there is one', () => {
    const { before, sentences } = view('2028-01-01', '2028-12-31', day('2028-10-01'));
    expect(before?.[0]).toMatch(/^17 colonies/);
    expect(sentences[1]).toBe('No swarm was noted to leave.');
  });

  it('counts colonies that ended in the span, and what came of their season', () => {
    const { sentences, colonies, years, queens, apiaries } = view('2026-01-01', '2026-12-31');
    expect(sentences[0]).toMatch(/^3 colonies, 3 inspected, \d+ times in all\.$/);
    expect(sentences).toContain('1 swarm left.');
    expect(sentences.some((words) => words.startsWith('65 kg of honey taken (the year before: 31 kg)'))).toBe(true);
    expect(sentences.some((words) => words.startsWith('1 queen was to be raised'))).toBe(true);
    expect(colonies.map(({ name, honeyKg }) => `${name} ${honeyKg}`)).toEqual([
      'Bistort 32',
      'Speedwell 8',
      'Tansy 24.5',
    ]);
    expect(years.map(({ name, swarms, honeyKg }) => `${name} ${swarms} ${honeyKg}`)).toEqual([
      '2025 1 30.5',
      '2026 1 64.5',
    ]);
    expect(apiaries.map(({ name, honeyKg }) => `${name} ${honeyKg}`).sort()).toEqual([
      'Old quarry 8',
      'Walled garden 56.5',
    ]);
    const bistort = queens.find((line) => line.colonies === 'Bistort');
    expect(bistort).toBeUndefined();
    expect(queens.find((line) => line.colonies === 'Speedwell')).toMatchObject({ swarms: 1, cells: 0 });
  });

  it('has each cell with how old it was when it was found', () => {
    const { cells } = view('2026-01-01', '2026-12-31');
    expect(cells.map(({ colony, least }) => `${colony} ${least}`)).toContain('Bistort 0');
    expect(Math.max(...cells.map(({ least }) => least))).toBe(7);
  });

  it('goes out as CSV, a line for each colony, formulas disarmed', () => {
    const lines = view().colonies.map((line) => (line.name === 'Yarrow' ? { ...line, name: '=1+1' } : line));
    const { data } = Papa.parse<Record<string, string>>(writeCsv(lookingBackSheet(lines)).slice(1), { header: true });
    expect(data).toHaveLength(17);
    expect(data.some(({ colony }) => colony === "'=1+1")).toBe(true);
    expect(Object.keys(data[0] ?? {})).toEqual([
      'apiary',
      'colony',
      'inspections',
      'swarms',
      'casts',
      'cells',
      'oldest cell when found',
      'methods',
      'late',
      'honey kg',
    ]);
  });
});
