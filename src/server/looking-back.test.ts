import Papa from 'papaparse';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { OpenedDatabase } from '../db/open';
import { roundsMade } from '../db/repositories/rounds';
import { backAsCsv } from '../ui/looking-back/back-as-csv';
import { lookingBackView } from '../views/looking-back-view';
import { loadApiaries } from './all-apiaries';
import { allFacts } from './all-facts';
import { DEMO_NOW, demoBook } from './testing';

let opened: OpenedDatabase;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const view = (from = '2027-01-01', to = '2027-12-31', today = DEMO_NOW.today) =>
  lookingBackView(
    (on) => ({ colonies: loadApiaries(opened, on).colonies, facts: allFacts(opened, on) }),
    roundsMade(opened.db),
    { from: day(from), to: day(to) },
    today,
  );

describe('looking back on the demo', () => {
  it('says in sentences what it came to, the gravest first, and that few are chance', () => {
    const { sentences, before, methods } = view();
    expect(sentences[0]).toMatch(/^17 colonies, \d+ inspected, \d+ times in all\.$/);
    expect(sentences.some((words) => /cells? found\. The oldest, found on/.test(words))).toBe(true);
    expect(sentences.some((words) => words.startsWith('With fewer than 5 of a kind'))).toBe(true);
    expect(before).toBeNull();
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

  it('goes out as CSV, a line for each colony, formulas disarmed', () => {
    const lines = view().colonies.map((line) => (line.name === 'Yarrow' ? { ...line, name: '=1+1' } : line));
    const { data } = Papa.parse<Record<string, string>>(backAsCsv(lines).slice(1), { header: true });
    expect(data).toHaveLength(17);
    expect(data.some(({ name }) => name === "'=1+1")).toBe(true);
    expect(Object.keys(data[0] ?? {})).toEqual([
      'name',
      'apiary',
      'inspections',
      'swarms',
      'casts',
      'cells',
      'oldest',
      'methods',
      'late',
    ]);
  });
});
