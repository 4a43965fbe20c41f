import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { coldestAt, flowAt, flowReckoned, type Measured, NOTHING_MEASURED, type ScaleNow } from './measured';

const today = day('2027-05-16');
const scale = (now: Partial<ScaleNow>): ScaleNow => ({ flow: null, gainKg: null, flows: [], losses: [], ...now });
const flowing = (from: string) => scale({ flow: { from: day(from), strong: false }, gainKg: 1 });
const scales = (on: Readonly<Record<string, ScaleNow>>): Measured => ({
  ...NOTHING_MEASURED,
  scales: new Map(Object.entries(on)),
});
const hives = ['a', 'b', 'c'].map((id) => ({ id, name: id.toUpperCase() }));

describe('the flow that scales show', () => {
  it('is the one that has been on for longest, with the colony on that scale', () => {
    const known = scales({ a: flowing('2027-05-12'), b: flowing('2027-05-09'), c: scale({ gainKg: 0.1 }) });
    expect(flowAt(known, hives)).toMatchObject({ from: day('2027-05-09'), name: 'B' });
    expect(flowAt(known, hives.slice(2))).toBeNull();
    expect(flowAt(NOTHING_MEASURED, hives)).toBeNull();
  });

  it('counts where none was entered: what the keeper entered comes first', () => {
    const byScale = flowAt(scales({ a: flowing('2027-05-12') }), hives);
    const entered = { from: day('2027-06-01'), to: day('2027-06-20') };
    expect(flowReckoned(null, byScale, today)).toEqual({ from: day('2027-05-12'), to: today });
    expect(flowReckoned(entered, byScale, today)).toBe(entered);
    expect(flowReckoned(null, null, today)).toBeNull();
  });
});

describe('the coldest night at an apiary', () => {
  it('is not known without weather, nor while a night is missing', () => {
    expect(coldestAt(NOTHING_MEASURED, 'x')).toBeNull();
    const nights = { nights: [], coldestC: null };
    const known = { ...NOTHING_MEASURED, weather: new Map([['x', { days: [], swarmWeather: [], nights }]]) };
    expect(coldestAt(known, 'x')).toBeNull();
    const cold = { days: [], swarmWeather: [], nights: { ...nights, coldestC: -3 } };
    expect(coldestAt({ ...known, weather: new Map([['x', cold]]) }, 'x')).toBe(-3);
  });
});
