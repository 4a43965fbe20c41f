import { describe, expect, it } from 'vitest';
import { descendsFrom, type Family, families } from './family';
import { toReplace } from './to-replace';

const queen = (id: string, motherQueenId: string | null = null) => ({ id, motherQueenId });
const drawn = ({ queen: { id }, daughters }: Family<ReturnType<typeof queen>>): string =>
  daughters.length === 0 ? id : `${id}(${daughters.map(drawn).join(' ')})`;

describe('families of queens', () => {
  it('begin with the first who is known', () => {
    const all = [queen('b', 'a'), queen('a'), queen('c', 'a'), queen('d', 'b'), queen('e', 'not-in-the-book')];
    expect(families(all).map(drawn)).toEqual(['a(b(d) c)', 'e']);
    expect(families([])).toEqual([]);
  });

  it('lose nobody where mothers go round in a circle', () => {
    const round = [queen('a', 'b'), queen('b', 'a'), queen('c', 'b')];
    const names = families(round).map(drawn).join(' ').match(/\w/g);
    expect([...(names ?? [])].sort()).toEqual(['a', 'b', 'c']);
    const known = new Map(round.map((one) => [one.id, one]));
    expect(descendsFrom(round[2] as (typeof round)[number], 'a', known)).toBe(true);
    expect(descendsFrom(round[2] as (typeof round)[number], 'x', known)).toBe(false);
  });
});

describe('a queen to be replaced', () => {
  const well = { reading: 'settled', wanted: 'nothing', year: 2 } as const;
  it('is one who lays drones, one whose strain is not wanted, and an old one, in that order', () => {
    expect(toReplace(well)).toEqual([]);
    expect(toReplace({ reading: 'drone-laying', wanted: 'better-strain', year: 3 })).toEqual([
      'lays-drones',
      'better-strain',
      'old',
    ]);
    expect(toReplace({ ...well, wanted: 'queen' })).toEqual([]);
    expect(toReplace({ ...well, reading: null, year: null })).toEqual([]);
  });
});
