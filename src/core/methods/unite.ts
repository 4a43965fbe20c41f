import { type Method, NO_NEEDS } from './method';

export const unite: Method = {
  name: 'unite',
  title: 'Unite two units',
  kind: 'queen',
  fitsWhen: 'One of two has failed. Not with laying workers, unless they are shaken out.',
  needs: NO_NEEDS,
  kit: ['a sheet of newspaper', 'a pin to prick it'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'One hive is lifted onto the other.',
  suits: 'A unit too weak or too old to be given another queen.',
  ifItFails: 'Bees are lost in the fighting; in the worst case the queen.',
  clearsCells: false,
  steps: [
    'See that only one has a queen. Where both lay, keep the younger or the better layer, and take the other out the day before.',
    'Paper over the box with the queen, pricked in a few places; the other box on top.',
    'Leave it alone until the check.',
  ],
  units: [
    { name: 'hive', queen: 'unchanged', gets: 'both', stands: 'where the queen’s stood' },
    { name: 'joined', queen: 'ends', gets: 'nothing: its bees go to the other', stands: 'nowhere any more' },
  ],
  followUps: [
    { unit: 'hive', code: 'united', from: 5, to: 7, why: 'Is the paper gone, is she there? Put the frames in order.' },
  ],
  raisesQueen: null,
  options: [],
  failures: [
    { sign: 'Fighting in front of it', remedy: 'Part them and try again with less difference in scent and strength.' },
  ],
  schools: [],
};
