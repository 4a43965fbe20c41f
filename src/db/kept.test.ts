import { expect, it } from 'vitest';
import { Kept, keptKind } from './kept';

const LENGTH = keptKind<number>('length');
const counted = (value: number) => {
  const reckon = () => {
    reckon.times += 1;
    return value;
  };
  reckon.times = 0;
  return reckon;
};

it('reckons anew only when a part of what it follows from is another', () => {
  const kept = new Kept();
  const list = [1];
  const reckon = counted(7);
  expect(kept.value(LENGTH, 'a', [list, 'May'], reckon)).toBe(7);
  expect(kept.value(LENGTH, 'a', [list, 'May'], reckon)).toBe(7);
  expect(reckon.times).toBe(1);
  kept.value(LENGTH, 'a', [[1], 'May'], reckon);
  kept.value(LENGTH, 'a', [[1]], reckon);
  expect(reckon.times).toBe(3);
});

it('tells kinds and names apart, and forgets what is dropped', () => {
  const kept = new Kept();
  kept.put(LENGTH, 'a', [], 1);
  expect(kept.last(keptKind<number>('width'), 'a')).toBeNull();
  expect(kept.last(LENGTH, 'b')).toBeNull();
  kept.drop(LENGTH, 'a');
  expect(kept.last(LENGTH, 'a')).toBeNull();
});

it('keeps no more than so many: what was asked for least lately goes', () => {
  const kept = new Kept(2);
  kept.put(LENGTH, 'a', [], 1);
  kept.put(LENGTH, 'b', [], 2);
  expect(kept.value(LENGTH, 'a', [], counted(9))).toBe(1);
  kept.put(LENGTH, 'c', [], 3);
  expect(kept.last(LENGTH, 'b')).toBeNull();
  expect(kept.last(LENGTH, 'a')?.value).toBe(1);
});

it('does not keep what could not be reckoned', () => {
  const kept = new Kept();
  const fails = () => {
    throw new Error('no');
  };
  expect(() => kept.value(LENGTH, 'a', [], fails)).toThrow('no');
  expect(kept.last(LENGTH, 'a')).toBeNull();
});
