import { expect, it } from 'vitest';
import { inParts, Together } from './in-parts';

const handedOver = (answer: unknown) => {
  const together = new Together<unknown>();
  const parts = [...inParts(answer)];
  return { parts: parts.length, whole: parts.map((part) => together.take(structuredClone(part))).at(-1) };
};
const numbers = (n: number) => Array.from({ length: n }, (_, i) => i);

it.each([
  [{ ok: true, value: { rows: numbers(1_000), refused: [] } }, 1],
  [{ ok: true, value: { rows: numbers(1_001), refused: numbers(2_500), note: null } }, 6],
  [{ ok: false, issues: numbers(3) }, 1],
  [numbers(1_500), 3],
  [null, 1],
])('an answer is the same after it was handed over in %2$s pieces', (answer, pieces) => {
  expect(handedOver(answer)).toEqual({ parts: pieces, whole: answer });
});
