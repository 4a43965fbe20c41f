import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { armed, disarmed } from './disarm';

describe('text in a sheet', () => {
  it.each([
    '=1+1',
    '+44',
    '-2',
    '@x',
    '\tx',
    '007',
    '12.50',
    '1/2',
    '1-2',
    '12:30',
    '1e5',
    '3 May',
    'may-27',
    'May 3 27',
    'TRUE',
    "'tis",
  ])('%s stands behind an apostrophe', (text) => expect(disarmed(text)).toBe(`'${text}`));

  it.each([
    '',
    '12',
    '0',
    '31.45',
    '0.5',
    '2027-05-16',
    '2027-05-16T14:30',
    'Oak',
    '3 frames',
    'May was wet',
    'maybe',
    'Marigold',
    'June',
    '01970000-0000-7000-8000-000000000018',
  ])('%s stands as it is', (text) => expect(disarmed(text)).toBe(text));

  it('comes back the same, and an apostrophe of the keeper’s own stays', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom("'", '=', '-', '0', '1', '.', '/', 'e', 'x', ' ')), (parts) => {
        const text = parts.join('');
        expect(armed(disarmed(text))).toBe(text);
      }),
    );
    expect(armed("'tis the season")).toBe("'tis the season");
    expect(armed("'0123")).toBe('0123');
  });
});
