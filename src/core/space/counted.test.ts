import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { day } from '../calendar/day';
import { broodMovedOn } from './brood-moved';
import { type Glance, sidesByGlance } from './count-survey';
import { FRAME_SIZES } from './frame-size';
import { mainContent } from './frame-traits';
import { type Frame, type Hive, tenthsOn } from './hive';
import { layingRate } from './laying-rate';
import { mayHold } from './may-hold';
import { nearEdge } from './near-edge';
import { DEFAULT_NECTAR, FLOWS, type Flow } from './nectar';
import { anyHive, boundHive } from './proposals/testing';
import { roomOf } from './room';
import type { SurveyFact, SurveyManner } from './survey';
import { aBox, aHive } from './testing';
import { laidBefore } from './would-lay';

const ON = day('2027-05-10');
const FIGURES = { sizes: FRAME_SIZES, nectarKg: DEFAULT_NECTAR };
const told = (hive: Hive, manner: SurveyManner, flow: Flow = 'none') => ({ on: ON, hive, manner, flow });
const room = (hive: Hive, manner: SurveyManner, flow: Flow = 'none') => roomOf(told(hive, manner, flow), FIGURES);

/** A painted hive as somebody who only counts frames would tell it. */
const asCounted = (hive: Hive): Hive => ({
  boxes: hive.boxes.map((box) => ({ ...box, frames: box.frames.map(atAGlance) })),
});

function atAGlance(frame: Frame): Frame {
  const main = mainContent(frame);
  if (main === null) return frame;
  const young = tenthsOn(frame, ['eggs', 'larvae']);
  const ofBrood = young === 0 ? 'sealed' : tenthsOn(frame, ['sealed']) === 0 ? 'young' : 'brood';
  return { ...frame, sides: sidesByGlance(main === 'brood' ? ofBrood : (main as Glance)) };
}

describe('a hive that was only counted', () => {
  it('gives a span of days that holds what painting the same frames comes to, nine times in ten and more', () => {
    const hives = [
      ...fc.sample(anyHive, { seed: 3, numRuns: tries(100) }),
      ...fc.sample(boundHive, { seed: 3, numRuns: tries(50) }),
    ];
    const shareWithin = (manner: SurveyManner) => {
      const within = hives.flatMap((hive) =>
        FLOWS.filter((flow) => {
          const painted = room(hive, 'frames', flow).days.byNow;
          const { least, most } = room(asCounted(hive), manner, flow).days;
          return least <= painted && painted <= most;
        }),
      );
      return within.length / (hives.length * FLOWS.length);
    };
    expect(shareWithin('counts')).toBeGreaterThan(0.9);
    // Counted frames taken at their word missed it far more often.
    expect(shareWithin('frames')).toBeLessThan(0.7);
  });

  it('holds as many tenths however little of them is brood', () => {
    for (const hive of mayHold(aHive(aBox('a', 'HPBBYSPEUN')), 'counts'))
      for (const { sides } of hive.boxes[0]?.frames ?? [])
        for (const side of sides ?? [])
          expect(Object.values(side).reduce((sum, tenths) => sum + tenths, 0)).toBeCloseTo(10);
    expect(mayHold(aHive(aBox('a', 'BB')), 'frames')).toHaveLength(1);
  });

  it('is not called short of room for want of empty cells that nobody could count', () => {
    const full = aHive(aBox('a', 'HPBBBBBBPH'));
    expect(room(full, 'frames').isShortNow).toBe(true);
    expect(room(full, 'counts').isShortNow).toBe(false);
  });

  it('names the frames of which one taken for another would turn what is to be done', () => {
    // Six frames of stores of ten hem her in; five do not.
    const edge = aHive(aBox('a', 'HNPBBBPNHH', { places: 10 }));
    expect(room(edge, 'counts').bound?.by).toBe('honey');
    const found = nearEdge(told(edge, 'counts'), FIGURES);
    expect(found).toContainEqual({ boxId: 'a', holds: 'honey' });
    expect(nearEdge(told(edge, 'frames'), FIGURES)).toEqual([]);
    expect(nearEdge(told(aHive(aBox('a', 'PBBBEEEEEE')), 'counts'), FIGURES)).toEqual([]);
  });

  it('never turns by one frame without having said so', () => {
    const swapped = fc.record({
      hive: fc.oneof(anyHive, boundHive).map(asCounted),
      flow: fc.constantFrom(...FLOWS),
      at: fc.nat(30),
      // Pairs of contents that pass for one another.
      pair: fc.constantFrom(['honey', 'nectar'], ['nectar', 'empty'], ['empty', 'undrawn'], ['pollen', 'empty']),
    });
    fc.assert(
      fc.property(swapped, ({ hive, flow, at, pair }) => {
        const [was, is] = pair as [Glance, Glance];
        const alike = hive.boxes.flatMap(({ id, frames }) =>
          frames.filter((frame) => mainContent(frame) === was).map((frame) => ({ boxId: id, frame })),
        );
        const chosen = alike[at % Math.max(1, alike.length)];
        if (!chosen) return;
        const other: Hive = {
          boxes: hive.boxes.map((box) => ({
            ...box,
            frames: box.frames.map((one) => (one.id === chosen.frame.id ? { ...one, sides: sidesByGlance(is) } : one)),
          })),
        };
        const [before, after] = [room(hive, 'counts', flow), room(other, 'counts', flow)];
        const hasTurned = before.bound?.by !== after.bound?.by || before.isShortNow !== after.isShortNow;
        if (hasTurned)
          expect(nearEdge(told(hive, 'counts', flow), FIGURES)).toContainEqual({ boxId: chosen.boxId, holds: was });
      }),
      { numRuns: tries(300) },
    );
  });
});

describe('what decides the day is said', () => {
  const nest = aHive(aBox('a', 'HPBBBBPEEH'));

  it('names the nectar where it brings the day forward, by the keeper’s own figure', () => {
    const kg = (light: number) => roomOf(told(nest, 'frames', 'light'), { ...FIGURES, nectarKg: { light, strong: 2 } });
    expect(kg(0.5).nectarDecides).toBe(0.5);
    expect(kg(1.5)).toMatchObject({ nectarDecides: 1.5 });
    expect(kg(1.5).days.least).toBeLessThan(kg(0.5).days.least);
    expect(room(nest, 'frames', 'none').nectarDecides).toBeNull();
    // Out of room at once, with or without nectar.
    expect(room(aHive(aBox('a', 'HHHHHHPPPY')), 'frames', 'strong').nectarDecides).toBeNull();
  });

  it('reads no trend from brood that was moved, and no rate from what was not laid since', () => {
    const brood = { eggs: 3000, larvae: 4800, sealed: 12_000 };
    const since = (days?: number) => layingRate(brood, days);
    expect(since().trend).toBe('steady');
    expect(since(20)).toMatchObject({ trend: 'unknown' });
    expect(since(21)).toEqual(since());
    // Eggs and larvae tell from the ninth day, eggs alone before.
    expect(since(9)).toMatchObject({ low: 800, high: 1000 });
    expect(since(8)).toMatchObject({ low: 1000, high: 1000 });
    expect(layingRate({ ...brood, eggs: 0 }, 8)).toMatchObject({ low: 0, high: 0 });
  });

  it('knows from the frames that were moved, and from the day on which a colony was parted', () => {
    const at = (on: string, source: SurveyFact['source'], ...boxes: readonly string[]): SurveyFact => ({
      id: on,
      at: `${on}T10:00`,
      on: day(on),
      source,
      manner: 'frames',
      flow: 'none',
      coveredSeams: null,
      queenFrameId: null,
      hive: aHive(...boxes.map((letters, i) => aBox(`box ${i}`, letters))),
    });
    const found = at('2027-05-01', 'survey', 'HPBBBPEE');
    // Two boxes of the same frames, parted: the second’s brood is gone.
    const whole = at('2027-05-01', 'survey', 'HPBBBPEE', 'HPBBBPEE');
    const left = at('2027-05-02', 'moves', 'HPBBBPEE');
    const later = at('2027-05-12', 'survey', 'HPBBBPEE');
    const movedOn = (...surveys: readonly SurveyFact[]) => broodMovedOn(surveys, later);
    expect(movedOn(whole, left, later)).toBe(day('2027-05-02'));
    expect(movedOn(found, left, later)).toBeNull();
    // What became brood where it hung has not moved.
    const grown = at('2027-05-02', 'moves', 'HPBBBBEE');
    expect(movedOn(found, grown, later)).toBeNull();
    expect(broodMovedOn([whole, left], { at: '2027-05-24T10:00', on: day('2027-05-24') })).toBeNull();
    expect(laidBefore([found, later], later, FRAME_SIZES, [day('2027-05-05')]).broodMovedOn).toBe(day('2027-05-05'));
    expect(laidBefore([found, later], later, FRAME_SIZES, [day('2027-04-05')]).broodMovedOn).toBeNull();
    expect(laidBefore([found, later], later, FRAME_SIZES, [day('2027-05-13')]).broodMovedOn).toBeNull();
  });
});
