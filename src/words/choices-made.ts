import type { When, WhyNot } from '../core/choices/choice';
import type { ChoicesSays } from '../core/choices/says';
import { dayWords } from './days';
import { READING_WORDS } from './readings';
import type { Words } from './words';

/** Why a choice is not offered. */
export const WHY_NOT_WORDS: { readonly [W in WhyNot]: string } = {
  shut: 'It is to be left shut.',
  rest: 'Nothing that opens the hive in the rest of the year.',
  'no-cells': 'There are no cells.',
  'not-swarmed': 'It has not swarmed.',
  'cells-are-there': 'With cells there this comes too late, or tells nothing.',
  sealed: 'A cell is sealed: she may swarm before it works.',
  'too-weak': 'Too weak for it.',
  'no-flow': 'No main flow on or near.',
  'queen-may-be-there': 'A queen may be there.',
  'not-read-yet': 'First it has to be known whether there is a queen.',
  'workers-lay': 'Laying workers kill a queen, and tear down her cells.',
  'has-a-queen': 'Its brood gives no reason for it.',
  'no-other-colony': 'There is no other colony.',
  'not-found': 'She was not found today.',
  'no-second-stand': 'There is no second stand.',
  'not-short': 'It is not short of that.',
  'none-ripe': 'No cell is ripe.',
  'no-swarm': 'No swarm has been caught.',
  'not-asked': 'Nothing asks for it.',
  'other-first': 'Something else comes first.',
};

/** When one that is not said first is the better one. */
export const WHEN_WORDS: { readonly [W in When]: string } = {
  'to-act-now': 'if you would rather act now',
  'to-buy-days': 'to buy some days',
  'with-a-second-hive': 'with a second hive and stand',
  'honey-without-increase': 'for honey without another colony',
  'not-found': 'if she is not found',
  'once-found': 'once she is found',
  'ripe-cells-to-spare': 'with ripe cells to spare',
  'another-needs-one': 'if another colony needs one',
  'from-above': 'from above, without opening the nest',
  'not-to-open-it': 'if you would rather not open it',
  'early-in-the-year': 'early in the year',
  'late-or-weak': 'late in the year, or where it is weak',
  'bees-are-young': 'while its bees are young',
  'more-bees-wanted': 'if you want another colony',
  'more-room-too': 'for room',
  'food-is-short': 'where food is short',
  'food-is-there': 'where it has food and drawn comb',
  'more-cells': 'to see whether there are more',
};

/** What the order of choices rests on. */
export const choicesWords: Words<ChoicesSays> = {
  'reads-so': ({ reading }) => (reading === 'may-have-swarmed' ? 'It may have swarmed' : READING_WORDS[reading].title),
  'shut-to': ({ to }) => `To be left shut up to and including ${dayWords(to)}`,
  'in-rest': 'The rest of the year',
  'found-today': 'The queen was found today',
  'not-found-today': 'The queen was looked for today and not found',
  'sealed-from': ({ on }) => `The first cell may be sealed on ${dayWords(on)}`,
  'out-from': ({ on }) => `A virgin may be out from ${dayWords(on)}`,
  'is-weak': ({ frames, seams }) => `Weak: ${frames} frames of brood, ${seams} seams`,
  'flow-from': ({ from }) => `The main flow from ${dayWords(from)}`,
  'is-wanted': ({ wanted }) => `You want ${wanted === 'increase' ? 'another colony' : wanted} from it`,
  'replaces-her': 'The cells look like supersedure: few, and on the face of the comb',
};
