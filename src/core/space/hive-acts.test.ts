import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FRAME_SIZES } from './frame-size';
import { framesOf, type Hive } from './hive';
import { afterAct, HIVE_ACTS, type HiveAct } from './hive-acts';
import { hiveChanges } from './hive-changes';
import { anyHive } from './proposals/testing';
import { aBox, aHive } from './testing';

const tools = () => {
  let made = 0;
  const newId = () => {
    made += 1;
    return `new/${made}`;
  };
  return { superSize: 'national-super', sizes: FRAME_SIZES, newId };
};
const doing = (hive: Hive, ...acts: readonly HiveAct[]) => {
  const made = tools();
  return acts.reduce<Hive | null>((so, act) => so && afterAct(so, act, made), hive);
};
const stack = (hive: Hive | null) =>
  hive?.boxes.map(({ id, under }) => (under === 'open' ? id : `${under}/${id}`)).join(' ') ?? null;

const nest = aBox('nest', 'HPBBBBPEEE', { places: 11 });
const supered = aHive(nest, aBox('low', 'NNNNNNNNNN', { role: 'super', size: 'national-super', under: 'excluder' }));

describe('what is done at a hive without looking at its frames', () => {
  it.each<[string, Hive, HiveAct, string | null]>([
    ['the first super comes over an excluder', aHive(nest), 'super-of-comb-on', 'nest excluder/new/12'],
    ['no super to come under', aHive(nest), 'super-of-comb-under', null],
    ['a super on top', supered, 'super-of-foundation-on', 'nest excluder/low new/11'],
    [
      'a super under the others, over what lies on the brood',
      supered,
      'super-of-comb-under',
      'nest excluder/new/11 low',
    ],
    ['the top super off', supered, 'super-off', 'nest'],
    ['no super to take off', aHive(nest), 'super-off', null],
    ['the excluder off', supered, 'excluder-off', 'nest low'],
    ['no second excluder', supered, 'excluder-on', null],
    ['no excluder without a super', aHive(nest), 'excluder-on', null],
  ])('%s', (_, hive, act, stands) => {
    expect(stack(doing(hive, act))).toBe(stands);
  });

  it('puts a full frame where there is a place, and no further', () => {
    const fuller = doing(supered, 'full-frame-back');
    expect(fuller?.boxes[0]?.frames).toHaveLength(11);
    expect(fuller?.boxes[0]?.frames.at(-1)?.sides?.[0]).toEqual({ honey: 10 });
    expect(doing(supered, 'full-frame-back', 'full-frame-back')).toBeNull();
  });

  it('opens and shuts, gives and takes, each once', () => {
    expect(doing(supered, 'feeder-on', 'top-entrance-open')).toMatchObject({ feeder: true, topEntrance: true });
    expect(doing(supered, 'feeder-on', 'feeder-off')).toMatchObject({ feeder: false });
    expect(doing(supered, 'feeder-on', 'feeder-on')).toBeNull();
    expect(doing(supered, 'feeder-off')).toBeNull();
    expect(doing(supered, 'top-entrance-shut')).toBeNull();
  });

  it('loses no frame of the brood boxes, and every act is told as a change', () => {
    fc.assert(
      fc.property(anyHive, fc.constantFrom(...HIVE_ACTS), (hive, act) => {
        const then = doing(hive, act);
        if (!then) return;
        expect(hiveChanges(hive, then).length).toBeGreaterThan(0);
        const lost = framesOf(hive).length - framesOf(then).filter(({ id }) => !id.startsWith('new/')).length;
        expect(lost).toBe(act === 'super-off' ? (hive.boxes.at(-1)?.frames.length ?? 0) : 0);
      }),
    );
  });
});

describe('what was done between two times', () => {
  const changes = (from: Hive, to: Hive) =>
    hiveChanges(from, to).map((change) => ('count' in change ? `${change.what} ${change.count}` : change.what));

  it('is nothing where only the bees did something, and boxes are counted by themselves', () => {
    expect(changes(supered, supered)).toEqual([]);
    expect(
      changes(supered, aHive({ ...nest, frames: aBox('nest', 'HPSSSSPEEE').frames }, ...supered.boxes.slice(1))),
    ).toEqual([]);
    expect(changes(aHive(nest), supered)).toEqual(['super-on 1', 'excluder-on']);
    expect(changes(supered, aHive(nest))).toEqual(['super-off 1', 'excluder-off']);
  });

  it('counts frames of brood apart, and tells moves within from frames that came or went', () => {
    const less = { ...nest, frames: nest.frames.filter(({ id }) => !['nest/3', 'nest/4', 'nest/10'].includes(id)) };
    expect(changes(aHive(nest), aHive(less))).toEqual(['brood-left 2', 'frames-left 1']);
    expect(changes(aHive(less), aHive(nest))).toEqual(['brood-came 2', 'frames-came 1']);
    expect(changes(aHive(nest), aHive({ ...nest, frames: [...nest.frames].reverse() }))).toEqual(['frames-moved']);
    const [low, high] = [aBox('a', 'EE'), aBox('b', 'EE')];
    expect(changes(aHive(low, high), aHive(high, low))).toEqual(['boxes-reordered']);
    expect(changes(supered, { ...supered, feeder: true })).toEqual(['feeder-on']);
    expect(changes({ ...supered, feeder: true }, supered)).toEqual([]);
    expect(changes({ ...supered, topEntrance: true }, { ...supered, topEntrance: false })).toEqual([
      'top-entrance-shut',
    ]);
  });
});
