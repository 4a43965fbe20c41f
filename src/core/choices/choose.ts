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

/** What stands against a choice, the weightiest first. */
function whyNot(choice: Choice, asked: ChoicesAsked): WhyNot {
  const { colony, place, reading } = asked;
  const { frames } = strengthOf(colony);
  const isShut = colony.leaveShutTo !== null && colony.leaveShutTo >= asked.on;
  if (place.season === 'rest') return OPENS_NOTHING.has(choice) ? 'other-first' : 'rest';
  if (isShut) return OPENS_NOTHING.has(choice) ? 'other-first' : 'shut';
  if (choice === 'leave-shut') return 'not-asked';
  if (choice === 'hive-swarm') return 'no-swarm';
  if (choice === 'after-swarm' && reading !== 'swarmed') return 'not-swarmed';
  if (reading === 'drone-laying' && colony.layingWorkers && GIVES_A_QUEEN.has(choice)) return 'workers-lay';
  if (GIVES_A_QUEEN.has(choice) && place.otherColonies === 0 && choice !== 'requeen-mated') return 'no-other-colony';
  if (reading === 'queen-missing' && colony.testFrame !== 'cells' && GIVES_A_QUEEN.has(choice)) return 'not-read-yet';
  const hasCells = colony.cells.count > 0;
  if (choice === 'test-comb' && hasCells) return 'cells-are-there';
  if ((choice === 'thin-cells' || choice === 'break-cups') && !hasCells) return 'no-cells';
  if (choice === 'cell-nuc')
    return hasCells ? (colony.cells.oldest === 'ripe' ? 'other-first' : 'none-ripe') : 'no-cells';
  if (GIVES_A_QUEEN.has(choice) || choice === 'test-comb') return 'queen-may-be-there';
  if (choice === 'shake-out' || choice === 'remove-queen') return 'has-a-queen';
  if (SPLITS.has(choice) || BEFORE_SWARM.has(choice)) {
    if (isWeak(colony) || frames < NUC_FRAMES_LEAST) return 'too-weak';
    if ((choice === 'demaree' || choice === 'part-demaree') && maySealBy(asked)) return 'sealed';
    if ((choice === 'demaree' || choice === 'part-demaree') && !isFlowNear(asked)) return 'no-flow';
    const least = choice === 'vertical-split' || choice === 'demaree' ? DEMAREE_FRAMES : OLD_SITE_FRAMES;
    if (choice !== 'nuc-swarm' && choice !== 'queen-split' && frames < least) return 'too-weak';
    if (choice === 'demaree' && !fitsDemaree(asked)) return 'too-weak';
    if (BEFORE_SWARM.has(choice) && colony.queenFound === 'no') return 'not-found';
    if ((choice === 'walk-away' || choice === 'old-site-swarm') && place.secondStand === false)
      return 'no-second-stand';
  }
  if (ROOM.has(choice)) return hasCells && colony.cells.oldest !== 'egg' ? 'cells-are-there' : 'not-short';
  return 'other-first';
}

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
