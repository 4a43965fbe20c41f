import type { ReadingName } from '../inspections/reading';
import type { Check } from '../schedule/check';
import type { ColonyState } from '../state/fold';
import { askedOf, type BesideColony } from './asked-of';
import type { Choice } from './choice';
import { choose } from './choose';
import { say } from './says';

/** Readings that leave it to the keeper what is done: it is said with what comes first of its choices. */
const LEFT_OPEN: ReadonlySet<ReadingName | undefined> = new Set<ReadingName | undefined>([
  'early-preparing',
  'preparing',
  'swarm-imminent',
  'congested',
]);
/** To be told to do something, and then that it is this, would be none. */
const NOTHING_DONE: ReadonlySet<Choice> = new Set<Choice>(['leave-shut', 'wait', 'inspect']);

const isLeftOpen = ({ code, reading }: Check): boolean => code === 'act' && LEFT_OPEN.has(reading ?? undefined);

/** A colony whose order to act names what comes first of its choices, so that no two screens say another; others as they are. */
export function namedByChoice(state: ColonyState, beside: BesideColony): ColonyState {
  const { schedule } = state;
  if (!schedule.checks.some(isLeftOpen)) return state;
  const { first } = choose(askedOf(state, beside));
  if (NOTHING_DONE.has(first)) return state;
  const checks = schedule.checks.map((check) =>
    isLeftOpen(check) ? { ...check, order: say('do', { choice: first }) } : check,
  );
  return { ...state, schedule: { ...schedule, checks } };
}
