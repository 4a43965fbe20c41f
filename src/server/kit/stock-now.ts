import 'server-only';
import { isNull } from 'drizzle-orm';
import { type Day, day, latestOf } from '../../core/calendar/day';
import type { ColonyState } from '../../core/colony/fold';
import type { KitEntry } from '../../core/kit/kit-entry';
import { type KitColony, type KitProgramme, kitUses } from '../../core/kit/kit-use';
import { type Stock, stockOf } from '../../core/kit/stock';
import { methodNamed, newUnitOf } from '../../core/methods/methods';
import type { ProgrammeFact } from '../../core/programmes/facts';
import type { OpenedDatabase } from '../../db/open';
import { loadKitEntries } from '../../db/repositories/kit';
import { loadSharedFacts } from '../../db/repositories/shared-facts';
import { colonies, formerPlaces } from '../../db/schema/tables';
import type { AllApiaries } from '../../views/all-apiaries';
import { allFacts } from '../all-facts';

export interface StockNow {
  readonly entries: readonly KitEntry[];
  readonly stock: Stock;
}

/** What lies where by now: by what was counted and carried, and by what was done at the hives. */
export function stockNow(opened: OpenedDatabase, all: AllApiaries, today: Day): StockNow {
  const { db } = opened;
  const entries = loadKitEntries(db);
  const kept = coloniesOf(opened, today);
  const states = new Map(all.colonies.map(({ colony, state }) => [colony.id, state]));
  const ended = new Map(kept.map(({ id, endedOn }) => [id, endedOn]));
  const { programmes, answers } = loadSharedFacts(db);
  const answeredOn = new Map<string, Day>();
  for (const { programmeId, on } of answers)
    answeredOn.set(programmeId, latestOf(on, answeredOn.get(programmeId) ?? on));
  const begun = programmes
    .filter(({ on }) => on <= today)
    .map((programme): KitProgramme => {
      const { method, at, on, colonyId, id } = programme;
      const newUnit = newUnitOf(methodNamed(method))?.name;
      const newColonyId = programme.units.find(({ unit }) => unit === newUnit)?.colonyId ?? null;
      const overOn = overOf(programme, states, ended, answeredOn.get(id) ?? null);
      return { method, at, on, colonyId, newColonyId, overOn };
    });
  return { entries, stock: stockOf(entries, kitUses(begun, kept)) };
}

/** Every colony that there ever was in the book, with the frames that were looked at. */
function coloniesOf(opened: OpenedDatabase, today: Day): readonly KitColony[] {
  const { db } = opened;
  const facts = allFacts(opened, today);
  const former = db.select().from(formerPlaces).all();
  return db
    .select()
    .from(colonies)
    .where(isNull(colonies.deletedAt))
    .all()
    .map(({ id, apiaryId, endedOn }): KitColony => {
      const before = former
        .filter(({ colonyId }) => colonyId === id)
        .map((one) => ({ ...one, until: day(one.until) }))
        .sort((a, b) => a.until - b.until);
      return {
        id,
        endedOn: endedOn === null ? null : day(endedOn),
        apiaryOn: (on) => before.find(({ until }) => on < until)?.apiaryId ?? apiaryId,
        surveys: (facts.get(id)?.surveys ?? []).filter(({ on }) => on <= today),
      };
    });
}

/** The day on which a programme was over: given up, or the last of its checks, once nothing more is to be looked at in any part of it. */
function overOf(
  { id, on, colonyId, endedOn, units }: ProgrammeFact,
  states: ReadonlyMap<string, ColonyState>,
  ended: ReadonlyMap<string, Day | null>,
  answeredOn: Day | null,
): Day | null {
  if (endedOn !== null) return endedOn;
  let last = latestOf(on, answeredOn ?? on);
  for (const member of new Set([colonyId, ...units.map((unit) => unit.colonyId)])) {
    const state = states.get(member);
    const endedMember = ended.get(member) ?? null;
    if (!state) {
      if (endedMember === null) return null;
      last = latestOf(last, endedMember);
      continue;
    }
    const own = state.followUps.filter(({ programmeId }) => programmeId === id);
    if (own.some(({ status }) => status === 'due')) return null;
    if (state.schedule.checks.some(({ programme }) => programme?.id === id)) return null;
    for (const { on: overOn } of own) last = latestOf(last, overOn ?? last);
  }
  return last;
}
