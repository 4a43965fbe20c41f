/** A plain value as text, the same for the same content whatever the order of its properties. */
export const canonical = (value: unknown): string => JSON.stringify(sorted(value));

/** Do two plain values say the same, whatever the order of their properties? */
export const sameValue = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, sorted(inner)]),
  );
}
