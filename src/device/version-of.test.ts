import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameValue } from '../core/facts/same-value';
import { deletedVersion, versionOf } from './version-of';

describe('a version', () => {
  it('is the same for the same content in whatever order, and another for another', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (content) => {
        const turned = Object.fromEntries(Object.entries(content).reverse());
        expect(versionOf(turned)).toBe(versionOf(content));
        expect(versionOf({ ...content, another: 1 }) === versionOf(content)).toBe(
          sameValue({ ...content, another: 1 }, content),
        );
      }),
    );
    expect(deletedVersion({ a: 1 })).not.toBe(versionOf({ a: 1 }));
    expect(versionOf({ a: [1, 2] })).not.toBe(versionOf({ a: [2, 1] }));
  });
});
