import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const afterSwarm: Method = {
  name: 'after-swarm',
  title: 'After the swarm has gone',
  kind: 'queen',
  fitsWhen: 'Closed cells, no eggs though looked for, fewer bees than last time.',
  needs: { ...NO_NEEDS, drones: true, cells: 'kept' },
  kit: ['nuc boxes or cages for spare cells', 'comb for room'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifting: null,
  suits: 'A colony that has swarmed and has cells of known age.',
  ifItFails: 'It stays without a queen, and may have cast.',
  clearsCells: true,
  steps: [
    'Confirm from the brood when she last laid.',
    'Keep one or two good cells of known age; give the others away or make nucs with one ripe cell, a frame of brood and food each.',
    'Make room for the young queen to lay.',
    'Then leave it shut.',
  ],
  units: [{ name: 'hive', queen: 'gone', gets: 'the kept cells', stands: 'where it stood' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['Keep one cell: fewer casts. Two insure against a dud.'],
};
