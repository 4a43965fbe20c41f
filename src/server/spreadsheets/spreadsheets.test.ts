import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { SHEETS, type SheetName } from '../../core/spreadsheets/sheet';
import { writeCsv } from '../../core/spreadsheets/write-csv';
import { readAllFacts } from '../season/season-facts';
import { demoBook } from '../testing';
import { allCsv, csvOf } from './sheet-of-book';

const TODAY = day('2027-05-16');
const opened = demoBook();
const facts = readAllFacts(opened.db);
const parsed = (name: SheetName) => {
  const text = csvOf(name, opened, TODAY, facts);
  expect(text.startsWith('\uFEFF')).toBe(true);
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.slice(1), { header: true });
  expect(errors).toEqual([]);
  return { rows: data, heads: meta.fields ?? [] };
};

describe('the book as spreadsheets', () => {
  it('has every sheet, each with headings of its own and as many cells as headings', () => {
    expect([...allCsv(opened, TODAY).keys()]).toEqual(SHEETS.map((name) => `ubbet-${name}.csv`));
    for (const name of SHEETS) {
      const { heads } = parsed(name);
      expect(new Set(heads).size, name).toBe(heads.length);
      expect(heads.length, name).toBeGreaterThan(3);
    }
  });

  it('has each fact once, with the names that people know', () => {
    const counts: readonly (readonly [SheetName, number])[] = [
      ['colonies', facts.colonies.length],
      ['inspections', facts.inspections.filter(({ deletedAt }) => deletedAt === null).length],
      ['queens', facts.queens.length],
    ];
    for (const [name, count] of counts) {
      expect(count, name).toBeGreaterThan(0);
      expect(parsed(name).rows.length, name).toBe(count);
    }
    const { rows } = parsed('inspections');
    const knapweed = rows.filter(({ colony }) => colony === 'Knapweed');
    expect(knapweed.length).toBeGreaterThan(0);
    for (const { at, apiary } of knapweed) {
      expect(at).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/);
      expect(apiary).not.toBe('');
    }
    expect(
      parsed('checks').rows.every(({ from, best, to }) => (from ?? '') <= (best ?? '') && (best ?? '') <= (to ?? '')),
    ).toBe(true);
  });

  it('has the columns that the formats name', () => {
    const formats = readFileSync('docs/FORMATS.md', 'utf8');
    for (const name of SHEETS)
      expect(formats).toContain(
        `| \`${name}\` | ${parsed(name)
          .heads.map((head) => `\`${head}\``)
          .join(', ')} |`,
      );
  });

  it('leaves out what was entered by mistake and taken out', () => {
    const [first, ...others] = facts.inspections.filter(({ deletedAt }) => deletedAt === null);
    if (!first) throw new Error('No inspection');
    const without = { ...facts, inspections: [{ ...first, deletedAt: '2027-05-16T10:00:00.000Z' }, ...others] };
    const { data } = Papa.parse<Record<string, string>>(csvOf('inspections', opened, TODAY, without).slice(1), {
      header: true,
    });
    expect(data.map(({ id }) => id)).not.toContain(first.id);
    expect(data).toHaveLength(others.length);
    const cells = Papa.parse<Record<string, string>>(csvOf('cells', opened, TODAY, without).slice(1), { header: true });
    expect(cells.data.map((row) => row['inspection id'])).not.toContain(first.id);
  });

  it('disarms what would be a formula, and nothing else', () => {
    const text = writeCsv({
      heads: ['what'],
      rows: [['=1+1'], ['+44'], ['-2'], ['@x'], ["'tis"], [-2.5], ['a,"b"\nc'], [null], [true]],
    });
    const { data } = Papa.parse<string[]>(text.slice(1));
    expect(data.map(([cell]) => cell)).toEqual([
      'what',
      "'=1+1",
      "'+44",
      "'-2",
      "'@x",
      "''tis",
      '-2.5',
      'a,"b"\nc',
      '',
      'yes',
    ]);
  });
});
