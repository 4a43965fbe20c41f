import { afterEach, describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { METRIC } from '../core/units/units';
import { speakUnits } from './measures';
import { betterWayWords, facingName, flyersWords, onTheRoad, stepWhy, stepWords, wayMarkWords } from './yard';

afterEach(() => speakUnits(METRIC));

const nameOf = (id: string) => id.toUpperCase();
const said = (join: readonly string[], flyers: number | null = 6000) =>
  flyersWords('a', { kind: 'go-back', join }, flyers, nameOf);

describe('what becomes of flying bees', () => {
  it('says who loses them, who gains them, and roughly how many', () => {
    expect(said(['b'])).toBe(
      'The flying bees of A, about 6,000, go back to where it stood and join B. A is left with its house bees.',
    );
    expect(said(['b', 'c'])).toContain('are shared by B and C, about 3,000 each');
    expect(said(['a', 'b'])).toContain('A shares them with B, as near to it, about 3,000 each');
    expect(said(['b'], null)).toContain('about a third of its bees');
    expect(said([])).toContain('no hive is within 2 m of it: they are lost');
    expect(flyersWords('a', { kind: 'kept', because: 'far' }, 1, nameOf)).toContain('over 5 km away');
  });

  it('and how they could be kept, in the measures of the keeper', () => {
    expect(betterWayWords({ kind: 'by-steps', days: 4 })).toContain('less than 1 m a day it keeps them: 4 days');
    speakUnits({ ...METRIC, length: 'ft' });
    expect(betterWayWords({ kind: 'by-steps', days: 4 })).toContain('less than 3.3 ft');
  });
});

describe('a hive moved by steps', () => {
  const step = { metres: 0.8, bearing: 314, left: 3, isDoneToday: false, thereOn: day('2027-05-18') };
  it('is told with how far, where to and until when', () => {
    expect(stepWords('Yarrow', step)).toBe('Move Yarrow by 80 cm to the north-west');
    expect(stepWhy(step, 'unknown')).toBe('3 more steps, a day each: there on Tue 18 May at the earliest.');
    expect(stepWhy({ ...step, left: 1 }, 'fly')).toBe('The last step.');
    expect(stepWhy(step, 'stay-in')).toMatch(/^No bees fly today: leave it/);
    expect(stepWhy({ ...step, isDoneToday: true }, 'stay-in')).toMatch(/^Done today\. 3 more steps/);
  });

  it('faces one of eight ways', () => {
    expect([0, 44, 90, 359, -90].map(facingName)).toEqual(['north', 'north-east', 'east', 'north', 'west']);
  });
});

it('way-marks name their hives, and the road asks the inspector first', () => {
  expect(wayMarkWords(['A', 'B'])).toContain('in front of A and B');
  expect(onTheRoad(null)[0]).toContain('ask your bee inspector first');
  expect(onTheRoad(60)[1]).toContain('60 kg');
  expect(onTheRoad(null)[1]).toContain('never surveyed');
});
