import { describe, expect, it } from 'vitest';
import { ask, faults } from './testing';

describe('choices', () => {
  const asked = {
    on: '2027-05-16',
    reading: 'preparing',
    colony: {
      broodFrames: 8,
      coveredSeams: 10,
      queenFound: 'today',
      eggs: 'seen',
      cells: { count: 4, oldest: 'larva' },
      earliestEmergence: '2027-05-26',
      earliestSealing: '2027-05-18',
      broodBoxes: 1,
      supers: 1,
      coveredTenths: null,
      fullestSuperTenths: 3,
      bound: 'none',
      clipped: false,
      layingWorkers: false,
      leaveShutTo: null,
      cause: 'swarm',
      eggsOverdue: false,
      testFrame: 'none',
      virgin: 'no',
      broodYoung: true,
    },
    place: {
      drones: 'flying',
      coldestOfNextFive: 9,
      flow: null,
      season: 'swarm',
      secondStand: true,
      otherColonies: 3,
    },
    wanted: 'nothing',
    kit: ['brood-box', 'foundation', 'floor', 'roof', 'crown-board'],
  };

  it('names one first, others with when, the rest with why, and what is missing with what stands in for it', async () => {
    const answered = (await ask(['choices'], asked)) as { value: Record<string, unknown> };
    expect(answered.value).toMatchObject({
      first: 'nuc-swarm',
      others: [{ choice: 'old-site-swarm', when: 'with-a-second-hive' }],
      missing: expect.arrayContaining([{ choice: 'nuc-swarm', thing: 'nuc-box', standIn: 'brood-box-with-dummy' }]),
      because: expect.arrayContaining([{ code: 'queen-found', text: 'The queen was found today' }]),
    });
  });

  it('refuses what cannot be by name', async () => {
    const of = (over: object) => faults(['choices'], { ...asked, ...over });
    expect(await of({ reading: 'fine' })).toEqual([['not-one-of', 'reading']]);
    const noCells = { ...asked.colony, cells: { count: 0, oldest: 'larva' } };
    expect(await of({ colony: noCells })).toEqual([['invalid', 'colony.cells']]);
    expect(await of({ place: { ...asked.place, flow: { from: '2027-06-20', to: '2027-06-01' } } })).toEqual([
      ['invalid', 'place.flow'],
    ]);
  });
});
