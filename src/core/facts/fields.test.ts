import { describe, expect, it } from 'vitest';
import { idField } from './fields';

describe('an identifier', () => {
  it('is the same in capitals: what is sent twice lands once', () => {
    const id = '01960000-0000-7000-8000-00000000001a';
    expect(idField.parse(id.toUpperCase())).toBe(id);
    expect(idField.safeParse('clover').success).toBe(false);
  });
});
