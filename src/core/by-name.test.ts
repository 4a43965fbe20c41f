import { expect, it } from 'vitest';
import { byName } from './by-name';

it('sorts names as people count, and those that differ by capitals always alike', () => {
  const names = ['10', 'hive 10', '2', 'Hive 9', 'b', 'B', 'A', '1a'].map((name) => ({ name }));
  const sorted = ['1a', '2', '10', 'A', 'B', 'b', 'Hive 9', 'hive 10'];
  expect([...names].sort(byName).map(({ name }) => name)).toEqual(sorted);
  expect(
    [...names]
      .reverse()
      .sort(byName)
      .map(({ name }) => name),
  ).toEqual(sorted);
});
