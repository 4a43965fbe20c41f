import type { Searched } from '../core/cells/thoroughness';
import type { InspectionSays } from '../core/inspections/says';
import { YOUNGEST_WORDS } from './brood';
import { CELL_PLACE_WORDS, STAGE_WORDS } from './cells';
import { dayWords } from './days';
import type { Words } from './words';

/** How a colony was searched for cells. */
export const THOROUGHNESS_WORDS: {
  readonly [S in Searched]: {
    readonly name: string;
    readonly tap: string;
    readonly short: string;
    readonly means: string;
  };
} = {
  cleared: {
    name: 'every brood frame, bees shaken or brushed off',
    tap: 'bees shaken or brushed off',
    short: 'bees off the frames',
    means: 'every cell there was has been seen',
  },
  'bees-on': {
    name: 'every brood frame, bees left on',
    tap: 'bees left on',
    short: 'bees left on',
    means: 'an egg in a cup may have been missed',
  },
  'tip-up': {
    name: 'boxes tipped up, or a few frames',
    tap: 'tipped up, or a few frames',
    short: 'only tipped up',
    means: 'says nothing about cells further in',
  },
  'not-searched': {
    name: 'not at all',
    tap: 'not at all',
    short: 'cells not looked for',
    means: 'cells were not the question; the date of before stands',
  },
  'not-said': {
    name: 'not known',
    tap: 'not known',
    short: 'not known how cells were looked for',
    means: 'as in older notes; the date of before stands',
  },
};

const cellsWords = (cells: InspectionSays['cells-overdue']['cells']) =>
  cells.map(({ label }) => `cell ${label}`).join(', ');
const cellsAndDays = (cells: InspectionSays['cells-above']['cells']) =>
  cells.map(({ label, on }) => `cell ${label} (${dayWords(on)})`).join(', ');

/** What a reading rests on. */
export const inspectionWords: Words<InspectionSays> = {
  'drone-brood': 'drone brood scattered in worker cells',
  'several-eggs': 'several eggs to a cell: workers laying, or a new queen in her first days',
  'queen-none': 'the colony is known to be without its queen',
  'queen-virgin': 'a virgin queen is expected to be flying or about to lay',
  'queen-caged': 'a caged queen was given and is not yet known to lay',
  cells: ({ stage, count, place }) =>
    `${count} × ${STAGE_WORDS[stage].name}${place === null ? '' : `, ${CELL_PLACE_WORDS[place]}`}`,
  'no-cells': 'no cups or cells noted',
  'no-cells-below': 'no cups or cells noted below the excluder',
  'cells-not-sought': 'cells were not looked for',
  'search-not-said': 'no cells noted; how they were looked for is not known',
  'eggs-seen': 'eggs seen: a queen laid here in the three days before',
  'eggs-none': 'eggs looked for, none found',
  'eggs-not-looked-for': 'eggs not looked for',
  'queen-seen': 'queen seen',
  'queen-not-seen': 'queen not seen',
  'queen-not-sought': 'queen not looked for',
  youngest: ({ youngest }) => `youngest brood: ${YOUNGEST_WORDS[youngest]}`,
  bound: 'brood nest shut in by stores',
  'laying-room': ({ days }) => `laying room for ${days} more ${days === 1 ? 'day' : 'days'}`,
  'cells-not-looked-at': ({ cells }) =>
    `${cellsAndDays(cells)}: known from before, not inspected this time, counted as still there`,
  'cells-above': ({ cells }) =>
    `${cellsAndDays(cells)}: above the excluder, raised far from the queen; break down every one`,
  'cells-overdue': ({ cells }) =>
    `${cellsWords(cells)}: still sealed after the last day a queen could emerge: dead, empty, sealed again, or a virgin held in. Cut the cell open with a cage in hand`,
  'virgin-above':
    'a virgin has emerged from a cell above the excluder: she is, or was, up there, away from the queen below',
  'cells-not-found': ({ cells }) => `${cells.map(({ label }) => label).join(', ')}: looked for and gone`,
};
