import { isSearch } from '../../core/cells/thoroughness';
import 'server-only';
import { eq } from 'drizzle-orm';
import { addDays, type Day, formatDay } from '../../core/calendar/day';
import { endOfDay } from '../../core/calendar/now';
import type { ColonyFacts } from '../../core/colony/facts';
import type { RoundFact } from '../../core/facts/round';
import { flowKnown } from '../../core/scale/flow-known';
import { type LossAnswer, openLosses, type SinceLoss } from '../../core/scale/losses';
import { type Scale, type ScaleReading, scaleOf } from '../../core/scale/scale-of';
import { type NotedVisit, visitsAt } from '../../core/scale/visits-at';
import type { Book, Db } from '../../db/open';
import { roundsMade } from '../../db/repositories/rounds';
import { storedReadings } from '../../db/repositories/scale';
import { scaleAnswers } from '../../db/schema/tables';
import type { ScaleNow } from '../../views/measured';
import { demoReadings } from '../demo-devices';
import { workedOut } from '../worked-out';

/** What lies further back is no longer asked for: a season. */
const DAYS_BACK = 200;

interface OnScale {
  readonly id: string;
  readonly apiaryId: string;
}

/** What the scale under a colony has read this season, up to the end of a day; in the demo also what its simulated scale reads. */
export function readingsOf(opened: Book, { id, apiaryId }: OnScale, today: Day): readonly ScaleReading[] {
  const until = endOfDay(today);
  const stored = storedReadings(opened.db, id, formatDay(addDays(today, -DAYS_BACK))).filter(({ at }) => at <= until);
  const simulated = demoReadings(id, apiaryId, today, until);
  if (simulated.length === 0) return stored;
  const days = new Set(stored.map(({ at }) => at.slice(0, 10)));
  return [...simulated.filter(({ at }) => !days.has(at.slice(0, 10))), ...stored].sort((a, b) =>
    a.at < b.at ? -1 : 1,
  );
}

/**
 * When a hive was seen to, as far as it is noted: an inspection from its minute to the one at which the hive was shut again, a hive of a
 * round for as long as the keeper was at it, or else for the whole round; what else is noted of it from its minute on.
 */
export const visitsNoted = (
  { inspections, surveys, parts, answers }: ColonyFacts,
  id: string,
  rounds: readonly Pick<RoundFact, 'beganAt' | 'endedAt' | 'hives'>[],
): readonly NotedVisit[] => [
  ...inspections.map(({ at, until }) => ({ from: at, to: until ?? null })),
  ...surveys.map(({ at }) => ({ from: at, to: null })),
  ...answers.filter(({ colonyId }) => colonyId === id).map(({ at }) => ({ from: at, to: null })),
  ...parts.flatMap(({ programme: { at } }) => (at === null ? [] : [{ from: at, to: null }])),
  ...rounds.flatMap(({ beganAt, endedAt, hives }) =>
    hives
      .filter(({ colonyId }) => colonyId === id)
      .map(({ from, to }) => (from === null ? { from: beganAt, to: endedAt } : { from, to })),
  ),
];

export interface ColonyScale {
  readonly readings: readonly ScaleReading[];
  readonly scale: Scale;
  readonly now: ScaleNow;
}

/** The scale of a colony as of a day; null: it stands on none, or what it read cannot be worked out. */
export function scaleAt(opened: Book, colony: OnScale, facts: ColonyFacts, today: Day): ColonyScale | null {
  const readings = readingsOf(opened, colony, today);
  if (readings.length === 0) return null;
  const rounds = roundsMade(opened.db);
  const answers = answersOf(opened.db, colony.id);
  const since: SinceLoss = {
    looks: facts.inspections.flatMap(({ at, thoroughness }) => (isSearch(thoroughness) ? [at] : [])),
    swarms: facts.queenEvents.flatMap(({ kind, on }) => (kind === 'swarmed' || kind === 'cast-left' ? [on] : [])),
  };
  return workedOut(() => {
    const scale = scaleOf(readings, visitsAt(visitsNoted(facts, colony.id, rounds)), today);
    const losses = openLosses(scale, answers, since, today);
    return { readings, scale, now: { ...flowKnown(scale, today), flows: scale.flow, losses } };
  }, null);
}

const answersOf = (db: Db, colonyId: string): readonly LossAnswer[] =>
  db.select().from(scaleAnswers).where(eq(scaleAnswers.colonyId, colonyId)).all();
