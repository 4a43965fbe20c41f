import 'server-only';
import { type Day, formatDay } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { Settings } from '../core/settings/settings';
import { type ColonyState, foldColony } from '../core/state/fold';
import { isSound } from '../core/state/is-sound';
import { keptKind } from '../db/kept';
import type { Book } from '../db/open';
import type { WhyUnreckoned } from '../views/all-apiaries';
import { RECKONED_WITHIN } from './reckoned-within';
import { withinTime } from './within-time';

/** What took too long may have been the machine's doing, and is tried again after that, ms. */
const TRIED_AGAIN_AFTER = 10 * 60_000;

/** A colony as it stands, or why it cannot be worked out. */
export type Reckoned =
  | { readonly state: ColonyState; readonly why: null }
  | { readonly state: null; readonly why: WhyUnreckoned };

/** The state of a colony on `today`, or why there is none: one that cannot be reckoned must not keep the others from being shown. */
export function reckoned(facts: ColonyFacts, settings: Settings, today: Day): Reckoned {
  const ended = withinTime(RECKONED_WITHIN, () => foldColony(facts, settings, today));
  if (ended.how === 'done') {
    return isSound(ended.value) ? { state: ended.value, why: null } : { state: null, why: 'nonsense' };
  }
  if (ended.how === 'threw') console.error(ended.error);
  return { state: null, why: ended.how };
}

/** Lists of a colony's own facts, and the weather where it stands: while nothing of them has changed they are the very same. */
const OWN = ['inspections', 'cells', 'queenEvents', 'surveys', 'afternoons'] as const;

const STATE = keptKind<Reckoned & { readonly at: number }>('state');

/**
 * The state of a colony on `today`, or why there is none. All its facts of all its years count; what makes that quick is that it is
 * reckoned anew only when one of its facts, or of those it shares with others, the settings or the day has changed. After an entry that
 * is one colony of many.
 *
 * @param book that the colony is of
 * @param facts as {@link allFacts} gives them, whose lists are the same objects while nothing of them has changed
 */
export function stateOf(book: Book, colonyId: string, facts: ColonyFacts, settings: Settings, today: Day): Reckoned {
  const { inspections: _, cells: __, queenEvents: ___, surveys: ____, afternoons: _____, ...shared } = facts;
  const beside = JSON.stringify([formatDay(today), settings, shared]);
  const versions = [...OWN.map((list) => facts[list]), beside];
  const last = book.kept.last(STATE, colonyId)?.value;
  if (last?.why === 'too-long' && performance.now() - last.at > TRIED_AGAIN_AFTER) book.kept.drop(STATE, colonyId);
  return book.kept.value(STATE, colonyId, versions, () => ({
    ...reckoned(facts, settings, today),
    at: performance.now(),
  }));
}
