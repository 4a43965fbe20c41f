import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { dayField, isoDayField, minuteField } from '../facts/day-field';
import { parseInput } from './parse-input';

const schema = z.strictObject({
  on: dayField,
  count: z.int().min(1).max(200),
  stage: z.enum(['egg', 'sealed']),
  note: z.string().max(5),
  name: z.string().min(1),
  list: z.array(z.strictObject({ flag: z.boolean() })),
});
const sound = { on: '2027-05-10', count: 1, stage: 'egg', note: '', name: 'a', list: [{ flag: true }] };
const fault = (change: object) => {
  const result = parseInput(schema, { ...sound, ...change });
  if (result.ok) return 'sound';
  return result.issues.map(({ path, code, message }) => [path.join('.'), code, message]);
};

describe('reading input', () => {
  it('gives back what is sound', () => expect(parseInput(schema, sound).ok).toBe(true));

  it.each([
    [{ on: '2027-02-30' }, 'on', 'not-a-date', /is not a day of the calendar; write it as YYYY-MM-DD/],
    [{ on: 20270510 }, 'on', 'wrong-type', /must be a value of type string/],
    [{ on: undefined }, 'on', 'missing', /is missing/],
    [{ count: 0 }, 'count', 'out-of-range', /must be 1 or more/],
    [{ count: 10_000 }, 'count', 'out-of-range', /must be 200 or less/],
    [{ count: 1.5 }, 'count', 'wrong-type', /whole number/],
    [{ stage: 'fried' }, 'stage', 'not-one-of', /must be one of egg, sealed/],
    [{ stage: undefined }, 'stage', 'missing', /is missing; must be one of egg, sealed/],
    [{ note: 'too long' }, 'note', 'too-long', /at most 5 characters/],
    [{ name: '' }, 'name', 'missing', /must not be empty/],
    [{ list: {} }, 'list', 'wrong-type', /must be a list/],
    [{ list: [{ flag: 1 }] }, 'list.0.flag', 'wrong-type', /true or false/],
    [{ list: [{ flag: true, size: 2 }] }, 'list.0.size', 'unknown-property', /“size” is not known here/],
  ] as const)('names the fault in %o', (change, path, code, message) => {
    expect(fault(change)).toEqual([[path, code, expect.saying(message)]]);
  });

  it('lists every fault, not the first alone', () => {
    expect(fault({ on: 'x', count: -1 })).toHaveLength(2);
  });

  it('does not take a whole document of another kind', () => {
    for (const input of [null, [], 'text', 7]) {
      const result = parseInput(schema, input);
      expect(result).toMatchObject({ ok: false, issues: [{ path: [], code: 'wrong-type' }] });
    }
  });
});

describe('days and minutes', () => {
  it('keep their text where that is wanted', () => expect(isoDayField.parse('2027-05-10')).toBe('2027-05-10'));

  it.each(['2027-05-10T00:00', '2027-05-10T23:59'])('%s is a minute', (text) => {
    expect(parseInput(minuteField, text).ok).toBe(true);
  });

  it.each([
    '2027-05-10',
    '2027-05-10T24:00',
    '2027-05-10T12:60',
    '2027-02-30T12:00',
    '2027-05-10T12:00:00',
    '2027-05-10 12:00',
  ])('%s is none', (text) =>
    expect(parseInput(minuteField, text)).toMatchObject({ ok: false, issues: [{ code: 'not-a-date' }] }),
  );
});
