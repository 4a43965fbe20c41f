import { expect } from 'vitest';
import { isSaid, type Said } from '../../src/core/says/said';
import { inWords } from '../../src/words/in-words';

const wordsOf = (value: unknown): string | null =>
  typeof value === 'string'
    ? value
    : typeof value === 'object' && value !== null && isSaid(value)
      ? inWords(value)
      : null;

/** In tests what is said equals the sentence that it makes: they hold what a keeper reads, and the codes behind it may change. */
expect.addEqualityTesters([
  (a: unknown, b: unknown) => {
    if ((typeof a === 'string') === (typeof b === 'string')) return undefined;
    const [one, other] = [wordsOf(a), wordsOf(b)];
    return one === null || other === null ? undefined : one === other;
  },
]);

expect.extend({
  /** What is said contains these words, or matches. */
  saying(received: unknown, wanted: string | RegExp) {
    const words = wordsOf(received);
    const pass = words !== null && (typeof wanted === 'string' ? words.includes(wanted) : wanted.test(words));
    return { pass, message: () => `${words ?? String(received)}\n${pass ? 'says' : 'does not say'} ${String(wanted)}` };
  },
});

interface Saying<R> {
  saying: (wanted: string | RegExp) => R;
}

declare module 'vitest' {
  // biome-ignore lint/suspicious/noExplicitAny: as vitest declares it
  interface Assertion<T = any> extends Saying<T> {}
  interface AsymmetricMatchersContaining extends Saying<Said> {}
}
