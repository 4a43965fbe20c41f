import type { Cause } from '../core/cells/cause';
import type { CellStage } from '../core/cells/stage';
import type { Because } from '../core/practice/because';
import type { CellLook } from '../core/practice/cell-look';
import {
  type Answer,
  type ExerciseKind,
  type FrameAsked,
  type Marked,
  NO_DAY,
  type Right,
  type Shows,
} from '../core/practice/exercise';
import type { CombCell, Layer, Patch } from '../core/practice/patch';
import type { Search } from '../core/practice/search';
import { YOUNGEST_WORDS } from './brood';
import { capital } from './capital';
import { CELL_PLACE_WORDS, STAGE_WORDS } from './cells';
import { THOROUGHNESS_WORDS } from './inspections';
import { listWords } from './list';

export const EXERCISE_WORDS: { readonly [K in ExerciseKind]: { readonly name: string; readonly about: string } } = {
  'read-cell': { name: 'Read the cell', about: 'Which stage, in how many days it is sealed, in how many she is out.' },
  'find-all': {
    name: 'Find them all',
    about: 'A frame under its bees: which cells are on it, and what may you have missed?',
  },
  'read-brood': { name: 'Read the brood', about: 'When did she lay last, and what does it say of her?' },
  'which-cause': {
    name: 'Swarm, supersedure or emergency',
    about: 'Weigh what you see. That it cannot be told is an answer too.',
  },
  'leave-shut': {
    name: 'Leave it shut or not',
    about: 'A virgin is on her way: is today a day to open it, and when are eggs looked for?',
  },
  'when-back': { name: 'When to be back', about: 'By what an inspection may have missed.' },
  'not-shaken': { name: 'What must not be shaken', about: 'Frames of a hive that is searched.' },
};

/** What is asked. */
export const ASK_WORDS: { readonly [code: string]: string } = {
  stage: 'Which stage is it?',
  'sealed-in': 'In how many days is it sealed?',
  'out-in': 'In how many days is she out?',
  found: 'Which of them hold an egg, a larva or a queen?',
  'back-in': 'In how many days must somebody be back, at the latest?',
  'laid-ago': 'How many days ago was the last egg laid?',
  says: 'What does it say?',
  cause: 'Why are the cells there?',
  today: 'Today?',
  'eggs-in': 'In how many days do you look for eggs?',
  'not-shaken': 'Which frames must not be shaken?',
};

/** What is said where a number of days has none. */
export const NO_DAY_WORDS: { readonly [code: string]: string } = {
  'sealed-in': 'it is sealed, or never will be',
  'out-in': 'she is out, or never will be',
  'eggs-in': 'that time is over',
};

const CHOICE_WORDS: { readonly [choice: string]: string } = {
  'cannot-tell': 'it cannot be told',
  lays: 'a queen laid there within three days',
  'not-laying': 'nobody has laid for longer',
  'drone-laying': 'a drone layer or laying workers',
  swarm: 'swarm cells',
  supersedure: 'supersedure',
  emergency: 'emergency cells',
  shut: 'leave it shut',
  'may-be-opened': 'it may be opened',
};

const isStage = (text: string): text is CellStage => text in STAGE_WORDS;
export const choiceWords = (choice: string): string =>
  CHOICE_WORDS[choice] ?? (isStage(choice) ? STAGE_WORDS[choice].name : choice);

const percent = (share: number): string => `${Math.round(share * 10) * 10}%`;

/** A cell for who does not see it: what is there to be seen, and not what it is called. */
export function cellLookWords({ wall, egg, larva, jelly, capping, end }: CellLook, isTipSeen = true): string {
  if (end === 'torn-side') return 'a long closed cell with a ragged hole in its side';
  if (end === 'open-tip') return 'a long cell, its tip cut open all round, the lid hanging or gone';
  if (egg) return `a cup with an egg that leans ${Math.round(egg.lean / 5) * 5} degrees from upright`;
  if (larva)
    return `a cell drawn down to ${percent(wall)} of its length, open, with a larva that fills ${percent(larva.length)} of its width on jelly ${percent(jelly)} deep`;
  if (!capping) return 'a cup with nothing in it';
  const tone = capping.tone < 0.3 ? 'pale' : capping.tone < 0.65 ? 'tan' : 'brown';
  const tip = !isTipSeen
    ? 'its tip hidden under bees'
    : capping.bareTip > 0
      ? `its tip stripped to the cocoon over ${percent(Math.max(0.1, capping.bareTip))}`
      : 'its tip smooth with wax';
  return `a long closed cell, ${tone}, ${tip}${end === 'lid-cut' ? ', a fine cut running round the lid' : ''}`;
}

const COMB_WORDS: { readonly [H in CombCell['holds']]: string } = {
  empty: 'empty',
  pollen: 'pollen',
  nectar: 'nectar',
  honey: 'honey',
  eggs: 'eggs',
  larva: 'larvae',
  sealed: 'sealed brood',
};

/** A piece of comb for who does not see it: how many cells of each, and what tells who laid there. */
export function patchWords({ cells }: Patch): string {
  const count = (holds: CombCell['holds']) => cells.filter((cell) => cell.holds === holds).length;
  const eggs = cells.flatMap((cell) => (cell.holds === 'eggs' ? [cell] : []));
  const leans = eggs.flatMap((cell) => cell.leans);
  const larvae = cells.flatMap((cell) => (cell.holds === 'larva' ? [cell.length] : []));
  const domed = cells.filter((cell) => cell.holds === 'sealed' && cell.isDomed).length;
  const parts = (Object.keys(COMB_WORDS) as CombCell['holds'][])
    .filter((holds) => count(holds) > 0)
    .map((holds) => `${count(holds)} cells with ${COMB_WORDS[holds]}`.replace('with empty', 'empty'));
  return [
    `${capital(listWords(parts))}.`,
    ...(leans.length > 0 ? [`The most upright egg leans ${Math.round(Math.min(...leans) / 5) * 5} degrees.`] : []),
    ...(eggs.some(({ atWall }) => atWall) ? ['Several eggs to a cell, at the walls.'] : []),
    ...(larvae.length > 0
      ? [
          `The smallest larva fills ${percent(Math.max(0.1, Math.min(...larvae)))} of its cell, the largest ${percent(Math.max(...larvae))}.`,
        ]
      : []),
    ...(domed > 0 ? [`${domed} of the sealed cells are domed.`] : []),
  ].join(' ');
}

const daysAgo = (days: number): string => (days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`);

const FRAME_WORDS: { readonly [H in FrameAsked['holds']]: string } = {
  brood: 'brood, no cell',
  stores: 'stores',
  'kept-cell': 'the cell that is kept',
  'cell-to-go': 'a cell that goes to another colony',
};
export const frameWords = ({ holds, cellAge }: FrameAsked): string =>
  cellAge === null
    ? FRAME_WORDS[holds]
    : `${FRAME_WORDS[holds]}, ${cellAge.from === cellAge.to ? cellAge.from : `${cellAge.from} to ${cellAge.to}`} days old`;

/** What is told before what is asked, where it is no picture. */
export function toldWords(shows: Shows): string | null {
  switch (shows.kind) {
    case 'cells':
      return `${shows.eggs === 'seen' ? 'Eggs are there.' : 'You looked for eggs: none.'}${shows.isQueenGone ? ' You know that the queen is gone.' : ''}`;
    case 'kept-cell':
      return {
        'queen-removed': `The queen was taken away ${daysAgo(shows.daysAgo)}; the colony raises its own, and no cell has been dated.`,
        'sealed-found': `${capital(daysAgo(shows.daysAgo))} the one cell that is kept was sealed and fresh; nothing more is known of it.`,
        'egg-seen': `${capital(daysAgo(shows.daysAgo))} there was an egg in the one cell that is kept.`,
      }[shows.known];
    case 'inspected':
      return [
        `Inspected ${daysAgo(shows.daysAgo)}: ${THOROUGHNESS_WORDS[shows.thoroughness].name}. No cell was left.`,
        ...(shows.cellsRemoved ? ['Cells were broken down, and it was left otherwise as it was.'] : []),
        ...(shows.clipped ? ['The queen is clipped: by when is the colony lost?'] : []),
      ].join(' ');
    default:
      return null;
  }
}

const LAYER_WORDS: { readonly [L in Layer]: string } = {
  queen: 'Laid by a queen in good order.',
  'patchy-queen': 'Laid by a queen with gaps: poor mating, disease or old age. It says nothing of when.',
  'drone-layer': 'One egg to a cell, and domes over worker cells: a queen that has no sperm left.',
  'laying-workers': 'Several eggs to a cell, at the walls: workers lay.',
};

const CAUSE_WORDS: { readonly [C in Cause]: string } = {
  swarm: 'Five cells or more, or any at the bottom or an edge, point to swarming.',
  supersedure: 'Up to three cells of like age on the face, and eggs still there, point to supersedure.',
  emergency: 'Cells on the face past the egg and no eggs, or a queen known to be gone, point to an emergency.',
  unclear: 'Neither one nor the other: treat them as swarm cells, since being wrong that way costs less.',
};

export function becauseWords(because: Because): string {
  switch (because.code) {
    case 'stage-is':
      return `${capital(STAGE_WORDS[because.stage].name)}: ${STAGE_WORDS[because.stage].look}. ${because.to === null ? `${because.from} days old or more` : `${because.from} to ${because.to} days old`}.`;
    case 'age-was':
      return `It was ${because.days === 1 ? 'a day' : `${because.days} days`} old: that nobody can see to the day.`;
    case 'seals-and-emerges':
      return 'A queen cell is sealed 7 to 9 days after the egg, and she is out 15 to 17 days after it.';
    case 'tip-hidden':
      return 'Without its tip nobody can tell a fresh cell from a ripe one.';
    case 'hidden-by-bees':
      return because.count === 1
        ? 'One more was there, which this search does not show. Back later than the rule says, it may be sealed and the swarm gone.'
        : `${because.count} more were there, which this search does not show. Back later than the rule says, the first may be sealed and the swarm gone.`;
    case 'shaken-tender':
      return `${because.count === 1 ? 'One of the cells is' : `${because.count} of the cells are`} ${because.from} to ${because.to} days old, and a knock hurts ${because.count === 1 ? 'it' : 'them'}: brush the bees off where a cell is to stay.`;
    case 'back-by':
      return because.hiddenAge === null
        ? 'Tipping up bounds nothing: back within two days.'
        : because.hiddenAge === 0
          ? 'With the bees off nothing is missed: seven days to the first cell that can be sealed.'
          : `A cell of up to ${because.hiddenAge} days may have been missed: seven days less ${because.hiddenAge}.`;
    case 'youngest-is':
      return `Youngest brood: ${YOUNGEST_WORDS[because.youngest]}. The last egg was laid ${because.from === null ? `${because.to} days ago or earlier` : `${because.to} to ${because.from} days ago`}.`;
    case 'laid-by':
      return LAYER_WORDS[because.layer];
    case 'cause-is':
      return CAUSE_WORDS[because.cause];
    case 'shut-span':
      return because.to < 0
        ? `It was to be left shut until ${-because.to} days ago.`
        : because.from > 0
          ? `It is to be left shut in ${because.from} to ${because.to} days, counted from today.`
          : `It is to be left shut for ${because.to === 0 ? 'today' : `${because.to} more days`}: ten days after the last that a virgin can be out.`;
    case 'clipped-later':
      return 'Clipped, she cannot lead them off: the colony is lost with the first virgin, 14 days after the egg. The queen herself may be lost before.';
    case 'removed-restart':
      return 'After cells are broken down they begin again with a larva about a day old: four days are gone already.';
    case 'kept-never-shaken':
      return 'The frame with the kept cell is never shaken: brush its bees off.';
    case 'tender-age':
      return `From ${because.from} to ${because.to} days a cell bears neither a knock nor cold. Where its age may lie there, treat it so.`;
  }
}

const days = (n: number): string => (n === 1 ? 'one day' : `${n} days`);

/** What is right. @param nameOf what an id stands for, of those that are chosen */
export function rightWords(code: string, right: Right, nameOf: (id: string) => string): string {
  switch (right.is) {
    case 'choice':
      return right.oneOf.map(choiceWords).join(', or ');
    case 'all-of':
      return right.ids.length === 0 ? 'none of them' : listWords(right.ids.map(nameOf));
    case 'days':
      if (right.between === null) return NO_DAY_WORDS[code] ?? 'there is no such day';
      if (right.between.from === right.between.to) return days(right.between.from);
      return right.between.to >= 99
        ? `${days(right.between.from)} or more`
        : `${right.between.from} to ${days(right.between.to)}`;
  }
}

/** How an answer stood to what is right. */
export function markedWords({ isRight, daysOff }: Marked): string {
  if (isRight) return 'Right';
  return daysOff === null ? 'Not so' : `${days(daysOff)} off`;
}

export const answerWords = (code: string, answer: Answer | undefined, nameOf: (id: string) => string): string => {
  if (answer === undefined || answer === '') return 'nothing';
  if (answer === NO_DAY) return NO_DAY_WORDS[code] ?? 'no such day';
  if (typeof answer === 'number') return days(answer);
  if (typeof answer === 'string') return choiceWords(answer);
  return answer.length === 0 ? 'none of them' : listWords(answer.map(nameOf));
};

/** How a frame is searched. */
export const SEARCH_WORDS: { readonly [S in Search]: string } = {
  'tip-up': 'Look from below only',
  'bees-on': 'Lift it out, leave the bees on',
  brushed: 'Brush the bees off',
  shaken: 'Shake the bees off',
};

export const placeOnFrame = (place: keyof typeof CELL_PLACE_WORDS, x: number): string =>
  `${CELL_PLACE_WORDS[place]}, ${x < 0.33 ? 'left' : x > 0.67 ? 'right' : 'middle'}`;
