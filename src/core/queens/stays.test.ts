import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { staysOf, temperUnder } from './stays';

const on = (text: string) => day(`2027-${text}`);

describe('where a queen was', () => {
  it('is a colony from the first that is noted of her there until she is noted elsewhere or left', () => {
    const noted = [
      { on: on('04-01'), colonyId: 'a', kind: 'present' },
      { on: on('04-20'), colonyId: 'a', kind: 'marked' },
      { on: on('05-10'), colonyId: 'nuc', kind: null },
      { on: on('06-20'), colonyId: 'nuc', kind: 'swarmed' },
    ] as const;
    expect(staysOf(noted)).toEqual([
      { colonyId: 'a', from: on('04-01'), to: on('05-10') },
      { colonyId: 'nuc', from: on('05-10'), to: on('06-20') },
    ]);
    expect(staysOf(noted.slice(0, 1))).toEqual([{ colonyId: 'a', from: on('04-01'), to: null }]);
    expect(staysOf([])).toEqual([]);
  });

  it('come back to a colony she stays there anew', () => {
    const back = [
      { on: on('04-01'), colonyId: 'a', kind: 'present' },
      { on: on('04-10'), colonyId: 'a', kind: 'lost' },
      { on: on('05-01'), colonyId: 'a', kind: 'present' },
    ] as const;
    expect(staysOf(back).map(({ from, to }) => [from, to])).toEqual([
      [on('04-01'), on('04-10')],
      [on('05-01'), null],
    ]);
  });
});

describe('the temper of her bees', () => {
  const looks = [
    { on: on('05-01'), temper: 'calm' },
    { on: on('05-20'), temper: 'defensive' },
    { on: on('07-10'), temper: 'uneasy' },
    { on: on('07-11') },
  ] as const;
  const stay = { colonyId: 'a', from: on('05-01'), to: null };

  it('counts from the first day where the colony was hers, and six weeks later where she came to it', () => {
    expect(
      temperUnder(
        [stay],
        () => looks,
        () => true,
      ),
    ).toEqual({ calm: 1, uneasy: 1, defensive: 1 });
    expect(
      temperUnder(
        [stay],
        () => looks,
        () => false,
      ),
    ).toEqual({ calm: 0, uneasy: 1, defensive: 0 });
    expect(
      temperUnder(
        [{ ...stay, to: addDays(on('05-01'), 30) }],
        () => looks,
        () => true,
      ),
    ).toEqual({ calm: 1, uneasy: 0, defensive: 1 });
  });
});
