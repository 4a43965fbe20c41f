import type { ChoicesAsked } from '../core/choices/asked';
import type { ACTS, Choice, When, WhyNot } from '../core/choices/choice';
import type { StandIn } from '../core/choices/choose';
import type { ChoicesSays } from '../core/choices/says';
import { isWeak } from '../core/choices/strength';
import type { MethodName } from '../core/methods/method';
import { dayWords } from './days';
import { methodTitle } from './methods/methods';
import { READING_WORDS } from './readings';
import type { Words } from './words';

const ACT_TITLES: { readonly [A in (typeof ACTS)[number]]: string } = {
  'leave-shut': 'Leave it shut',
  nothing: 'Nothing needs doing',
  wait: 'Wait',
  feed: 'Give it food and drawn comb',
  inspect: 'Inspect it',
  'break-cups': 'Break the cups',
  'thin-cells': 'Thin the cells',
  'shake-out': 'Shake it out before strong colonies',
  'remove-queen': 'Find the queen and take her out',
};

/** A cell is given from here to another colony, and not the other way. */
export const givesAway = (choice: Choice, { colony }: Pick<ChoicesAsked, 'colony'>): boolean =>
  choice === 'give-cell' && colony.cells.count > 0;

/** The name of a choice for a colony. */
export const choiceNamed = (choice: Choice, asked: ChoicesAsked): string =>
  givesAway(choice, asked) ? 'Give a cell to another colony' : choiceTitle(choice);

/** The name of a choice. */
export const choiceTitle = (choice: Choice): string =>
  choice in ACT_TITLES ? ACT_TITLES[choice as keyof typeof ACT_TITLES] : methodTitle(choice as MethodName);

/** What does where a thing is not there. */
export const STAND_IN_WORDS: { readonly [S in StandIn]: string } = {
  'brood-box-with-dummy': 'a brood box with a dummy board will do',
  'floor-and-roof-of-boards': 'one of boards will do',
  'ply-with-a-notch': 'a sheet of ply with a notch will do',
};

type Why = string | ((asked: ChoicesAsked) => string);

/** Why something is done, in a sentence: of most the same wherever it is said. */
const WHY_WORDS: { readonly [C in Choice]: Why } = {
  'nuc-swarm': (asked) =>
    isWeak(asked.colony)
      ? 'It is weak and has many open cells: she goes into a nuc of one frame, and nothing is divided in half.'
      : asked.reading === 'swarm-imminent'
        ? 'With her in a nuc there is no swarm for her to lead.'
        : asked.reading === 'early-preparing'
          ? 'She is out of the hive before it has made up its mind.'
          : 'She is laying and the cells are open: the surest way to stop the swarm. The old hive raises a queen from a cell that you choose.',
  'old-site-swarm':
    'She and all the flyers stay on the old site with empty comb, and fill the supers. The brood goes aside.',
  demaree: 'Honey and no second colony: she lays below an excluder, her brood goes to the top.',
  'part-demaree': 'As the Demaree, with fewer frames to lift.',
  'walk-away': 'Nobody has to find her: two halves, cells down in both. Eggs show within a week which half has her.',
  'even-split': 'Nobody has to find her: two boxes side by side share the flyers, cells down in both.',
  'vertical-split': 'Nobody has to find her: two halves over one another, and one stand.',
  'queen-split': 'Another colony before it wants to swarm: she goes with a few frames, the rest raises a queen.',
  'requeen-mated': 'A mated queen lays three weeks before one that it would raise itself.',
  'after-swarm': 'One good cell, two at most, keeps the rest of the bees at home.',
  'open-sides': 'Drawn comb beside the brood gives her room, and does not break up the nest.',
  interleave: 'It is strong and the nights are warm: empty comb between the brood gives her most room.',
  'honey-bound': 'Honey hems the nest in: out with it, drawn comb in.',
  'pollen-bound': 'Pollen hems the nest in: out with it, drawn comb in.',
  'hive-swarm': 'A swarm that was caught.',
  unite: ({ place }) =>
    place.season === 'after'
      ? 'It is late in the year to raise a queen: its bees are worth more to another colony.'
      : 'Its bees are worth more to another colony.',
  'add-box': 'Bees cover the top box: she will want the next one.',
  'add-super': 'Nectar needs room above, or it goes where she lays.',
  'test-comb': 'No eggs and no queen seen. A frame with eggs shows in a few days whether there is one.',
  'give-eggs': 'Young brood keeps workers from laying, and it can raise a queen of it.',
  'give-cell': 'Another colony may need what is too many here.',
  'cell-nuc': 'A ripe cell, a frame of brood and one of food make a nuc.',
  'leave-shut': 'A young queen flies or is about to: opened now, the hive may lose her.',
  nothing: ({ reading, place, colony }) =>
    place.season === 'rest'
      ? 'It is the time of the year in which nothing opens it.'
      : colony.cells.count > 0
        ? 'A few cells of one age: most likely it replaces its queen, and does that best alone.'
        : reading === 'cups-only'
          ? 'Dry cups are no sign of swarming.'
          : 'She lays, and there are no cells.',
  wait: ({ underWay, colony, reading }) =>
    colony.testFrame === 'given'
      ? 'The test frame tells in a few days.'
      : underWay
        ? 'A method is under way: its next check shows what follows.'
        : reading === 'not-laying'
          ? 'She needs a few days, and quiet.'
          : 'It raises its queen: that needs time, and quiet.',
  feed: 'It is weak, and has few cells: most likely it replaces its queen. One or two cells are left.',
  inspect: 'Too little is known of it today to say what to do.',
  'break-cups': 'It buys some days, and does not stop them: keepers differ on it.',
  'thin-cells': ({ reading, colony }) =>
    reading === 'may-have-swarmed'
      ? 'She has probably left with a swarm. One look, and one cell is kept.'
      : colony.virgin === 'no'
        ? 'Each cell left can take a cast with it: one is kept, the others go.'
        : 'A virgin is loose in there: every live cell goes, down or to who needs one.',
  'shake-out': 'Its workers lay, and kill whatever queen they are given.',
  'remove-queen': 'She lays drones only, and another would be killed beside her.',
};

/** Why it is done, in one sentence. */
export function choiceWhy(choice: Choice, asked: ChoicesAsked): string {
  const why = WHY_WORDS[choice];
  return typeof why === 'string' ? why : why(asked);
}

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
  'no-laying-queen': 'There is no laying queen to part from her bees.',
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
  'another-needs-one': 'if one needs it',
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
  do: ({ choice }) => choiceTitle(choice),
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
