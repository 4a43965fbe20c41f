import { describe, expect, it } from 'vitest';
import { SHEET_LIMITS } from './limits';
import { readSheet } from './read-sheet';
import { readTable } from './read-table';

const bytes = (text: string) => new TextEncoder().encode(text);
const said = (result: ReturnType<typeof readTable> | ReturnType<typeof readSheet>) =>
  result.ok
    ? 'read'
    : result.issues.map(({ code, message }) => `${code} ${message.says.slice('problems/'.length)}`).join();
const rows = (text: string) => {
  const table = readTable(text);
  if (!table.ok) throw new Error(said(table));
  return table.value.rows;
};

describe('a table', () => {
  it.each([
    ['commas', 'a,b\n1,2'],
    ['semicolons', 'a;b\n1;2'],
    ['tabs', 'a\tb\r\n1\t2\r\n'],
    ['a mark before it', '\uFEFFa,b\r\n1,2'],
    ['quotation marks', '"a","b"\n"1","2"'],
    ['empty rows', '\n,\na,b\n\n,,\n1,2\n\n'],
  ])('is read with %s', (_, text) => {
    const table = readTable(text);
    expect(table).toMatchObject({ ok: true, value: { heads: ['a', 'b'] } });
    expect(rows(text).map(({ cells }) => cells)).toEqual([['1', '2']]);
  });

  it('counts rows as spreadsheet programs do, whatever stands in a cell', () => {
    expect(rows('a,b\n"one\ntwo",2\n\n3,4\n').map(({ row }) => row)).toEqual([2, 4]);
  });

  it('takes away the one apostrophe that was put before a formula, and no other', () => {
    expect(rows("a,b,c,d\n'=1+1,''tis,'tis,'-7").map(({ cells }) => cells)).toEqual([['=1+1', "'tis", "'tis", '-7']]);
  });

  it('keeps rows that are too short or too long as they are', () => {
    expect(rows('a,b,c\n1\n1,2,3,4').map(({ cells }) => cells.length)).toEqual([1, 4]);
  });

  it('says how far it is', () => {
    const parts: number[] = [];
    readTable(`a,b\n${'1,2\n'.repeat(3000)}`, (part) => parts.push(part));
    expect(parts.length).toBeGreaterThan(3);
    expect(parts).toEqual([...parts].sort((a, b) => a - b));
    expect(parts.at(-1)).toBeLessThanOrEqual(1);
  });
});

describe('what is no table', () => {
  it.each([
    ['nothing', '', 'missing file-without-rows'],
    ['headings alone', 'a,b\n', 'missing file-without-rows'],
    ['a quotation mark that stays open', 'a,b\n1,"2\n3,4', 'truncated quote-not-closed'],
    ['too many columns', `${'a,'.repeat(SHEET_LIMITS.columns)}b\n1`, 'too-large too-many-columns'],
    ['too many rows', `a\n${'1\n'.repeat(SHEET_LIMITS.rows + 1)}`, 'too-large too-many-rows'],
    ['a line without end', 'a,b\n'.concat(','.repeat(SHEET_LIMITS.line + 1)), 'too-large line-too-long'],
  ])('%s', (_, text, expected) => expect(said(readTable(text))).toBe(expected));

  it('is told by its bytes: a program’s own file, letters that cannot be read, too many of them', () => {
    expect(said(readSheet(new Uint8Array([0x50, 0x4b, 3, 4, 20])))).toBe('invalid not-csv');
    expect(said(readSheet(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 0xa1])))).toBe('invalid not-csv');
    expect(said(readSheet(new Uint8Array(Buffer.from('a,b\n1,2', 'utf16le'))))).toBe('invalid text-not-readable');
    expect(said(readSheet(new Uint8Array(SHEET_LIMITS.bytes + 1)))).toBe('too-large larger-than');
  });

  it('but what older programs write is one: UTF-16 with its mark, and letters of one byte', () => {
    const utf16 = new Uint8Array(Buffer.from('\uFEFFhive,eggs\nRöhre,yes', 'utf16le'));
    expect(readSheet(utf16)).toMatchObject({ ok: true, value: { table: { rows: [{ cells: ['Röhre', 'yes'] }] } } });
    const latin = new Uint8Array(Buffer.from('hive,eggs\nRöhre,yes', 'latin1'));
    expect(readSheet(latin)).toMatchObject({ ok: true, value: { table: { rows: [{ cells: ['Röhre', 'yes'] }] } } });
    expect(readSheet(bytes('a,b\n1,2')).ok).toBe(true);
  });
});
