import { describe, expect, it } from 'vitest';
import { addDays, type Day, day } from '../calendar/day';
import type { CheckChangeFact } from '../programmes/facts';
import { verbatim } from '../says/together';
import { aCheck, type Check } from './check';
import { applyChanges, riskOfDay } from './check-changes';
import { outOfLeaveShut, shutOn } from './leave-shut-wins';

const D = day('2027-05-10');
const at = (days: number) => addDays(D, days);
const check = (from: number, ideal: number, to: number, over: Partial<Check> = {}): Check =>
  aCheck({
    key: 'look:a',
    code: 'look',
    window: { earliest: at(from), ideal: at(ideal), latest: at(to) },
    why: verbatim('Because.'),
    ...over,
  });
const change = (
  kind: CheckChangeFact['kind'],
  minute: string,
  over: Partial<CheckChangeFact> = {},
): CheckChangeFact => ({
  id: minute,
  key: 'look:a',
  at: `2027-05-10T${minute}`,
  on: D,
  kind,
  to: null,
  reason: '',
  ...over,
});

describe('what a keeper changed', () => {
  it('counts by its time, not by the order in which it stands', () => {
    const moved = change('moved', '10:00', { to: at(3) });
    const left = change('skipped', '11:00', { reason: 'Rain' });
    for (const changes of [
      [moved, left],
      [left, moved],
    ]) {
      expect(applyChanges([check(0, 1, 2)], changes)).toEqual({
        checks: [],
        skipped: [{ check: check(0, 1, 2), reason: 'Rain', on: D }],
      });
    }
    const back = applyChanges([check(0, 1, 2)], [left, change('as-it-was', '12:00')]);
    expect(back.checks).toEqual([check(0, 1, 2)]);
  });

  it('leaves other checks alone', () => {
    const other = check(0, 1, 2, { key: 'look:b' });
    expect(applyChanges([other], [change('skipped', '11:00')]).checks).toEqual([other]);
  });
});

describe('what a day risks', () => {
  const shut = [{ from: at(10), to: at(20) }];
  const risk = (days: number, of: Check = check(2, 3, 5)) => riskOfDay(of, shut, at(days));

  it('is nothing inside the window, its ends included', () => {
    expect([risk(2), risk(5)]).toEqual([null, null]);
  });

  it.each([
    [1, /before the first good day, 12 May/],
    [6, /after the last good day, 15 May. A missed cell may be sealed by then/],
    [10, /shut up to and including 30 May/],
    [20, /shut up to and including 30 May/],
  ] as const)('%i days on is said', (days, words) => {
    expect(risk(days)).saying(words);
  });

  it('is said for a check that says nothing special of being late', () => {
    expect(risk(9, check(2, 3, 5, { code: 'doors' }))).saying(/may have happened already/);
  });
});

describe('leaving shut wins', () => {
  const span = { from: at(10), to: at(20) };
  const moved = (from: number, ideal: number, to: number) => outOfLeaveShut(check(from, ideal, to), [span]).window;
  const window = (from: number, ideal: number, to: number) => check(from, ideal, to).window;

  it.each([
    ['lies before it', [5, 6, 9], [5, 6, 9]],
    ['lies after it', [21, 22, 25], [21, 22, 25]],
    ['runs into it', [8, 11, 14], [8, 9, 9]],
    ['begins in it', [15, 16, 24], [21, 21, 24]],
    ['lies in it whole', [12, 13, 15], [21, 21, 24]],
    ['reaches over it', [8, 15, 25], [8, 9, 9]],
  ] as const)('a window that %s', (_, [from, ideal, to], [a, b, c]) => {
    expect(moved(from, ideal, to)).toEqual(window(a, b, c));
  });

  it('says why it was put off', () => {
    const put = outOfLeaveShut(check(12, 13, 15), [span]);
    expect(put.why).toEqual('Because. Moved from 23 May: leave it shut up to and including 30 May.');
    expect(put.key).toBe('look:a');
  });

  it('takes no notice of a span that has no day', () => {
    expect(outOfLeaveShut(check(1, 2, 3), [{ from: at(3), to: at(2) }]).window).toEqual(window(1, 2, 3));
  });

  it('knows the days', () => {
    const on = (days: number): Day | undefined => shutOn([span], at(days))?.to;
    expect([on(9), on(10), on(20), on(21)]).toEqual([undefined, at(20), at(20), undefined]);
  });
});
