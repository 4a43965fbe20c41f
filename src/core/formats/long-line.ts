/**
 * The first line of a text that is longer than that, by its number from 1; null: none is. A line of millions of characters is no line of a
 * table, and to take it apart would fill the memory.
 *
 * @param most characters between two line ends
 */
export function longLine(text: string, most: number): number | null {
  for (let from = 0, row = 1; from < text.length; row += 1) {
    const end = text.indexOf('\n', from);
    const to = end < 0 ? text.length : end;
    if (to - from > most) return row;
    from = to + 1;
  }
  return null;
}
