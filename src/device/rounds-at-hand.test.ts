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

it('a step of a hive that is ticked on the device is not asked for again', () => {
  const stand = { id: 's', apiaryId: 'Orchard', name: 'by the gate', x: 0, y: 0, facing: 180 };
  const move = {
    id: 'm',
    standId: 's',
    ontoId: null,
    fromX: 0,
    fromY: 0,
    toX: 2,
    toY: 0,
    begunOn: '2027-05-15',
    steps: [],
    endedOn: null,
  };
  const there: Pack = {
    ...pack,
    colonies: pack.colonies.map((packed) =>
      packed.colony.name === 'Clover' ? { ...packed, colony: { ...packed.colony, stand: 'by the gate' } } : packed,
    ),
    yards: [{ apiaryId: 'Orchard', stands: [stand], moves: [move], wayMarks: [] }],
  };
  const notes = (...outbox: Parameters<typeof roundsAtHand>[1]) =>
    roundsAtHand(there, outbox, day('2027-05-16')).rounds.find(({ apiary: { id } }) => id === 'Orchard')?.round.notes;
  const ticked = {
    kind: 'stand-move',
    body: { kind: 'moved', id: 't', moveId: 'm', at: '2027-05-16T12:00', on: '2027-05-16' },
    words: '',
    id: 't',
    colonyId: 'Clover',
    colonyName: 'Clover',
    issues: [],
    savedAt: '2027-05-16T12:00:00Z',
    sentAt: null,
  } as const;
  expect(notes()).toEqual([expect.stringMatching(/^Move Clover by 67 cm to the east\. 3 more steps/)]);
  expect(notes({ ...ticked, state: 'waiting' })).toEqual([]);
  expect(notes({ ...ticked, state: 'refused' })).toHaveLength(1);
});
