import { describe, expect, it } from 'vitest';
import { markColour } from './mark-colour';

describe('the colour a queen is marked with', () => {
  it.each([
    [2021, 'white'],
    [2026, 'white'],
    [2022, 'yellow'],
    [2027, 'yellow'],
    [2023, 'red'],
    [2028, 'red'],
    [2024, 'green'],
    [2029, 'green'],
    [2025, 'blue'],
    [2030, 'blue'],
  ] as const)('%i: %s', (year, colour) => expect(markColour(year)).toBe(colour));

  it('needs a year', () => expect(() => markColour(20.5)).toThrow(/20.5/));
});
