import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { inspection, queenEvent } from '../core/colony/testing';
import { aStandingColony } from './testing';
import { unionDays, unionView } from './union-view';

const ON = '2027-05-16';
const layer = (name: string, broodFrames: number | null, queenId: string | null = null) =>
  aStandingColony(
    name,
    {
      inspections: [inspection({ id: `look-${name}`, at: '2027-05-10T12:00', broodFrames })],
      queenEvents: queenId === null ? [] : [queenEvent({ kind: 'marked', queenId, on: day('2027-04-20') })],
    },
    ON,
  );
const emerged = (on: string) => ({ from: day(on), to: day(on) });

describe('uniting two colonies that both lay', () => {
  it('keeps the younger queen, and says whose is taken out', () => {
    const ages = new Map([
      ['q1', emerged('2025-06-01')],
      ['q2', emerged('2026-06-01')],
    ]);
    const { both } = unionView(layer('Clover', 9, 'q1'), layer('Thyme', 5, 'q2'), ages);
    expect(both?.goes?.name).toBe('Clover');
    expect(both?.why).toMatch(/^Both lay\. Keep the queen of Thyme \(emerged 1 Jun.*\); that of Clover is older/);
  });

  it('keeps the better layer where no age is known, and leaves it to the keeper where nothing tells', () => {
    expect(unionView(layer('Clover', 9), layer('Thyme', 5), new Map()).both).toMatchObject({
      why: 'Both lay. Keep the queen of Clover, with brood on 9 frames; that of Thyme has 5.',
      goes: { name: 'Thyme' },
    });
    expect(unionView(layer('Clover', 5), layer('Thyme', 5), new Map()).both?.goes).toBeNull();
  });

  it('says nothing of queens where only one lays', () => {
    const without = aStandingColony(
      'Thyme',
      { queenEvents: [queenEvent({ kind: 'removed', on: day('2027-05-12') })] },
      ON,
    );
    expect(unionView(layer('Clover', 5), without, new Map()).both).toBeNull();
  });

  it('takes one out the day before, today at the earliest', () => {
    expect(unionDays(day('2027-05-20'), day(ON))).toContain(
      'out on Wed 19 May, enter that with her colony, and unite them on Thu 20 May',
    );
    expect(unionDays(day(ON), day(ON))).toContain(
      'out on Sun 16 May, enter that with her colony, and unite them on Mon 17 May',
    );
  });
});
