import type { AgedAs } from '../core/colony/aged';
import type { ColonySays } from '../core/colony/says';
import type { ReadingName } from '../core/inspections/reading';
import type { Said } from '../core/says/said';
import { dayWords } from './days';
import { methodTitle } from './methods/methods';
import { speak } from './speak';
import type { Words } from './words';

/** In six words at most; empty where there is nothing to be told. */
const READ: { readonly [R in ReadingName]: string } = {
  'drone-laying': 'Drone brood in worker cells',
  'cast-risk': 'More virgins to come',
  'virgin-loose': 'A virgin is out',
  'raising-queen': 'Raising a queen',
  'awaiting-eggs': 'Waiting for her first eggs',
  swarmed: 'Has swarmed, by the look of it',
  'swarm-imminent': 'Sealed cells',
  preparing: 'Charged cells, none sealed',
  'early-preparing': 'Eggs in cups',
  'queen-missing': 'No eggs, no queen seen',
  'not-laying': 'Queen seen, no eggs',
  congested: 'Short of laying room',
  'not-enough-seen': '',
  'cups-only': 'Dry cups only',
  settled: '',
};

const BY_AGE: { readonly [A in AgedAs]: string } = {
  'swarm-may-go': 'A cell may be sealed',
  'may-have-swarmed': 'Has probably swarmed',
  'virgin-may-be-out': 'A virgin may be out',
  'virgin-out': 'A virgin is out',
  'eggs-overdue': 'Her eggs are overdue',
  'workers-may-lay': 'Long without eggs',
  'may-have-cells': 'May have begun cells',
  old: '',
};

const SHORT: Words<Omit<ColonySays, 'doubt' | 'doubt-next'>> = {
  aged: ({ as, seenOn }) => (as === 'old' ? `Last seen ${dayWords(seenOn)}` : BY_AGE[as]),
  'replacing-her': 'Replacing their queen',
  'cells-broken-down': 'Cells broken down, no cure',
  read: ({ reading }) => READ[reading],
  'late-to-lay': 'Queen present, late to lay',
  'no-eggs-by': ({ on }) => `No eggs by ${dayWords(on)}`,
  'caged-queen-given': ({ on }) => `Caged queen given ${dayWords(on)}`,
  'without-queen': ({ since }) => `Queenless since ${dayWords(since)}`,
  'swarm-left': ({ on }) => `Swarmed ${dayWords(on)}`,
  'virgin-inside': 'A virgin is in there',
  'method-begun': ({ method }) => methodTitle(method),
  'not-inspected': 'Not inspected yet',
};

/** How a colony stands, for a line of a list: six words at most; empty where there is nothing to be told. */
export const shortReason = (situation: Said): string => speak({ colony: SHORT }, situation);
