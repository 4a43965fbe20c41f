import type { Thoroughness } from '../core/cells/thoroughness';
import type { Step } from '../core/colony/steps';
import type { ReadingName } from '../core/inspections/reading';
import type { CheckCode } from '../core/schedule/check';
import type { ScheduleSays } from '../core/schedule/says';
import { dayWords, rangeWords } from './days';
import { massWords } from './measures';
import { READING_WORDS, SUPERSEDURE_WORDS } from './readings';
import type { Words } from './words';

const ofReading = ({ reading, isReplacing }: { readonly reading: ReadingName; readonly isReplacing: boolean }) =>
  isReplacing ? SUPERSEDURE_WORDS : READING_WORDS[reading];

const LOOKED_WORDS: { readonly [T in Thoroughness]: string } = {
  cleared: 'bees shaken or brushed off every brood frame',
  'bees-on': 'bees were left on, so an egg in a cup may have been missed',
  'tip-up': 'only tipped up or a few frames seen, so nothing is ruled out',
};

const MOVED_BY: { readonly [K in Step['kind']]: string } = {
  look: 'the inspection of',
  queen: 'what happened to the queen on',
  given: 'a cell given away on',
  arrived: 'a cell given to it on',
  programme: 'what was started on',
  half: 'the queenless half found on',
  survey: 'the survey of',
  answer: 'the result of',
};

/** What is risked when a check comes after its window. */
const TOO_LATE: { readonly [C in CheckCode]?: string } = {
  look: 'A missed cell may be sealed by then, and the swarm gone.',
  act: 'It may have swarmed by then.',
  'find-cells': 'A virgin may be out by then, and casts may follow.',
  'thin-cells': 'A virgin may be out by then, and casts may follow.',
  'move-parent': 'The parent keeps its flying bees, and casts are likelier.',
  eggs: 'Without open brood for three weeks workers begin to lay.',
  released: 'She may starve, or be blocked in.',
  'clear-top-cells': 'A virgin may be out above the excluder by then.',
  'bottom-check': 'Cells below may be sealed by then.',
  'board-in': 'Over an excluder the part above may start no cells, and bees wander back to her.',
  'which-half': 'A virgin may be out by then, and the half with her must be left shut.',
  'read-comb': 'Its cells go on developing, and you still do not know.',
};

/** What is risked when a check is done after its last day. */
export const tooLateWords = (code: CheckCode): string =>
  TOO_LATE[code] ?? 'What it should catch may have happened already.';

/** What is risked when a check comes before its window. */
const TOO_EARLY: { readonly [C in CheckCode]?: string } = {
  'find-cells': 'Larvae still young enough can become cells after you have looked.',
  'thin-cells': 'Larvae still young enough can become cells after you have looked.',
  'clear-top-cells': 'Larvae still young enough can become cells after you have looked.',
  'board-in': 'The young bees may not have come up yet, and the brood above is chilled.',
  'which-half': 'Eggs laid before the split may still be there and tell nothing.',
  eggs: 'She may not lay yet; opening the hive can lose her.',
  released: 'A queen freed too soon may be killed.',
  'read-comb': 'They may not have started on it.',
};

const percent = (share: number) => `${Math.round(share * 100)}%`;

const timesWords = (times: number) => (times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`);

/** What is to be done at a colony, and why. */
export const scheduleWords: Words<ScheduleSays> = {
  'sealed-by-now': ({ since, seenOn }) =>
    `The oldest cell may be sealed since ${dayWords(since)}, and a swarm may go on any fine day. Last inspected on ${dayWords(seenOn)}.`,
  'long-without-eggs': ({ seenOn }) =>
    `No eggs on ${dayWords(seenOn)}, and nobody has looked for three weeks: workers may be laying, or there is a queen after all.`,
  'look-with-a-test-comb': 'Inspect with a test frame in hand',
  'one-look': ({ since, seenOn, until }) =>
    `A virgin may be out since ${dayWords(since)}, and each cell left can take a cast with it. Last inspected on ${dayWords(seenOn)}. See or hear a virgin: break down every live cell. Otherwise keep one. After ${dayWords(until)} leave it shut; some keepers do so from today.`,
  'one-look-at-its-cells': 'Look once, and thin the cells',
  advice: (reading) => ofReading(reading).advice,
  'act-on': (reading) => ofReading(reading).order ?? 'Carry out a method',

  'caged-in-is-she-out': ({ on }) => `Queen caged in on ${dayWords(on)}: is she out of the cage?`,
  'caged-in-eggs-due': ({ on }) => `Queen caged in on ${dayWords(on)}: eggs are due.`,
  'more-virgins-to-emerge':
    'More virgins will emerge, and casts can leave on any fine day. Break down the other cells first, then leave the hive shut.',
  'cast-has-a-virgin': 'A cast has a virgin: time for her to fly and lay.',
  'cells-beside-her-cage': ({ cells }) =>
    `${cells === 1 ? 'A cell is' : `${cells} cells are`} there beside the caged queen: with a virgin out she is lost, and with cells the bees may never accept her.`,
  'break-down-the-cells': 'Break down every cell',
  'break-down-cells-above': 'Break down the cells above the excluder',
  'she-was-seen': ({ shownOn, latest, isHived }) =>
    `She was seen on ${dayWords(shownOn)} and lays no eggs yet${isHived ? ': a virgin, or no food or comb to lay in. Feed it if there is no flow' : ''}. With none by ${dayWords(latest)} replace her.`,
  'test-frame-had-no-cells': ({ shownOn, latest }) =>
    `The test frame of ${dayWords(shownOn)} had no cells, so there is a queen. If there are still no eggs by ${dayWords(latest)}, replace her.`,
  'queen-does-not-lay': 'A queen is in there who does not come to lay: she failed to mate, or is hurt.',
  'replace-her': 'Replace her: find and remove her; give a mated queen a day later, or unite',
  'no-eggs-test-frame-tells': ({ on }) =>
    `No eggs on ${dayWords(on)}: a test frame tells within days whether there is a queen.`,
  'give-a-test-frame': 'Give a test frame',
  'mating-may-be-late': ({ from, to }) =>
    `Mating may be late: no afternoon was fit for flights ${rangeWords({ from, to })}.`,
  'test-frame-can-wait': ({ until }) => `It can wait until ${dayWords(until)}.`,
  'keep-one-or-two': ({ cells, virginFrom }) =>
    `${cells} cells: keep one or two before the first virgin can be out on ${dayWords(virginFrom)}.`,
  'swarm-left': ({ on, virginFrom }) =>
    `A swarm left on ${dayWords(on)}: its first virgin may be out from ${dayWords(virginFrom)}. Keep one or two good cells, or casts follow.`,
  'one-inspection-finds-all': ({ goneSince }) =>
    `Queen gone since ${dayWords(goneSince)}: one inspection finds every cell before any virgin can be out.`,
  'queenless-since': ({ on }) =>
    `Queenless since ${dayWords(on)}: it accepts a bought queen best a day later. Break down every cell, and cage her in on the next day; not before you have her.`,
  'cage-the-bought-queen': 'Cage the bought queen in',
  'nothing-to-raise-one-from': 'No queen, and nothing to raise one from. Its bees age every day.',
  'give-a-queen-or-cell': 'Give it a queen or a cell, or unite it',

  'first-full-inspection': ({ eggsOn }) =>
    `Eggs seen on ${dayWords(eggsOn)} in a few frames. The first full inspection since she lays.`,
  'new-nuc': 'A new nuc: is she laying, is there food, are there cells?',
  'hived-swarm': 'A hived swarm’s old queen lays again within three to seven days.',
  'she-is-in-this-half': ({ on }) =>
    `She is in this half, going by what was seen on ${dayWords(on)}. The first full inspection of it.`,
  'nothing-entered-yet': 'Nothing has been entered for it yet.',
  'nothing-else-due': 'Nothing else is due: an inspection by the usual rule.',
  'see-how-it-stands': 'Nothing else is due: see how it stands.',
  'may-be-opened-again': ({ from }) => `It may be opened again from ${dayWords(from)}: does a queen lay in it?`,

  'search-for-the-old-queen': 'Search for the old queen',
  'look-at-her-mark': 'Find the queen and look at her mark',
  'boxes-may-change-parts':
    'Look at her mark. If she is the old queen, record that here: the box with her then counts as the bottom box, and the dates change over. Put that box at the bottom.',

  'look-in-both-halves': ({ latest, failedOn }) =>
    `Not known which half has the queen: look for eggs in both. None by ${dayWords(latest)}: test frame the same day; counts as failed on ${dayWords(failedOn)}.`,
  'leave-both-shut': ({ eggsTellTo }) =>
    `Leave both halves shut: you do not know which has the queen. You may open one of them, up to and including ${dayWords(eggsTellTo)}: as soon as you see eggs, close it. The other half then has the virgin: leave it shut.`,
  'open-one-half': 'Look into one half only, for eggs',
  'open-one-only': 'Open one only; at the first eggs close it, and leave the other shut.',

  'find-her-above': 'Find the queen above the excluder',
  'eggs-above': ({ on }) =>
    `Eggs above the excluder on ${dayWords(on)}: the queen is up there, or was within three days. Find her and put her below.`,
  'drones-out': 'Drones that emerge up there cannot get through it: give them a way out above until the brood is gone.',
  'look-for-eggs-above': 'Look for eggs above the excluder',
  'excluder-went-on': ({ on }) => `The excluder went on by ${dayWords(on)}, and the queen was not seen below it.`,
  'brood-in-a-super': ({ on }) => `Brood in a super above the excluder on ${dayWords(on)}.`,
  'eggs-above-are-new': ({ from }) =>
    `By ${dayWords(from)} all earlier eggs have hatched: eggs up there then are new, and she is above.`,

  'by-the-frames': ({ reasons }) => `${reasons.join('. ')}, going by the frames.`,
  'nest-bound': ({ by }) => `The nest is ${by}-bound`,
  'short-now': 'She has empty cells for less than two days of laying',
  'out-of-room': ({ out: { from, to }, nectarKg }) => {
    const when = to === null ? `from ${dayWords(from)} at the earliest` : rangeWords({ from, to });
    return `Out of laying room ${when}${nectarKg === null ? '' : `, with ${massWords(nectarKg)} of nectar a day`}`;
  },
  'time-for-a-box': ({ covered }) => `Bees cover ${percent(covered)} of the brood boxes: time for another`,
  'time-for-a-super': ({ full }) => `The supers are ${percent(full)} full: time for another`,

  'first-in-build-up': 'Nothing to look for in the rest of winter; first inspection in build-up.',
  'outside-the-swarm-season': ({ interval }) => `Routine inspection, every ${interval} days outside the swarm season.`,
  'too-little-seen': 'Too little was seen for a later date.',
  'cells-broken-down': ({ until }) =>
    `You broke cells down. That buys time until ${dayWords(until)}; it does not stop swarming.`,
  'cells-never-searched': 'Cells have not been looked for yet. Look within a week, as in any hive new to your records.',
  'cells-not-searched': 'Cells were not looked for last time, so the date of before stands.',
  'search-never-said':
    'How cells were looked for is not known. Look within a week, as in any hive new to your records.',
  'search-not-said': 'How cells were looked for last time is not known, so the date of before stands.',
  'last-inspection': ({ thoroughness, sealedAfter }) =>
    `Last inspection: ${LOOKED_WORDS[thoroughness]}. A missed cell could be sealed after ${dayWords(sealedAfter)}.`,
  'she-is-clipped': ({ virginFrom }) =>
    `She is clipped: she herself may be lost with a swarm that returns; the colony once a virgin is out, from ${dayWords(virginFrom)}.`,
  'own-interval': ({ days }) => `Your own interval of ${days} days.`,
  'later-than-allowed': ({ days }) => `That is ${days} ${days === 1 ? 'day' : 'days'} later than what was seen allows.`,
  'box-above-only': 'Look into the box above, and leave the nest alone',
  'leave-the-nest-alone': ({ until }) =>
    `Leave the nest alone with its new frames until ${dayWords(until)}. Tip up the box above and look along the bottom bars; open the nest only for eggs in cups or charged cells.`,

  'breaking-down-buys': ({ until }) =>
    `Breaking cells down buys time until ${dayWords(until)}; it does not stop swarming.`,
  'done-in-a-row': ({ times }) => `You have done it ${timesWords(times)} in a row.`,
  'not-working': 'It is not working: they begin again each time. A method that parts the queen from her brood would.',

  'live-cells-above': ({ virginFrom }) => `Live cells are up there: a virgin may be out from ${dayWords(virginFrom)}.`,
  'moved-for-leave-shut': ({ from, to }) =>
    `Moved from ${dayWords(from)}: leave it shut up to and including ${dayWords(to)}.`,
  'moved-by': ({ what, on }) => `${MOVED_BY[what]} ${dayWords(on)}`,

  'leave-shut-to': ({ to }) =>
    `Leave the hive shut up to and including ${dayWords(to)}: opening it can lose the virgin.`,
  'after-last-day': ({ code, day, latest }) =>
    `${dayWords(day)} is after the last good day, ${dayWords(latest)}. ${tooLateWords(code)}`,
  'before-first-day': ({ code, day, earliest }) =>
    `${dayWords(day)} is before the first good day, ${dayWords(earliest)}. ${TOO_EARLY[code] ?? 'It may be too soon to tell.'}`,

  'no-sealed-brood': ({ likely }) =>
    `No sealed brood about ${rangeWords(likely)}: mite treatment works best then, by label and local rule only.`,
};
