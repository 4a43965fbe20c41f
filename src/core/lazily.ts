/** A value that is reckoned when it is first asked for, and then known. */
export function lazily<T>(reckon: () => T): () => T {
  let known: { readonly value: T } | null = null;
  return () => {
    known ??= { value: reckon() };
    return known.value;
  };
}
