import { describe, expect, it } from 'vitest';
import { remindersOf } from './reminders';

describe('reminders of a round', () => {
  it('come in the evening before, at seven, and two hours before it begins', () => {
    expect(remindersOf({ from: 16 * 60, to: 18 * 60 })).toEqual([21 * 60, 2 * 60]);
    expect(remindersOf({ from: 0, to: 60 })).toEqual([5 * 60, 2 * 60]);
  });

  it('come in the evening before a round without hours, and no more', () => {
    expect(remindersOf(null)).toEqual([5 * 60]);
  });
});
