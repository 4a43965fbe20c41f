import { describe, expect, it } from 'vitest';
import { inWords } from '../../words/in-words';
import { day, formatDay } from '../calendar/day';
import { boundBy } from './bound';
import { FRAME_SIZES } from './frame-size';
import { broodFrameCount, combOf, type Hive } from './hive';
import { DEFAULT_NECTAR, nectarPerDay } from './nectar';
import { openOrInterleave } from './open-or-interleave';
import { roomLeft, roomOf } from './room';
import type { SurveyFact } from './survey';
import { aBox, aHive } from './testing';
import { triggersOf } from './triggers';
import { boxWeight } from './weight';
import { wouldLay } from './would-lay';

const ON = day('2027-05-10');
const FIGURES = { sizes: FRAME_SIZES, nectarKg: DEFAULT_NECTAR };
const room = (hive: Hive, flow: 'none' | 'light' | 'strong' = 'none') =>
  roomOf({ on: ON, hive, manner: 'frames', flow }, FIGURES);

describe('the room of a hive', () => {
  it('lies in the brood boxes alone', () => {
    const nest = aBox('nest', 'HPBBBBBBPEE');
    const alone = room(aHive(nest));
    const withSuper = room(aHive(nest, aBox('super', 'EEEEEEEEEEE', { role: 'super', under: 'excluder' })));
    expect(withSuper.days).toEqual(alone.days);
    expect(alone.bound).toBeNull();
  });

  it('runs out between the days of the highest and the lowest rate', () => {
    // Three frames of eggs and larvae: 5,250 eggs tell of 1,750 a day, 9,750 larvae of 1,625; one frame is empty.
    const found = room(aHive(aBox('nest', 'HHYYYEHHHHH')));
    expect([found.rate.now, found.rate.lastWeek].map(Math.round)).toEqual([1750, 1625]);
    expect(found.days).toEqual({ least: 3, most: 4, byNow: 3 });
    expect(found.out && [found.out.from, found.out.to].map((end) => end && formatDay(end))).toEqual([
      '2027-05-13',
      '2027-05-14',
    ]);
    // Brood but no eggs: she may not lay at all, so no day for room can be given.
    expect(room(aHive(aBox('nest', 'HHSSSEHHHHH'))).out).toBeNull();
    expect(found.course[0]).toMatchObject({ low: 5000, high: 5000 });
    expect(roomLeft(found, day('2027-05-12'))).toBe(1);
    expect(roomLeft(found, day('2027-05-20'))).toBe(0);
  });

  it('is as wide as what nobody looked at: none of it free at the early end, all of it at the late', () => {
    const whole = room(aHive(aBox('nest', 'HHYYYEHHHHH')));
    const hive = aHive(aBox('nest', 'HHYYYEHHHHH'));
    const unseen = {
      boxes: hive.boxes.map((box) => ({
        ...box,
        frames: box.frames.map((frame, i) =>
          i < 2 ? { ...frame, sides: [{ unseen: 10 }, { unseen: 10 }] as const } : frame,
        ),
      })),
    };
    const found = room(unseen);
    expect(found.unseen).toBe(10_000);
    expect(found.days.least).toBe(whole.days.least);
    // 15,000 cells at 1,625 a day.
    expect(found.days.most).toBe(10);
    expect(found.course[0]).toMatchObject({ low: 5000, high: 15_000 });
  });

  it('hems her in by what she would lay with room, and not at all with room for two weeks', () => {
    const hive = aHive(aBox('nest', 'HHHHHNNBBBE'));
    const at = (shown: number) =>
      roomOf({ on: ON, hive, manner: 'frames', flow: 'none' }, FIGURES, { shown, broodMovedOn: null }).bound?.by ??
      null;
    // Steady, she lays in what emerges; by the rate that she showed before, one empty frame is not three days.
    expect(at(0)).toBeNull();
    expect(at(2500)).toBe('honey');
    const comb = combOf([aBox('nest', 'PPPPBBBBBEE')], FRAME_SIZES);
    expect([boundBy(comb, 1000, 13)?.by, boundBy(comb, 1000, 14)]).toEqual(['pollen', null]);
  });

  it('is judged by the best rate of the last three surveys, not of frames that were only moved', () => {
    const survey = (on: string, letters: string, source: 'survey' | 'moves' = 'survey'): SurveyFact => ({
      id: on,
      at: `${on}T12:00`,
      on: day(on),
      source,
      manner: 'frames',
      flow: 'none',
      coveredSeams: null,
      queenFrameId: null,
      hive: aHive(aBox('nest', letters)),
    });
    const all = [
      survey('2027-05-30', 'HHHHYHHHHHH'),
      survey('2027-05-01', 'YYYYYYYHHHH'),
      survey('2027-05-10', 'HHYYYYHHHHH'),
      survey('2027-05-20', 'HHHYYHHHHHH'),
      survey('2027-05-21', 'YYYYYYYYHHH', 'moves'),
    ];
    const rate = (until: string) => Math.round(wouldLay(all, `${until}T23:59`, FRAME_SIZES));
    // A frame of eggs and larvae tells of 583 a day. The first of four is forgotten.
    expect(rate('2027-05-30')).toBe(Math.round(4 * 583.33));
    expect(rate('2027-05-21')).toBe(Math.round(7 * 583.33));
    expect(rate('2027-04-30')).toBe(0);
  });

  it('goes to nectar where no super takes it', () => {
    const nest = aBox('nest', 'HPBBBBBBPEE');
    const supered = aHive(nest, aBox('super', 'EEEEEEEEEEE', { role: 'super', under: 'excluder' }));
    expect(nectarPerDay(aHive(nest), 'strong', FIGURES)).toBeCloseTo(2000 / 0.43);
    expect(nectarPerDay(supered, 'strong', FIGURES)).toBeCloseTo((2000 / 0.43) * (2 / 13));
    expect(nectarPerDay(supered, 'none', FIGURES)).toBe(0);
    expect(room(aHive(nest), 'strong').days.byNow).toBeLessThan(room(supered, 'strong').days.byNow);
  });
});

describe('a nest hemmed in', () => {
  const bound = (letters: string, rate: number) => boundBy(combOf([aBox('nest', letters)], FRAME_SIZES), rate);

  it('by pollen, from three frames in ten', () => {
    expect(bound('PPPBBBBBEE', 1000)?.by).toBe('pollen');
    expect(bound('PPBBBBBBEE', 1000)).toBeNull();
  });

  it('by honey or nectar, from six in ten with few empty cells', () => {
    expect(bound('HHHHNNBBBB', 1000)?.by).toBe('honey');
    expect(bound('HHNNNNBBBB', 1000)?.by).toBe('nectar');
    expect(bound('HHHHNBBBBB', 1000)).toBeNull();
    // One empty frame of 5,000 cells is five days of laying at 1,000.
    expect(bound('HHHHNNBBBE', 1000)).toBeNull();
    expect(bound('HHHHNNBBBE', 2000)?.by).toBe('honey');
  });

  it('not where nothing is drawn', () => {
    expect(bound('UUUU', 0)).toBeNull();
  });
});

describe('what a hive wants', () => {
  const nest = aBox('nest', 'HPBBBBBBPH');
  it('a box, once bees cover most of the top one', () => {
    expect(triggersOf(aHive(nest), 8, FRAME_SIZES)).toMatchObject({ topBoxCovered: 0.8, addBox: true });
    expect(triggersOf(aHive(nest), 7, FRAME_SIZES).addBox).toBe(false);
    expect(triggersOf(aHive(nest), null, FRAME_SIZES)).toMatchObject({ topBoxCovered: null, addBox: false });
    expect(triggersOf(aHive(nest, aBox('b', 'EEEEEEEEEE')), 12, FRAME_SIZES).topBoxCovered).toBeCloseTo(0.6);
  });

  it('a super, once those there are are mostly full; and lets ripe ones come off', () => {
    const above = (id: string, letters: string) => aBox(id, letters, { role: 'super', size: 'national-super' });
    expect(triggersOf(aHive(nest, above('s', 'HHHHNNNEEE')), 8, FRAME_SIZES)).toMatchObject({
      addSuper: true,
      ripeSupers: [],
    });
    expect(triggersOf(aHive(nest, above('s', 'HHHHHHHHNN'), above('t', 'EEEEEEEEEE')), 8, FRAME_SIZES)).toMatchObject({
      supersFull: 0.5,
      addSuper: false,
      ripeSupers: ['s'],
    });
    expect(triggersOf(aHive(nest), 8, FRAME_SIZES).supersFull).toBeNull();
  });
});

it('a box weighs what its frames hold', () => {
  const full = aBox('deep', 'HHHHHHHHHH', { size: 'langstroth-deep' });
  // 68,000 cells of honey at 0.43 g and wax at 0.03 g, ten frames of 0.3 kg, a box of 5 kg, no bees.
  expect(boxWeight(full, 0, FRAME_SIZES)).toBeCloseTo(68 * 0.46 + 3 + 5);
  expect(boxWeight(full, 20, FRAME_SIZES) - boxWeight(full, 0, FRAME_SIZES)).toBeCloseTo(2.5);
});

it('frames of brood are counted as a keeper counts them', () => {
  expect(broodFrameCount(aHive(aBox('nest', 'HPBYSSPEUN'), aBox('b', 'EEBBEEEEEE')))).toBe(6);
});

describe('opening the sides or interleaving', () => {
  const limits = { interleaveNightC: 10, leastBroodDemaree: 6, leastSeamsDemaree: 8 };
  const strong = { coldestNightC: 12, broodFrames: 7, coveredSeams: 9 };
  it('interleaves only a strong colony in warm nights, and says why', () => {
    expect(openOrInterleave(strong, limits).method).toBe('interleave');
    expect(openOrInterleave({ ...strong, coldestNightC: 10 }, limits).method).toBe('interleave');
    for (const weak of [
      { coldestNightC: 9 },
      { coldestNightC: null },
      { broodFrames: 5 },
      { broodFrames: null },
      { coveredSeams: 7 },
      { coveredSeams: null },
    ]) {
      const { method, why } = openOrInterleave({ ...strong, ...weak }, limits);
      expect([method, inWords(why).includes('open the sides')]).toEqual(['open-sides', true]);
    }
  });
});
