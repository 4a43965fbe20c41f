import { describe, expect, it } from 'vitest';
import type { MethodName } from '../methods/method';
import { comesToSomething, type WantsRoom, waysToGiveRoom } from './give-room';
import type { Room } from './room';
import { aBox, aHive, proposalFrom } from './testing';

const limits = { interleaveNightC: 10, leastBroodDemaree: 6, leastSeamsDemaree: 8 };
const wants = (over: Partial<Room> = {}, more: Partial<WantsRoom> = {}): WantsRoom => ({
  room: { bound: null, out: null, isShortNow: true, ...over } as Room,
  triggers: { addBox: false, addSuper: false } as WantsRoom['triggers'],
  nest: { coldestNightC: 12, broodFrames: 7, coveredSeams: 9 },
  limits,
  isSeasonOver: false,
  ...more,
});
const ways = (asked: WantsRoom, can: (method: MethodName) => boolean = () => true) =>
  waysToGiveRoom(asked, can).map(({ method }) => method);

describe('what would give her room', () => {
  it('frees her of what hems her in before anything else', () => {
    expect(ways(wants({ bound: { by: 'pollen' } as Room['bound'] }))).toEqual(['pollen-bound']);
    expect(ways(wants({ bound: { by: 'honey' } as Room['bound'] }))).toEqual(['honey-bound']);
  });

  it('interleaves where nights are warm and bees many, else opens the sides, also where it cannot be laid out', () => {
    expect(ways(wants())).toEqual(['interleave']);
    expect(ways(wants({}, { nest: { coldestNightC: 5, broodFrames: 7, coveredSeams: 9 } }))).toEqual(['open-sides']);
    expect(ways(wants(), (method) => method !== 'interleave')).toEqual(['open-sides']);
    expect(ways(wants(), () => false)).toEqual([]);
  });

  it('gives boxes while the season lasts, and nothing where nothing is short', () => {
    const triggers = { addBox: true, addSuper: true } as WantsRoom['triggers'];
    const enough = { isShortNow: false };
    expect(ways(wants(enough, { triggers }))).toEqual(['add-box', 'add-super']);
    expect(ways(wants(enough, { triggers, isSeasonOver: true }))).toEqual([]);
    expect(ways(wants(enough))).toEqual([]);
  });
});

it('a method comes to something where it moves or adds a frame', () => {
  const from = (letters: string) => proposalFrom(aHive(aBox('nest', letters)));
  expect(comesToSomething('pollen-bound', from('HPBBBBPHEE'))).toBe(true);
  expect(comesToSomething('part-demaree', from('HPBBEEEEPH'))).toBe(false);
});
