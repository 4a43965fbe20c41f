import type { Cause } from '../core/cells/cause';
import type { ReadingName } from '../core/inspections/reading';

interface ReadingWords {
  /** What is true, as a headline. */
  readonly title: string;
  /** What to do, and why then. */
  readonly advice: string;
  /** The same as a short order, where there is a day to act by. */
  readonly order?: string;
  /** What would make it read differently. */
  readonly wouldChange: string;
}

export const READING_WORDS: { readonly [R in ReadingName]: ReadingWords } = {
  'drone-laying': {
    title: 'Drone layer or laying workers',
    advice:
      'Stop and think before adding anything: a new queen given now is likely to be killed. Ask an experienced keeper if unsure.',
    order: 'Decide what to do with it',
    wouldChange: 'One egg to a cell, on the floor of it, and flat worker brood at the next inspection.',
  },
  'cast-risk': {
    title: 'A virgin is out or nearly out; more will follow',
    advice:
      'Today. If a virgin was seen or heard, break down or give away every live cell. If not, keep one: the cell that a queen is moving in, or one ripe cell. Casts can leave on any fine day.',
    order: 'Break down or give away the other cells',
    wouldChange: 'No live cell left in it.',
  },
  'virgin-loose': {
    title: 'A virgin is loose in there',
    advice: 'Leave it shut until her eggs are due. Opening it can lose her.',
    wouldChange: 'Eggs seen, or a live cell that was overlooked.',
  },
  'raising-queen': {
    title: 'Raising a queen',
    advice:
      'Expected: it has no queen. One or two cells are enough: thin them before the first virgin can be out, then leave it shut.',
    wouldChange: 'A queen or eggs laid since she was taken away.',
  },
  'awaiting-eggs': {
    title: 'Waiting for her first eggs',
    advice: 'Look for eggs in their window, not before.',
    wouldChange: 'Eggs seen; or none by the end of the window.',
  },
  swarmed: {
    title: 'Looks as if it has swarmed',
    advice:
      'Before the first virgin can be out, keep one good cell (two at most) and break down or give away the rest, or casts may follow.',
    order: 'Thin the cells',
    wouldChange: 'Eggs or the old queen seen.',
  },
  'swarm-imminent': {
    title: 'About to swarm',
    advice:
      'Cells are sealed; the old queen may still be here, held by the weather. Find her and carry out a method today, before fine weather lets her go.',
    order: 'Carry out a method',
    wouldChange: 'No eggs though looked for, and no queen: then the swarm has gone.',
  },
  preparing: {
    title: 'Getting ready to swarm',
    advice: 'Choose a method and carry it out before the first cell is sealed.',
    order: 'Choose a method',
    wouldChange: 'All its cells on the face, few and of one age, with eggs there: that would be supersedure.',
  },
  'early-preparing': {
    title: 'First signs of swarming',
    advice: 'Eggs in cups: decide before they are larvae, and act before a cell is sealed.',
    order: 'Decide',
    wouldChange: 'The cups empty at the next inspection, or larvae in them.',
  },
  'queen-missing': {
    title: 'The queen may be gone',
    advice: 'Give a test frame with eggs within three days. New cells on it mean that there is no queen.',
    order: 'Give a test frame',
    wouldChange: 'Eggs seen, or no cells on the test frame after three to five days.',
  },
  'not-laying': {
    title: 'Queen present, not laying',
    advice: 'She may have slimmed to swarm, be a virgin, or lack room. Inspect again within four days.',
    order: 'Look for eggs again',
    wouldChange: 'Eggs seen.',
  },
  congested: {
    title: 'Short of room to lay',
    advice: 'Give her room within a week, or she will lay in cups.',
    order: 'Give room',
    wouldChange: 'A week of empty comb in the brood nest.',
  },
  'not-enough-seen': {
    title: 'Not enough was seen to tell',
    advice: 'The date that stood before still stands. Look for eggs next time, and for cells.',
    wouldChange: 'Eggs and cells looked for, or the queen seen.',
  },
  'cups-only': {
    title: 'Dry cups only',
    advice: 'Normal on its own. Many or polished ones are worth a note.',
    wouldChange: 'An egg in any of them.',
  },
  settled: {
    title: 'Settled',
    advice: 'Nothing to do before the next routine inspection.',
    wouldChange: 'An egg in a cup, or no room to lay.',
  },
};

/** Instead of the words of the reading, where the cells are by all signs there to replace the queen. */
export const SUPERSEDURE_WORDS: ReadingWords = {
  title: 'Likely supersedure: they are replacing her',
  advice:
    'Leave one or two cells and let them; no swarm method is needed. If you are not sure, treat them as swarm cells: being wrong that way costs less.',
  order: 'Leave one or two cells, or treat them as swarm cells',
  wouldChange: 'Five cells or more, cells of several ages, or one at the bottom or an edge of the comb.',
};

export const CAUSE_WORDS: { readonly [C in Cause]: string } = {
  swarm: 'Swarm cells, by number and place.',
  supersedure: 'Supersedure is likely: few cells of one age on the face, and eggs still there.',
  emergency: 'Emergency cells: raised because the queen is gone.',
  unclear: 'Cannot tell why; treat them as swarm cells.',
};
