import { expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { aColony, inspection } from '../core/colony/testing';
import { bareApiary } from '../core/facts/apiary';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import type { Pack } from './pack';
import { roundsAtHand } from './rounds-at-hand';

const apiary = (id: string) => bareApiary(id, id);
const colony = (name: string, apiaryId: string) => ({
  id: name,
  apiaryId,
  name,
  stand: '',
  origin: 'established' as const,
  parentColonyId: null,
  startedOn: '2027-04-01',
  endedOn: null,
  note: '',
  wanted: 'nothing' as const,
});
const pack: Pack = {
  version: '1',
  minute: '2027-05-16T12:00',
  settings: DEFAULT_SETTINGS,
  apiaries: [apiary('Hollow'), apiary('Orchard')],
  colonies: [
    {
      colony: colony('Clover', 'Orchard'),
      facts: aColony({ inspections: [inspection({ at: '2027-05-08T15:00' })] }),
    },
    { colony: colony('Vetch', 'Hollow'), facts: aColony({ inspections: [inspection({ at: '2027-05-15T15:00' })] }) },
    {
      colony: colony('Yarrow', 'Orchard'),
      facts: aColony({
        inspections: [inspection({ at: '2027-05-15T15:00', eggs: 'none', queen: 'none' })],
      }),
    },
  ],
  pages: [],
};

it('puts the apiary with most to do first, and knows each hive’s last look and who needs a cell', () => {
  const { rounds, hives, needy } = roundsAtHand(pack, [], day('2027-05-16'));
  expect(rounds.map(({ apiary: { name }, hives: count, round }) => [name, count, round.due.length])).toEqual([
    ['Orchard', 2, 2],
    ['Hollow', 1, 0],
  ]);
  expect(hives.map(({ colony: { name }, lastLookAt }) => [name, lastLookAt?.slice(0, 10)])).toEqual([
    ['Clover', '2027-05-08'],
    ['Vetch', '2027-05-15'],
    ['Yarrow', '2027-05-15'],
  ]);
  expect(needy.map(({ name }) => name)).toEqual(['Yarrow']);
});
