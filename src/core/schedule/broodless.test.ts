import { describe, expect, it } from 'vitest';
import { broodlessWords } from '../../words/broodless';
import { day, formatDay } from '../calendar/day';
import { emergencyEmergence } from '../queens/virgin-care';
import { broodlessWindow } from './broodless';

const D0 = day('2027-05-10');
const iso = (window: ReturnType<typeof broodlessWindow>) =>
  window && Object.values(window).map((on) => formatDay(on).slice(5));

describe('the days without sealed brood after a split', () => {
  it('begin when the last of the old queen’s has emerged and end when the first of the young one’s is sealed', () => {
    // Last egg 10 May, out 30 May to 1 June. Eggs likely from 20 May + 12, sealed 9 days later, so 9 June is the last likely day.
    expect(iso(broodlessWindow(D0, emergencyEmergence(D0)))).toEqual(['05-30', '06-01', '06-09', '06-26']);
  });

  it('are none where a ripe cell has a queen laying before that', () => {
    const ripe = { earliest: D0, likelyFrom: D0, likelyTo: D0, latest: D0 };
    expect(broodlessWindow(D0, ripe)).toBeNull();
  });

  it('leave treatments to label and local rule', () => {
    const window = broodlessWindow(D0, emergencyEmergence(D0));
    expect(window && broodlessWords(window)).toEqual(
      'No sealed brood about 1 to 9 Jun: mite treatment works best then, by label and local rule only.',
    );
  });
});
