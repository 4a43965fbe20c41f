import { expect, it } from 'vitest';
import { addDays, day } from '../core/calendar/day';
import { aColony, inspection } from '../core/colony/testing';
import { USUAL_MINUTES } from '../core/rounds/work';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { minutesAtHand } from './minutes-at-hand';
import type { Pack } from './pack';

const D = day('2027-05-16');
const colony = (name: string) => ({
  id: name,
  apiaryId: 'Orchard',
  name,
  stand: '',
  origin: 'established' as const,
  parentColonyId: null,
  startedOn: '2027-04-01',
  endedOn: null,
  note: '',
  wanted: 'nothing' as const,
});
const cell = { id: 'c', label: 'a', place: 'edge' as const, box: null, frame: null, part: null };
const pack = (fits: readonly ('open' | 'shut')[]): Pack => ({
  version: '1',
  minute: '2027-05-16T12:00',
  settings: DEFAULT_SETTINGS,
  apiaries: [],
  colonies: [
    { colony: colony('Clover'), facts: aColony({ inspections: [inspection({ at: '2027-05-08T15:00' })] }) },
    {
      colony: colony('Vetch'),
      facts: aColony({
        cells: [cell],
        inspections: [
          inspection({ at: '2027-05-15T15:00', cells: [{ cellId: 'c', found: 'larva-large', takenDown: false }] }),
        ],
      }),
    },
  ],
  plan: {
    days: fits.map((fit, i) => ({
      on: addDays(D, i),
      freeMinutes: 180,
      there: [['Orchard', { fit, openMinutes: fit === 'open' ? 180 : 0, briefMinutes: fit === 'open' ? 180 : 0 }]],
    })),
    apiaries: [{ id: 'Orchard', wayMinutes: 20 }],
    minutes: USUAL_MINUTES,
    gifts: [],
    rounds: [],
  },
  pages: [],
});
const here = (fits: readonly ('open' | 'shut')[], minutes: number) =>
  minutesAtHand(pack(fits), [], D, 'Orchard', { minutes, hives: null });

it('says what to do with the minutes there are, and what waits until when', () => {
  const fine = here(['open', 'open', 'open', 'open'], 50);
  expect(fine.now).toEqual([{ colonyId: 'Vetch', name: 'Vetch', words: 'carry out a method, 48 min' }]);
  expect(fine.waits).toHaveLength(1);
  const rain = here(['open', 'shut', 'shut', 'shut'], 20);
  expect(rain.now.map(({ name }) => name)).toEqual(['Clover']);
  expect(rain.waits).toEqual([
    {
      key: expect.stringContaining('Vetch act:'),
      words: 'Vetch, carry out a method: cannot wait, and there is no time for it. It may have swarmed by then.',
      isLost: true,
    },
  ]);
  expect(rain.says).toBe('15 min of work. One thing cannot wait.');
});

it('has an answer without a plan, and for an apiary at which nothing is due', () => {
  const { plan: _, ...bare } = pack([]);
  expect(minutesAtHand(bare, [], D, 'Orchard', { minutes: 600, hives: 1 }).now.map(({ name }) => name)).toEqual([
    'Vetch',
  ]);
  expect(minutesAtHand(bare, [], D, 'Orchard', { minutes: 0, hives: null }).waits.map(({ isLost }) => isLost)).toEqual([
    false,
    false,
  ]);
  expect(minutesAtHand(bare, [], D, 'elsewhere', { minutes: 60, hives: null })).toEqual({
    now: [],
    waits: [],
    says: 'Nothing is due here.',
  });
});
