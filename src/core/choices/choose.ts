import { formatDay } from '../calendar/day';
import { methodNamed } from '../methods/methods';
import type { Thing } from '../methods/thing';
import type { Said } from '../says/said';
import type { ChoicesAsked } from './asked';
import { CHOICES, type Choice, isMethod, type When, type WhyNot } from './choice';
import { fitsDemaree, inOrder, isFlowNear, maySealBy } from './in-order';
import { say } from './says';
import { DEMAREE_FRAMES, isWeak, NUC_FRAMES_LEAST, OLD_SITE_FRAMES, strengthOf } from './strength';

/** What does where a thing is not there. */
export type StandIn = 'brood-box-with-dummy' | 'floor-and-roof-of-boards' | 'ply-with-a-notch';

/** The choices of a colony: one first, up to three others, and the rest with why not. Each stands in exactly one of the three. */
export interface Choices {
  readonly first: Choice;
  readonly others: readonly { readonly choice: Choice; readonly when: When }[];
  readonly folded: readonly { readonly choice: Choice; readonly why: WhyNot }[];
  /** What the order rests on. */
  readonly because: readonly { readonly code: string; readonly text: Said }[];
  /** Of what is offered: what is not there, and what can stand in for it. It moves nothing down. */
  readonly missing: readonly { readonly choice: Choice; readonly thing: Thing; readonly standIn: StandIn | null }[];
}

const OTHERS_AT_MOST = 3;

/** What an experienced keeper would say first of a colony as it stands, what else, and why not the rest. */
export function choose(asked: ChoicesAsked): Choices {
  const [best, ...rest] = inOrder(asked);
  if (!best) throw new Error(`Nothing is said first of ${asked.reading} on ${formatDay(asked.on)}`);
  const others = rest
    .flatMap(({ choice, when }) => (when === null || choice === best.choice ? [] : [{ choice, when }]))
    .slice(0, OTHERS_AT_MOST);
  const offered = new Set([best.choice, ...others.map(({ choice }) => choice)]);
  return {
    first: best.choice,
    others,
    folded: CHOICES.filter((choice) => !offered.has(choice)).map((choice) => ({ choice, why: whyNot(choice, asked) })),
    because: becauseOf(asked),
    missing: [...offered].flatMap((choice) => missingFor(choice, asked.kit)),
  };
}

/** Left as it is, or only looked at from outside. */
const OPENS_NOTHING: ReadonlySet<Choice> = new Set(['leave-shut', 'nothing', 'wait']);
const BEFORE_SWARM: ReadonlySet<Choice> = new Set(['nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree']);
const SPLITS: ReadonlySet<Choice> = new Set(['walk-away', 'even-split', 'vertical-split', 'queen-split']);
const GIVES_A_QUEEN: ReadonlySet<Choice> = new Set(['requeen-mated', 'give-cell', 'give-eggs', 'unite']);
const ROOM: ReadonlySet<Choice> = new Set([
  'open-sides',
  'interleave',
  'honey-bound',
  'pollen-bound',
  'add-box',
  'add-super',
]);

const DEMAREES: ReadonlySet<Choice> = new Set(['demaree', 'part-demaree']);
const TAKES_A_STAND: ReadonlySet<Choice> = new Set(['walk-away', 'old-site-swarm']);

/** Readings of a colony that has no laying queen, or none that is known of. */
const NO_LAYING_QUEEN: ReadonlySet<ChoicesAsked['reading']> = new Set([
  'swarmed',
  'cast-risk',
  'may-have-swarmed',
  'virgin-loose',
  'awaiting-eggs',
  'raising-queen',
  'queen-missing',
  'not-laying',
  'drone-laying',
]);

interface Against {
  readonly why: WhyNot;
  readonly of: (choice: Choice) => boolean;
  readonly holds: (asked: ChoicesAsked, choice: Choice) => boolean;
}

const any = () => true;
const only =
  (...choices: readonly Choice[]) =>
  (choice: Choice) =>
    choices.includes(choice);
const divides = (choice: Choice) => SPLITS.has(choice) || BEFORE_SWARM.has(choice);
const opens = (choice: Choice) => !OPENS_NOTHING.has(choice);
const isShut = ({ on, colony: { leaveShutTo } }: ChoicesAsked) => leaveShutTo !== null && leaveShutTo >= on;
const hasCells = ({ colony }: ChoicesAsked) => colony.cells.count > 0;

/** Frames of brood that a method which divides a colony takes at the least. */
function leastFrames(choice: Choice): number {
  if (choice === 'nuc-swarm' || choice === 'queen-split') return NUC_FRAMES_LEAST;
  return choice === 'vertical-split' || choice === 'demaree' ? DEMAREE_FRAMES : OLD_SITE_FRAMES;
}

/** What may stand against a choice, the weightiest first. */
const AGAINST: readonly Against[] = [
  { why: 'rest', of: opens, holds: ({ place }) => place.season === 'rest' },
  { why: 'shut', of: opens, holds: (asked) => isShut(asked) },
  { why: 'other-first', of: any, holds: (asked) => asked.place.season === 'rest' || isShut(asked) },
  { why: 'not-asked', of: only('leave-shut'), holds: any },
  { why: 'no-swarm', of: only('hive-swarm'), holds: any },
  { why: 'not-swarmed', of: only('after-swarm'), holds: ({ reading }) => reading !== 'swarmed' },
  {
    why: 'workers-lay',
    of: (choice) => GIVES_A_QUEEN.has(choice),
    holds: ({ reading, colony }) => reading === 'drone-laying' && colony.layingWorkers,
  },
  {
    why: 'no-other-colony',
    of: (choice) => GIVES_A_QUEEN.has(choice) && choice !== 'requeen-mated',
    holds: ({ place }) => place.otherColonies === 0,
  },
  {
    why: 'not-read-yet',
    of: (choice) => GIVES_A_QUEEN.has(choice),
    holds: ({ reading, colony }) => reading === 'queen-missing' && colony.testFrame !== 'cells',
  },
  { why: 'cells-are-there', of: only('test-comb'), holds: hasCells },
  { why: 'no-cells', of: only('thin-cells', 'break-cups', 'cell-nuc'), holds: (asked) => !hasCells(asked) },
  { why: 'none-ripe', of: only('cell-nuc'), holds: ({ colony }) => colony.cells.oldest !== 'ripe' },
  { why: 'queen-may-be-there', of: (choice) => GIVES_A_QUEEN.has(choice) || choice === 'test-comb', holds: any },
  { why: 'has-a-queen', of: only('shake-out', 'remove-queen'), holds: any },
  { why: 'no-laying-queen', of: divides, holds: ({ reading }) => NO_LAYING_QUEEN.has(reading) },
  {
    why: 'too-weak',
    of: divides,
    holds: ({ colony }) => isWeak(colony) || strengthOf(colony).frames < NUC_FRAMES_LEAST,
  },
  { why: 'sealed', of: (choice) => DEMAREES.has(choice), holds: (asked) => maySealBy(asked) },
  { why: 'no-flow', of: (choice) => DEMAREES.has(choice), holds: (asked) => !isFlowNear(asked) },
  {
    why: 'too-weak',
    of: divides,
    holds: (asked, choice) =>
      strengthOf(asked.colony).frames < leastFrames(choice) || (choice === 'demaree' && !fitsDemaree(asked)),
  },
  {
    why: 'not-found',
    of: (choice) => BEFORE_SWARM.has(choice),
    holds: ({ colony }) => colony.queenFound === 'no',
  },
  {
    why: 'no-second-stand',
    of: (choice) => TAKES_A_STAND.has(choice),
    holds: ({ place }) => place.secondStand === false,
  },
  {
    why: 'cells-are-there',
    of: (choice) => ROOM.has(choice),
    holds: (asked) => hasCells(asked) && asked.colony.cells.oldest !== 'egg',
  },
  { why: 'not-short', of: (choice) => ROOM.has(choice), holds: any },
];

const whyNot = (choice: Choice, asked: ChoicesAsked): WhyNot =>
  AGAINST.find(({ of, holds }) => of(choice) && holds(asked, choice))?.why ?? 'other-first';

function becauseOf({ on, reading, colony, place, wanted }: ChoicesAsked): Choices['because'] {
  const { frames, seams } = strengthOf(colony);
  const said: (readonly [code: string, text: Said] | false)[] = [
    place.season === 'rest' && (['in-rest', say('in-rest')] as const),
    ['reading', say('reads-so', { reading })] as const,
    colony.leaveShutTo !== null &&
      colony.leaveShutTo >= on &&
      (['shut', say('shut-to', { to: colony.leaveShutTo })] as const),
    colony.queenFound === 'today' && (['queen-found', say('found-today')] as const),
    colony.queenFound === 'no' && (['queen-not-found', say('not-found-today')] as const),
    colony.earliestSealing !== null &&
      colony.earliestSealing > on &&
      (['sealing', say('sealed-from', { on: colony.earliestSealing })] as const),
    colony.earliestEmergence !== null && (['emergence', say('out-from', { on: colony.earliestEmergence })] as const),
    isWeak(colony) && (['weak', say('is-weak', { frames, seams })] as const),
    place.flow !== null && place.flow.to >= on && (['flow', say('flow-from', { from: place.flow.from })] as const),
    wanted !== 'nothing' && (['wanted', say('is-wanted', { wanted })] as const),
    colony.cause === 'supersedure' && (['supersedure', say('replaces-her')] as const),
  ];
  return said.flatMap((one) => (one ? [{ code: one[0], text: one[1] }] : []));
}

const STAND_INS: { readonly [T in Thing]?: StandIn } = {
  'nuc-box': 'brood-box-with-dummy',
  floor: 'floor-and-roof-of-boards',
  roof: 'floor-and-roof-of-boards',
  'split-board': 'ply-with-a-notch',
};

/** What of a choice's kit was counted and is not there. */
function missingFor(choice: Choice, kit: readonly Thing[] | null): Choices['missing'] {
  if (kit === null) return [];
  const needed = isMethod(choice) ? methodNamed(choice).kit.flatMap(({ brings }) => brings) : [];
  return needed
    .filter(({ of }) => !of.some((thing) => kit.includes(thing)))
    .map(({ of: [thing] }) => ({ choice, thing: thing as Thing, standIn: STAND_INS[thing as Thing] ?? null }));
}
