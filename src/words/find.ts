import type { MethodName } from '../core/methods/method';

/** Something to do that has a place, and the words by which it is looked for beside its own. */
export interface ActFound {
  readonly title: string;
  readonly href: string;
  readonly words: readonly string[];
}

/** What people look for that is neither a colony nor a page. */
export const FIND_ACTS: readonly ActFound[] = [
  {
    title: 'Help: how each method is done',
    href: '/methods',
    words: ['help', 'how to', 'guide', 'handbook', 'manual'],
  },
  {
    title: 'Undo, correct or delete an entry: on its colony’s page',
    href: '/colonies',
    words: ['undo', 'restore', 'mistake', 'wrong', 'change', 'edit'],
  },
  { title: 'Print round sheets, cards and blank forms', href: '/paper', words: ['print', 'paper', 'pdf', 'printer'] },
  { title: 'Add a photo: with an inspection', href: '/hive', words: ['photo', 'picture', 'camera'] },
  { title: 'Back up, or bring a backup back', href: '/data', words: ['backup', 'save', 'export', 'copy', 'import'] },
  { title: 'Bring in a spreadsheet', href: '/data/bring-in', words: ['excel', 'csv', 'sheet', 'import', 'notebook'] },
  {
    title: 'Pounds or kilograms, inches or millimetres',
    href: '/settings',
    words: ['pounds', 'units', 'fahrenheit', 'lb'],
  },
  {
    title: 'Split a colony: ways to do it',
    href: '/methods',
    words: ['split', 'divide', 'increase', 'artificial swarm'],
  },
  { title: 'Queens and their ages', href: '/colonies/queens', words: ['mark', 'requeen', 'age', 'breed'] },
  {
    title: 'Boxes, frames and feeders you have',
    href: '/apiaries/kit',
    words: ['equipment', 'stock', 'super', 'feeder'],
  },
];

/** What keepers also call a method, where it is not in its title. */
export const METHOD_ALSO: { readonly [M in MethodName]?: readonly string[] } = {
  'nuc-swarm': ['nucleus method', 'split'],
  'old-site-swarm': ['pagden', 'split'],
  'walk-away': ['split', 'blind split'],
  'even-split': ['split', 'fifty-fifty'],
  'queen-split': ['split'],
  'vertical-split': ['split board', 'division board', 'swarm board'],
  demaree: ['brood above', 'no increase'],
  'part-demaree': ['brood above'],
  'requeen-mated': ['new queen', 'introduce a queen', 'cage'],
  'after-swarm': ['thin cells', 'cast'],
  'open-sides': ['spread brood', 'make room'],
  interleave: ['spread brood', 'checkerboard'],
  'add-super': ['honey box', 'space'],
  'add-box': ['double brood', 'space', 'nadir'],
  'test-comb': ['test comb', 'queenless'],
  unite: ['combine', 'newspaper', 'merge'],
  'hive-swarm': ['catch a swarm', 'swarm box'],
  'pollen-bound': ['blocked nest'],
  'honey-bound': ['blocked nest'],
};
