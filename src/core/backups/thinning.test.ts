import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../calendar/day';
import { type BackupOnDay, keptBackups } from './thinning';

const TODAY = day('2027-05-16');
const backup = (daysAgo: number, over: Partial<BackupOnDay> = {}): BackupOnDay => {
  const on = addDays(TODAY, -daysAgo);
  return { name: `d${daysAgo}`, on, at: `${formatDay(on)}T18:00:00.000Z`, isDaily: true, ...over };
};
const kept = (backups: readonly BackupOnDay[]) => [...keptBackups(backups, TODAY)];

describe('thinning backups', () => {
  it('keeps seven days, four weeks and twelve months of a year of daily ones', () => {
    const names = kept(Array.from({ length: 500 }, (_, i) => backup(i)));
    expect(names).toEqual(expect.arrayContaining(['d0', 'd1', 'd2', 'd3', 'd4', 'd5', 'd6']));
    // Weeks end on Sundays: 16, 9 and 2 May, 25 April.
    expect(names).toEqual(expect.arrayContaining(['d7', 'd14', 'd21']));
    // 30 April, 31 March, ... the last of June 2026.
    expect(names).toEqual(expect.arrayContaining(['d16', 'd46', 'd320']));
    expect(names).not.toContain('d8');
    expect(names).not.toContain('d351');
    expect(names.length).toBeLessThanOrEqual(7 + 4 + 12);
  });

  it('keeps all of the last week that were made before something was replaced', () => {
    const replaced = (n: number, daysAgo: number) =>
      backup(daysAgo, { name: `x${n}`, isDaily: false, at: `${formatDay(addDays(TODAY, -daysAgo))}T10:0${n}:00.000Z` });
    expect(kept([replaced(1, 3), replaced(2, 3), replaced(3, 3), backup(3)])).toHaveLength(4);
    expect(kept([replaced(1, 7), replaced(2, 7), backup(7)])).toEqual(['d7']);
  });

  it('deletes nothing for being old alone: spans without a backup do not count', () => {
    expect(kept([backup(400), backup(500)]).sort()).toEqual(['d400', 'd500']);
  });

  it('always keeps the newest, and never more by thinning twice', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat({ max: 800 }), { minLength: 1 }), (ages) => {
        const all = ages.map((age) => backup(age));
        const once = keptBackups(all, TODAY);
        expect(once.has(`d${Math.min(...ages)}`)).toBe(true);
        const twice = keptBackups(
          all.filter(({ name }) => once.has(name)),
          TODAY,
        );
        expect(twice).toEqual(once);
      }),
    );
  });
});
