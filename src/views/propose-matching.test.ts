import { describe, expect, it } from 'vitest';
import { columnsSeen } from '../core/spreadsheets/bring-in/column-seen';
import { BRINGABLE, type Bringable, fieldsOf, howRead } from '../core/spreadsheets/bring-in/fields';
import { faultsOf, plainWord } from '../core/spreadsheets/bring-in/matching';
import { codeWordsOf } from '../words/sheet-fields';
import { headingsOf, plainHeading } from '../words/sheet-headings';
import { VALUE_WORDS } from '../words/sheet-values';
import { proposeKind, proposeMatching } from './propose-matching';

const seen = (lines: readonly string[]) => {
  const [head = '', ...rows] = lines.map((line) => line.split(','));
  return columnsSeen({
    heads: head as readonly string[],
    rows: rows.map((cells, i) => ({ row: i + 2, cells })),
  });
};
const fields = (lines: readonly string[], kind?: Bringable) =>
  proposeMatching(seen(lines), kind).columns.map(({ field }) => field);

describe('of what a sheet is', () => {
  it.each([
    ['inspections', 'hive,date,eggs,queen'],
    ['inspections', 'Colony name,Inspected on,Queen seen?,Brood (frames),Temperament'],
    ['cells', 'hive,date,cell no,stage,broken down', 'Oak,2027-05-01,1,sealed,yes'],
    ['weights', 'Hive,Date,Weight (lb)'],
    ['queens', 'hive,introduced,queen year,breeder'],
    ['colonies', 'apiary,colony,stand,parent,since'],
  ])('%s: %s', (kind, head, row = 'Oak,2027-05-01,1,2,3') => expect(proposeKind(seen([head, row]))).toBe(kind));
});

describe('what its columns are', () => {
  it('is told by their headings, whatever signs and letters they have', () => {
    expect(fields(['HIVE No.,Date of inspection,Queen  seen,FOB,remarks', 'Oak,2027-05-01,y,6,x'])).toEqual([
      'colony',
      'at',
      'queen',
      'broodFrames',
      'note',
    ]);
  });

  it('is not what its cells cannot be: a column headed brood that holds words', () => {
    expect(fields(['hive,date,brood', 'Oak,2027-05-01,good', 'Oak,2027-05-02,spotty'], 'inspections')).toEqual([
      'colony',
      'at',
      null,
    ]);
  });

  it('is each field once, the one that is called so before the one that may be, and notes as many as there are', () => {
    expect(fields(['hive,day,date,notes,comments', 'Oak,Sat,2027-05-01,x,y'], 'inspections')).toEqual([
      'colony',
      null,
      'at',
      'note',
      'note',
    ]);
  });

  it('has what can be known of it: the unit in its heading, the order of its days, what its words stand for', () => {
    const weights = proposeMatching(seen(['hive,date,weight lbs', 'Oak,13/5/2027,70']));
    expect(weights.columns).toMatchObject([{}, { order: 'dmy' }, { unit: 'lb' }]);
    const looks = proposeMatching(seen(['hive,date,temper,eggs', 'Oak,1/5/2027,Docile,?', 'Oak,2/5/2027,odd,YES']));
    expect(looks.columns).toMatchObject([
      {},
      { order: null },
      { words: { docile: 'calm' } },
      { words: { yes: 'seen' } },
    ]);
    expect(looks.columns[2]?.words).not.toHaveProperty('odd');
    // What may mean none or not looked for is the keeper's to say.
    expect(looks.columns[3]?.words).not.toHaveProperty('?');
  });

  it('leaves open what is needed and not there', () => {
    const matching = proposeMatching(seen(['hive,eggs', 'Oak,yes']), 'inspections');
    expect(faultsOf(matching)).toEqual([{ fault: 'missing', oneOf: ['at'] }]);
    const twice = { ...matching, columns: [matching.columns[0], matching.columns[0]] as typeof matching.columns };
    expect(faultsOf(twice)).toContainEqual({ fault: 'twice', field: 'colony' });
  });
});

describe('the words of sheets', () => {
  const worded = BRINGABLE.flatMap((kind) =>
    fieldsOf(kind).flatMap((field) => {
      const codes = howRead(kind, field);
      return Array.isArray(codes) ? [{ kind, field, codes: codes as readonly string[] }] : [];
    }),
  );

  it('name every code that a column can stand for', () => {
    for (const { kind, field, codes } of worded)
      for (const code of codes) expect(codeWordsOf(kind, field)[code], `${kind} ${field} ${code}`).toBeTruthy();
  });

  it('stand for codes that there are, written as they are compared, and none for two', () => {
    for (const { field, codes } of worded) {
      const all = Object.entries(VALUE_WORDS[field] ?? {});
      const known = worded.filter((one) => one.field === field).flatMap((one) => one.codes);
      expect(
        all.map(([code]) => code).filter((code) => !known.includes(code)),
        field,
      ).toEqual([]);
      const words = all.filter(([code]) => codes.includes(code)).flatMap(([, synonyms]) => synonyms);
      expect(
        words.filter((word) => word !== plainWord(word)),
        field,
      ).toEqual([]);
      expect(
        words.filter((word, i) => words.indexOf(word) !== i),
        field,
      ).toEqual([]);
    }
  });

  it('head columns as headings are compared', () => {
    for (const kind of BRINGABLE)
      for (const field of fieldsOf(kind))
        for (const heading of headingsOf(kind, field)) expect(plainHeading(heading), `${kind} ${field}`).toBe(heading);
  });
});
