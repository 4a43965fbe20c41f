/** A piece of an answer: rows of a list within it, by the names that lead there; or the answer itself, its lists to be filled from before. */
export type Part =
  | { readonly at: readonly string[]; readonly rows: readonly unknown[] }
  | { readonly whole: unknown; readonly lists: readonly (readonly string[])[] };

/** So many rows are handed on at once: some milliseconds. */
const ROWS_AT_ONCE = 1_000;
/** Lists deeper than that are short. */
const DEEPEST = 3;

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * An answer in pieces of a bounded size, the long lists in it first: to hand over all of it at once would hold up who takes it.
 *
 * @example inParts({ value: { rows: [1, 2] } }) // one piece: its list is short
 */
export function* inParts(answer: unknown): Generator<Part> {
  const lists: (readonly string[])[] = [];
  const parts: Part[] = [];
  const without = (value: unknown, at: readonly string[]): unknown => {
    if (Array.isArray(value) && value.length > ROWS_AT_ONCE) {
      lists.push(at);
      for (let from = 0; from < value.length; from += ROWS_AT_ONCE)
        parts.push({ at, rows: value.slice(from, from + ROWS_AT_ONCE) });
      return [];
    }
    if (!isObject(value) || at.length >= DEEPEST) return value;
    return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, without(inner, [...at, name])]));
  };
  const whole = without(answer, []);
  yield* parts;
  yield { whole, lists };
}

/** Puts together what {@link inParts} took apart; null until the last piece. */
export class Together<T> {
  readonly #rows = new Map<string, unknown[]>();

  take(part: Part): T | null {
    if ('rows' in part) {
      const name = part.at.join('\n');
      const rows = this.#rows.get(name) ?? [];
      for (const row of part.rows) rows.push(row);
      this.#rows.set(name, rows);
      return null;
    }
    const whole = { whole: part.whole } as Record<string, unknown>;
    for (const at of part.lists) {
      const names = ['whole', ...at];
      const last = names.pop() as string;
      const holder = names.reduce((inner, name) => inner[name] as Record<string, unknown>, whole);
      holder[last] = this.#rows.get(at.join('\n')) ?? [];
    }
    return whole.whole as T;
  }
}
