import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ALL_FIGURES } from '../src/core/biology/figure';
import { DOMAIN_DOC, withGeneratedParts } from './domain-doc';

describe('docs/DOMAIN.md', () => {
  it('says what the core says (npm run docs:domain makes it anew)', () => {
    const document = readFileSync(DOMAIN_DOC, 'utf8');
    expect(withGeneratedParts(document)).toBe(document);
  });

  it('names every figure once, with a unit and a source', () => {
    const names = ALL_FIGURES.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const { unit, source } of ALL_FIGURES) expect(unit && source).not.toBe('');
  });
});
