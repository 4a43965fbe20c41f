import { describe, expect, it } from 'vitest';
import { JsonBounds } from './json-bounds';

const bytes = (text: string) => new TextEncoder().encode(text);
const said = (...parts: readonly (string | Uint8Array)[]) => {
  const bounds = new JsonBounds();
  for (const part of parts) {
    const fault = bounds.watch(typeof part === 'string' ? bytes(part) : part);
    if (fault) return fault.message;
  }
  return null;
};

describe('JSON as it comes in', () => {
  it('may be as deep as a hive in a season file, and no deeper than that by far', () => {
    expect(said('['.repeat(40))).toBeNull();
    expect(said('{"a":['.repeat(20), '[')).saying(/nested more than 40 deep/);
    expect(said('['.repeat(40), ']'.repeat(40), '['.repeat(40))).toBeNull();
  });

  it('has values by the million at most', () => {
    const million = bytes('0,'.repeat(1_000_000));
    const one = Array.from({ length: 6 }, () => million);
    expect(said('[', ...one)).toBeNull();
    expect(said('[', ...one, ',')).saying(/more than 6 million values/);
  });

  it('has a thousand fields to a thing at most, whatever stands in them and beside it', () => {
    const fields = (n: number) => Array.from({ length: n }, (_, i) => `"f${i}":[1,2,{"a":1}]`).join(',');
    expect(said(`[{${fields(1_000)}},{${fields(1_000)}}]`)).toBeNull();
    expect(said(`[{${fields(1_001)}}]`)).saying(/more than 1000 fields/);
    expect(said(`[${'0,'.repeat(5_000)}0]`)).toBeNull();
  });

  it('is not judged by what stands in its texts, however they are cut up', () => {
    expect(said(`"${'['.repeat(100)}`, `${'['.repeat(100)}"`)).toBeNull();
    expect(said('"a\\', `"${'['.repeat(100)}"`)).toBeNull();
    expect(said('"a\\\\"', '['.repeat(41))).saying(/nested/);
  });
});
