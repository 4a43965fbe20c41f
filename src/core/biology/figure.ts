/** Where a figure comes from. */
export type Source =
  | 'development'
  | 'queenRearing'
  | 'mating'
  | 'eggPosture'
  | 'derived'
  | 'caution'
  | 'setting'
  | 'rate'
  | 'comb'
  | 'weighed'
  | 'practice'
  | 'measured'
  | 'population'
  | 'supposed';

/** What a figure is counted in. */
export type FigureUnit =
  | 'worker-cells'
  | 'g'
  | 'kg'
  | 'days-since-laid'
  | 'days'
  | 'days-since-emerged'
  | 'days-since-queenless'
  | 'days-since-latest-emergence'
  | 'days-since-caged'
  | 'days-since-hived'
  | 'days-since-given'
  | 'days-since-made'
  | 'days-since-left'
  | 'days-before-inspection'
  | 'live-cells'
  | 'days-after-inspection'
  | 'degrees-a-day'
  | 'frames-of-brood'
  | 'seams'
  | 'frames'
  | 'months'
  | 'days-after-answer'
  | 'c-or-more'
  | 'c'
  | 'days-before'
  | 'days-since-her-eggs'
  | 'days-since-test-frame'
  | 'times-running'
  | 'days-between'
  | 'cells'
  | 'percent-of-nest'
  | 'days-of-laying'
  | 'percent'
  | 'percent-of-comb'
  | 'm-per-s'
  | 'm'
  | 'km'
  | 'bees'
  | 'hours'
  | 'minutes'
  | 'nights'
  | 'readings'
  | 'rounds'
  | 'share'
  | 'share-a-day'
  | 'eggs-a-day'
  | 'boxes'
  | 'casts'
  | 'kg-a-day'
  | 'weight';

/**
 * A number that the reckoning rests on. It stands once in the code, with its unit and where it comes from;
 * docs/DOMAIN.md lists all of them out of {@link ALL_FIGURES} and a test keeps the two alike.
 */
export interface Figure<V extends number | AgeSpread = number> {
  /** Its code; the words for it are in `words/figures`. */
  readonly name: string;
  readonly value: V;
  readonly unit: FigureUnit;
  readonly source: Source;
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
export function figure<V extends number | AgeSpread>(
  name: string,
  value: V,
  unit: FigureUnit,
  source: Source,
): Figure<V> {
  const ages = typeof value === 'number' ? [value] : [value.early, value.typical, value.late];
  const ordered = ages.every((age, i) => age >= (ages[i - 1] ?? 0));
  if (!ordered) throw new Error(`Figure ${name} runs backwards: ${ages.join(' / ')}`);
  const declared: Figure<V> = { name, value, unit, source };
  figures.push(declared as Figure<number | AgeSpread>);
  return declared;
}
