export const MARK_COLOURS = ['blue', 'white', 'yellow', 'red', 'green'] as const;

export type MarkColour = (typeof MARK_COLOURS)[number];

/**
 * The colour a queen is marked with, by the calendar year in which she emerged, in the south too:
 * ending in 1 or 6 white, 2 or 7 yellow, 3 or 8 red, 4 or 9 green, 5 or 0 blue.
 */
export function markColour(emergedInYear: number): MarkColour {
  if (!Number.isInteger(emergedInYear)) throw new Error(`Not a year: ${emergedInYear}`);
  return MARK_COLOURS[((emergedInYear % 5) + 5) % 5] as MarkColour;
}
