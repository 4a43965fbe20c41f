import 'server-only';
import { type Day, formatDay } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { Settings } from '../core/settings/settings';
import { type ColonyState, foldColony } from '../core/state/fold';
import { keptKind } from '../db/kept';
import type { Book } from '../db/open';

/** Lists of a colony's own facts, and the weather where it stands: while nothing of them has changed they are the very same. */
const OWN = ['inspections', 'cells', 'queenEvents', 'surveys', 'afternoons'] as const;

const STATE = keptKind<ColonyState>('state');

/**
 * The state of a colony on `today`. All its facts of all its years count; what makes that quick is that it is reckoned anew only when
 * one of its facts, or of those it shares with others, the settings or the day has changed. After an entry that is one colony of many.
 *
 * @param book that the colony is of
 * @param facts as {@link allFacts} gives them, whose lists are the same objects while nothing of them has changed
 */
export function stateOf(book: Book, colonyId: string, facts: ColonyFacts, settings: Settings, today: Day): ColonyState {
  const { inspections: _, cells: __, queenEvents: ___, surveys: ____, afternoons: _____, ...shared } = facts;
  const beside = JSON.stringify([formatDay(today), settings, shared]);
  const versions = [...OWN.map((list) => facts[list]), beside];
  return book.kept.value(STATE, colonyId, versions, () => foldColony(facts, settings, today));
}
