const COUNTED = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/**
 * Names in the order in which people count and read them, numbers within them as numbers; those that are alike but for capitals by their
 * letters, so that the order is the same each time.
 *
 * @example `2` before `10`, `Hive 9` before `hive 10`
 */
export const byName = (a: { readonly name: string }, b: { readonly name: string }): number =>
  COUNTED.compare(a.name, b.name) || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0);
