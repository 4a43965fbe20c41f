import 'server-only';
import { type Day, formatDay } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { Settings } from '../core/settings/settings';
import { type ColonyState, foldColony } from '../core/state/fold';

/** Lists of a colony's own facts, and the weather where it stands: while nothing of them has changed they are the very same. */
const OWN = ['inspections', 'cells', 'queenEvents', 'surveys', 'afternoons'] as const;

interface KnownState {
  readonly own: readonly unknown[];
  /** Everything else that the state follows from, as text. */
  readonly beside: string;
  readonly state: ColonyState;
}

/** The states of each opened book's colonies as last reckoned, by the colony. */
const known = new WeakMap<object, Map<string, KnownState>>();

/**
 * The state of a colony on `today`. All its facts of all its years count; what makes that quick is that it is reckoned anew only when
 * one of its facts, or of those it shares with others, the settings or the day has changed. After an entry that is one colony of many.
 *
 * @param book the opened book that the colony is of
 * @param facts as {@link allFacts} gives them, whose lists are the same objects while nothing of them has changed
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
  const own = OWN.map((list) => facts[list]);
  const { inspections: _, cells: __, queenEvents: ___, surveys: ____, afternoons: _____, ...shared } = facts;
  const beside = JSON.stringify([formatDay(today), settings, shared]);
  const last = states.get(colonyId);
  if (last?.beside === beside && own.every((list, i) => list === last.own[i])) return last.state;
  const state = foldColony(facts, settings, today);
  states.set(colonyId, { own, beside, state });
  return state;
}
