import type { ColonyFacts } from '../core/colony/facts';
import { factsWith } from '../core/colony/facts-with';
import type { Settings } from '../core/settings/settings';
import type { ApiaryEntry, ColonyEntry } from '../views/yard';
import type { OutboxEntry } from './outbox-entry';

/** Everything that is needed at the hive without a signal: the book's facts as they were when it was last asked. */
export interface Pack {
  /** Changes with every change of the book, and with the day. */
  readonly version: string;
  /** Local minute at which it was made. */
  readonly minute: string;
  readonly settings: Settings;
  readonly apiaries: readonly ApiaryEntry[];
  readonly colonies: readonly PackedColony[];
  /** Pages that are to open without a signal. */
  readonly pages: readonly string[];
}

export interface PackedColony {
  readonly colony: ColonyEntry;
  readonly facts: ColonyFacts;
}

/** The facts of a colony with what was saved on this device since, apart from what the server refused. */
export function factsOnDevice({ colony, facts }: PackedColony, outbox: readonly OutboxEntry[]): ColonyFacts {
  const known = new Set(facts.inspections.map(({ id }) => id));
  return outbox
    .filter(({ colonyId, state, id }) => colonyId === colony.id && state !== 'refused' && !known.has(id))
    .reduce((so, { entry }) => factsWith(so, entry), facts);
}
