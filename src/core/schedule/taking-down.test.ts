import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { inspection } from '../colony/testing';
import type { ProgrammePart } from '../programmes/facts';
import { aProgramme } from '../programmes/testing';
import { takingDownPrice } from './taking-down';

const look = (on: string, takenDown: number) => ({ inspection: inspection({ at: `2027-${on}T15:00` }), takenDown });
const price = (looks: ReturnType<typeof look>[], parts: ProgrammePart[] = []) =>
  takingDownPrice(day('2027-05-13'), 'cleared', looks, parts);

describe('the price of breaking cells down', () => {
  it('buys three days, from a larva four days old, and is called no control', () => {
    expect(price([])).toMatchObject({ until: day('2027-05-16'), timesBefore: 0, isWorking: true });
    expect(price([]).words).toEqual('Breaking cells down buys time until 16 May; it does not stop swarming.');
  });

  it('says plainly that it does not work the second time running, and what would', () => {
    const second = price([look('05-10', 2)]);
    expect(second).toMatchObject({ timesBefore: 1, isWorking: false });
    expect(second.words).saying('A method that parts the queen from her brood would.');
    const twice = price([look('05-07', 1), look('05-10', 2)]);
    expect(twice).toMatchObject({ timesBefore: 2, isWorking: false });
    expect(twice.words).saying('You have done it twice in a row. It is not working');
    expect(price([look('05-04', 1), look('05-07', 1), look('05-10', 2)]).words).saying(
      'You have done it 3 times in a row',
    );
  });

  it('counts anew after a look without, after a long pause, and after a method', () => {
    expect(price([look('05-07', 2), look('05-10', 0)]).timesBefore).toBe(0);
    expect(price([look('04-20', 2)]).timesBefore).toBe(0);
    const part = (method: 'demaree' | 'add-super'): ProgrammePart => ({
      programme: aProgramme({ method, on: day('2027-05-11') }),
      units: ['hive'],
      queen: 'unchanged',
      queenClipped: false,
      half: null,
      halves: [],
      before: null,
      carriesOn: false,
      isOwn: true,
    });
    expect(price([look('05-10', 2)], [part('demaree')]).timesBefore).toBe(0);
    expect(price([look('05-10', 2)], [part('add-super')]).timesBefore).toBe(1);
  });
});
