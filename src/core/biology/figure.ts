/**
 * A number that the reckoning rests on. It stands once in the code, with its unit and where it comes from;
 * docs/DOMAIN.md lists all of them out of {@link ALL_FIGURES} and a test keeps the two alike.
 */
export interface Figure<V extends number | AgeSpread = number> {
  readonly name: string;
  readonly value: V;
  readonly unit: string;
  readonly source: string;
}

/** Whole days of age since the egg was laid: the first, the usual and the last day on which something happens. */
export interface AgeSpread {
  readonly early: number;
  readonly typical: number;
  readonly late: number;
}

const figures: Figure<number | AgeSpread>[] = [];

/** Every figure, in the order in which the modules declare them. */
export const ALL_FIGURES: readonly Figure<number | AgeSpread>[] = figures;

/** Declares a figure. Throws when a number is negative or a spread runs backwards. */
export function figure<V extends number | AgeSpread>(name: string, value: V, unit: string, source: string): Figure<V> {
  const ages = typeof value === 'number' ? [value] : [value.early, value.typical, value.late];
  const ordered = ages.every((age, i) => age >= (ages[i - 1] ?? 0));
  if (!ordered) throw new Error(`Figure ${name} runs backwards: ${ages.join(' / ')}`);
  const declared: Figure<V> = { name, value, unit, source };
  figures.push(declared as Figure<number | AgeSpread>);
  return declared;
}
