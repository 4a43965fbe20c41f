import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { planMethod, USUAL_CHOICES } from '../methods/plan';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { plannedCourse } from './planned-course';

const D0 = day('2027-05-16');
function course(name: MethodName, buysQueen: boolean) {
  const method = methodNamed(name);
  const choices = { ...USUAL_CHOICES, on: D0, buysQueen };
  return plannedCourse(method, planMethod(method, choices, DEFAULT_SETTINGS), choices, DEFAULT_SETTINGS);
}

describe('the course of a method', () => {
  it('has the checks of a bought queen, who is caged in a day after the method', () => {
    const { checks } = course('nuc-swarm', true);
    const released = checks.find(({ code }) => code === 'released');
    // Caged in on D0 + 1, out of the cage from the third day on.
    expect(released).toMatchObject({ unit: 'parent', window: { earliest: addDays(D0, 4), latest: addDays(D0, 6) } });
    expect(checks.map(({ window }) => window.ideal)).toEqual(
      checks.map(({ window }) => window.ideal).sort((a, b) => a - b),
    );
    expect(course('nuc-swarm', false).checks.some(({ code }) => code === 'released')).toBe(false);
  });

  it('has none of hers while nobody knows which half she is for', () => {
    expect(course('even-split', true).checks.some(({ code }) => code === 'released')).toBe(false);
  });

  it('tells when a colony that was parted has no sealed brood, and of others not', () => {
    expect(course('walk-away', false).broodless).not.toBeNull();
    expect(course('demaree', false).broodless).toBeNull();
  });
});
