import type { Counted, MethodSays } from '../core/methods/says';
import { dayWords } from './days';
import { degrees, temperatureWords } from './measures';
import { FAILURE_WORDS } from './methods/methods';
import type { Words } from './words';

const COUNTED_WORDS: { readonly [C in Counted]: string } = {
  'frames-of-brood': 'frames of brood',
  'covered-seams': 'covered seams',
};

/** Why what follows a method is looked at, whether it fits, and what is missing. */
export const methodWords: Words<MethodSays> = {
  'move-the-weaker-nearer':
    'See at the entrances which gets more flying bees. Move the weaker half nearer the old place, the stronger further off, until both fly alike.',
  'is-she-laying': 'Is she laying, is there food, are there cells?',
  'cells-without-eggs-show-the-queenless-half':
    'Cells without eggs show the queenless half, eggs the queen’s. Cells in neither: the split has failed.',
  'bees-far-from-the-queen-raise-cells':
    'Bees far from the queen raise cells on the brood above: break every one down before the ninth day, or a virgin may be out up there.',
  'any-new-cells': 'Any new cells? Has she room to lay?',
  'do-the-supers-fill': 'Do the supers fill, and is it to be done again?',
  'all-emerged-above':
    'Workers above have all emerged by day 22, drones by day 25: give drones a way out above the excluder. The box is honey now and heavy.',
  'prime-swarms-old-queen-lays-again':
    'A prime swarm’s old queen lays again after three days on comb, about seven on foundation.',
  'cast-has-a-virgin': 'A cast has a virgin: she has to fly and mate before she lays.',
  'is-she-laying-and-fed': 'Is she laying, are there new cells, does it need feeding?',
  'faced-away': 'Faced away or to a wall it kept more of its flying bees; turned a little each day they find home.',
  'is-she-out-of-the-cage': 'Is she out of the cage? If not, let her out among quiet bees.',
  'eggs-are-due': 'Eggs are due. New cells mean that she was not taken.',
  'is-the-new-comb-laid-in': 'Is the new comb drawn and laid in?',
  'nest-was-left-alone-until-now': 'The nest was left alone until now: are the new frames drawn and laid in?',
  'does-she-lay-in-the-comb': 'Does she lay in the comb?',
  'does-she-lay-or-is-pollen-back': 'Does she lay in the comb, or is pollen back in it?',
  'have-they-moved-up': 'Have they moved up?',
  'is-it-being-filled': 'Is it being filled, is there need of another?',
  'cells-on-the-test-frame':
    'Cells on the test frame: there is no queen. No cells: there is very likely one, so give her time.',
  'is-the-paper-gone': 'Is the paper gone, is she there? Put the frames in order.',
  'young-bees-have-come-up-through':
    'The young bees have come up through the excluder by now, the queen cannot: split board in its place, upper entrance open.',
  'switch-the-entrances': 'Switch the entrances: the flying bees of the top box are bled down to the lower.',
  'would-spoil-it': 'Laying workers or a drone layer would spoil it; deal with that first.',
  'has-its-own-queen': 'It has its own laying queen.',
  'queen-not-known': 'Not inspected yet: whether it has a laying queen is not known. Look first.',
  'no-queen-to-part': 'No laying queen here to part from her brood.',
  'half-not-known': 'It is one half of a split, and which has the queen is not known: find that out first.',
  'room-too-late': 'There are cells already: room alone is too late now.',
  'nest-not-bound': ({ by }) => `The nest is not ${by}-bound.`,
  'would-kill-her': 'Laying workers or a drone layer would kill her; deal with that first.',
  'keep-no-cell':
    'A virgin has emerged, or is about to: she is the one you keep. Break down every other cell, or give it away.',
  'not-swarmed': 'It has not swarmed, going by what was seen.',
  'only-for-a-swarm': 'This is for a swarm that was taken, not for a colony in its hive.',
  'shake-out-first': 'Laying workers must be shaken out first; they are not united as they are.',
  'which-half-not-known': 'It is not known yet which half has the queen: find that out first.',
  'has-live-cells': 'It has live cells of its own.',
  'needs-its-only-cell': 'It has one live cell and no laying queen: it needs that cell itself.',
  'drones-only-sealed': 'Only sealed drone brood as yet: her mating may be late.',
  'takes-second-stand': 'It takes a second stand.',
  'room-alone-too-late': 'There are cells already: room alone no longer keeps them from swarming.',
  'already-sealed': 'Cells are already sealed: she may swarm before it works.',
  'not-counted': ({ what, needed }) => `${COUNTED_WORDS[what]} not counted; at least ${needed} needed`,
  'are-needed': ({ what, needed, there }) => `${needed} ${COUNTED_WORDS[what]} are needed, there are ${there}`,
  'queen-not-found': 'the queen has to be found first',
  'drones-not-looked-for': 'drones: not looked for; a young queen needs them to mate',
  'no-drones': 'no drones yet: a young queen could not mate',
  'no-live-cell': 'there is no live cell to keep',
  'flow-not-noted': 'when the main flow comes was not noted',
  'flow-too-far': ({ inDays, near }) => `the main flow is ${inDays} days off, more than ${near}`,
  'no-second-stand': 'there is no second stand free',
  'nights-not-noted': ({ warmC }) =>
    `the coldest of the next five nights was not noted; it takes ${temperatureWords(warmC)}`,
  'nights-too-cold': ({ coldestC, warmC }) =>
    `nights down to ${temperatureWords(coldestC)}, and it takes ${degrees(warmC)}: open the sides instead`,
  'no-young-brood': ({ days }) =>
    `eggs or very young larvae have to be seen, not longer than ${days} days ago: without them no queen is raised`,
  'queenless-today': 'it lost its queen today: wait 8 hours at least, better a day, before a bought one is caged in',
  'both-may-lay': 'both may lay: keep the younger, or the better layer, and take the other out the day before',
  'cells-in-the-way': 'live cells have to be broken down first, or given away',
  'thin-again': 'Thin to the kept cell again: eggs left behind are cells by now.',
  'move-to-the-other-side': 'To the other side of the swarm: its new flying bees go home to her.',
  'kept-cell-may-open': ({ from }) =>
    `A kept cell may let its virgin out from ${dayWords(from)}: cells started later are not found then, and casts may follow.`,
  'look-for-her-eggs': 'Look for the young queen’s eggs.',
  'none-by': ({ latest, failedOn }) =>
    `If there are none by ${dayWords(latest)}, give a test frame that day. Counts as failed from ${dayWords(failedOn)}.`,
  'failure-sign': ({ failure }) => FAILURE_WORDS[failure].sign,
  'failure-remedy': ({ failure }) => FAILURE_WORDS[failure].remedy,
  'eggs-seen-done': 'Eggs seen: done',
  'no-eggs-by': ({ on }) => `No eggs by ${dayWords(on)}`,
};
