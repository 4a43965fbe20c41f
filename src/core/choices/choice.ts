import { ALL_METHOD_NAMES, type MethodName } from '../methods/method';

/** What may be done, or left, that is no method. */
export const ACTS = [
  'leave-shut',
  'nothing',
  'wait',
  'feed',
  'inspect',
  'break-cups',
  'thin-cells',
  'shake-out',
  'remove-queen',
] as const;

/** Everything that may be done, or left, with a colony. */
export const CHOICES = [...ALL_METHOD_NAMES, ...ACTS] as const;
export type Choice = (typeof CHOICES)[number];

const ACTS_ALONE: ReadonlySet<Choice> = new Set(ACTS);
export const isMethod = (choice: Choice): choice is MethodName => !ACTS_ALONE.has(choice);

/** When one that is not first is the better one. */
export type When =
  | 'to-act-now'
  | 'to-buy-days'
  | 'with-a-second-hive'
  | 'honey-without-increase'
  | 'not-found'
  | 'once-found'
  | 'ripe-cells-to-spare'
  | 'another-needs-one'
  | 'from-above'
  | 'not-to-open-it'
  | 'early-in-the-year'
  | 'late-or-weak'
  | 'bees-are-young'
  | 'more-bees-wanted'
  | 'more-room-too'
  | 'food-is-short'
  | 'food-is-there'
  | 'more-cells';

/** Why one is not offered. */
export type WhyNot =
  | 'shut'
  | 'rest'
  | 'no-cells'
  | 'not-swarmed'
  | 'cells-are-there'
  | 'sealed'
  | 'too-weak'
  | 'no-flow'
  | 'queen-may-be-there'
  | 'not-read-yet'
  | 'workers-lay'
  | 'has-a-queen'
  | 'no-laying-queen'
  | 'no-other-colony'
  | 'not-found'
  | 'no-second-stand'
  | 'not-short'
  | 'none-ripe'
  | 'no-swarm'
  | 'not-asked'
  | 'other-first';
