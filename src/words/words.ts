import type { Said } from '../core/says/said';

type Bare = string | number | boolean | null | undefined;

/** What goes into a sentence, with what is said within it put into words already. */
export type Worded<V> = V extends Bare
  ? V
  : V extends Said
    ? string
    : V extends readonly (infer I)[]
      ? readonly Worded<I>[]
      : { readonly [P in keyof V]: Worded<V[P]> };

/** How each code of a subject is put: a sentence, or one made from what goes into it. */
export type Words<S> = {
  readonly [C in keyof S]: keyof S[C] extends never ? string : (params: Worded<S[C]>) => string;
};

/** The words of all subjects, by subject. */
export type Catalogue = Readonly<Record<string, Readonly<Record<string, unknown>>>>;
