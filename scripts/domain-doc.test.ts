import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ALL_FIGURES } from '../src/core/biology/figure';
import { FIGURE_WORDS } from '../src/words/figures';
import { DOMAIN_DOC, withGeneratedParts } from './domain-doc';

describe('docs/DOMAIN.md', () => {
  it('says what the core says (npm run docs:domain makes it anew)', () => {
    const document = readFileSync(DOMAIN_DOC, 'utf8');
    expect(withGeneratedParts(document)).toBe(document);
  });

  it('has words for every figure, and none for another', () => {
    const names = ALL_FIGURES.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    expect([...names].sort()).toEqual(Object.keys(FIGURE_WORDS).sort());
  });
});
