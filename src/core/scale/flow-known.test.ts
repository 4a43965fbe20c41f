import { expect, it } from 'vitest';
import { addDays, type Day, day } from '../calendar/day';
import { flowKnown } from './flow-known';

const D = day('2027-05-16');
const days = (...gains: (number | null)[]) =>
  gains.map((gain, i) => ({ on: addDays(D, i - gains.length + 1) as Day, gain }));

it('a flow that has not ended is on, with what came in over three whole days', () => {
  const flow = [{ from: addDays(D, -6), to: null, strong: true }];
  expect(flowKnown({ days: days(120, 90, 60, 30, 400), flow }, D)).toEqual({
    flow: { from: addDays(D, -6), strong: true },
    gainKg: 0.6,
  });
});

it('one that has ended is none, and days that are not known give no mean', () => {
  const flow = [{ from: addDays(D, -9), to: addDays(D, -4), strong: false }];
  expect(flowKnown({ days: days(120, null, 60, 30), flow }, D)).toEqual({ flow: null, gainKg: null });
});
