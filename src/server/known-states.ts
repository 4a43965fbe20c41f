import 'server-only';
import { type Day, formatDay } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import { type ColonyState, foldColony } from '../core/colony/fold';
import type { Settings } from '../core/settings/settings';

interface KnownState {
  /** Everything that the state follows from, as text. */
  readonly from: string;
  readonly state: ColonyState;
}

/** The states of each opened book's colonies as last reckoned, by the colony. */
const known = new WeakMap<object, Map<string, KnownState>>();

/**
 * The state of a colony on `today`. All its facts of all its years count; what makes that quick is that it is reckoned anew only when
 * one of its facts, or of those it shares with others, the settings or the day has changed. After an entry that is one colony of many.
 *
 * @param book the opened book that the colony is of
 */
export function stateOf(
  book: object,
  colonyId: string,
  facts: ColonyFacts,
  settings: Settings,
  today: Day,
): ColonyState {
  const states = known.get(book) ?? new Map<string, KnownState>();
  known.set(book, states);
  const from = JSON.stringify([formatDay(today), settings, facts]);
  const last = states.get(colonyId);
  if (last?.from === from) return last.state;
  const state = foldColony(facts, settings, today);
  states.set(colonyId, { from, state });
  return state;
}
