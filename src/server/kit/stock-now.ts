import 'server-only';
import { isNull } from 'drizzle-orm';
import { type Day, day } from '../../core/calendar/day';
import type { KitEntry } from '../../core/kit/kit-entry';
import { type KitColony, type KitProgramme, kitUses, type Moment } from '../../core/kit/kit-use';
import { type Stock, stockOf } from '../../core/kit/stock';
import { methodNamed, newUnitOf } from '../../core/methods/methods';
import type { ProgrammeFact } from '../../core/programmes/facts';
import type { ColonyState } from '../../core/state/fold';
import { keptKind } from '../../db/kept';
import type { Book } from '../../db/open';
import { loadKitEntries } from '../../db/repositories/kit';
import { loadSharedFacts } from '../../db/repositories/shared-facts';
import { colonies, formerPlaces } from '../../db/schema/tables';
import type { AllApiaries } from '../../views/all-apiaries';
import { allFacts } from '../all-facts';
import { bookVersion } from '../book-version';
import { workedOut } from '../worked-out';

export interface StockNow {
  readonly entries: readonly KitEntry[];
  readonly stock: Stock;
  /** It cannot be worked out what lies where: nothing is said of it, and what was counted is kept. */
  readonly isUnreckoned: boolean;
}

/** As last reckoned: it only changes with the book or the day. */
const STOCK = keptKind<StockNow>('stock');

/** What lies where by now: by what was counted and carried, and by what was done at the hives. */
export function stockNow(opened: Book, all: AllApiaries, today: Day): StockNow {
  return opened.kept.value(STOCK, '', [bookVersion(opened, today)], () => reckon(opened, all, today));
}

function reckon(opened: Book, all: AllApiaries, today: Day): StockNow {
  const { db } = opened;
  const entries = loadKitEntries(db);
  // Where nothing was ever counted nobody asks what lies where.
  if (entries.length === 0) return { entries, stock: stockOf([], []), isUnreckoned: false };
  const { programmes, answers } = loadSharedFacts(db);
  const begun = programmes.filter(({ on }) => on <= today);
  const kept = coloniesOf(opened, today, begun);
  const states = new Map(all.colonies.map(({ colony, state }) => [colony.id, state]));
  const ended = new Map(kept.map((one) => [one.id, one.ended]));
  const answered = new Map<string, Moment>();
  for (const { programmeId, on, at } of answers)
    if (at >= (answered.get(programmeId)?.at ?? '')) answered.set(programmeId, { on, at });
  const kit = begun.map((programme): KitProgramme => {
    const { method, at, on, colonyId, id } = programme;
    const newUnit = newUnitOf(methodNamed(method))?.name;
    const newColonyId = programme.units.find(({ unit }) => unit === newUnit)?.colonyId ?? null;
    return { method, at, on, colonyId, newColonyId, over: overOf(programme, states, ended, answered.get(id) ?? null) };
  });
  const made = answers.filter(({ on }) => on <= today);
  const stock = workedOut(
    () => stockOf(entries, kitUses(kit, kept, made)),
    null,
    (one) => isSound(one, entries),
  );
  return { entries, stock: stock ?? stockOf([], []), isUnreckoned: stock === null };
}

/** Of whatever was counted or carried somewhere there is a whole number there. */
const isSound = (stock: Stock, entries: readonly KitEntry[]): boolean =>
  entries.every(({ thing, from, to }) =>
    [from, to].every((place) => place === null || Number.isInteger(stock.lying(place, thing).count)),
  );

/** Every colony that there ever was in the book, with the frames that were looked at. */
function coloniesOf(opened: Book, today: Day, programmes: readonly ProgrammeFact[]): readonly KitColony[] {
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
        ended: endedOn === null ? null : { on: day(endedOn), at: endedAt(id, day(endedOn), programmes) },
        apiaryOn: (on) => before.find(({ until }) => on < until)?.apiaryId ?? apiaryId,
        surveys: (facts.get(id)?.surveys ?? []).filter(({ on }) => on <= today),
      };
    });
}

/** The minute of the method by which a colony ended on a day; null: not noted. */
function endedAt(colonyId: string, on: Day, programmes: readonly ProgrammeFact[]): string | null {
  const ending = programmes.find(
    (one) =>
      one.on === on &&
      one.units.some(
        ({ unit, colonyId: member }) =>
          member === colonyId &&
          methodNamed(one.method).units.some(({ name, queen }) => name === unit && queen === 'ends'),
      ),
  );
  return ending?.at ?? null;
}

/** When a programme was over: given up, or the last of its checks, once nothing more is to be looked at in any part of it. */
function overOf(
  { id, on, colonyId, endedOn, units }: ProgrammeFact,
  states: ReadonlyMap<string, ColonyState>,
  ended: ReadonlyMap<string, Moment | null>,
  answered: Moment | null,
): Moment | null {
  if (endedOn !== null) return { on: endedOn, at: null };
  let over: Moment = answered ?? { on, at: null };
  const later = (moment: Moment) => {
    if (moment.on > over.on) over = moment;
  };
  for (const member of new Set([colonyId, ...units.map((unit) => unit.colonyId)])) {
    const state = states.get(member);
    const endedMember = ended.get(member) ?? null;
    if (!state) {
      if (endedMember === null) return null;
      later(endedMember);
      continue;
    }
    const own = state.followUps.filter(({ programmeId }) => programmeId === id);
    if (own.some(({ status }) => status === 'due')) return null;
    if (state.schedule.checks.some(({ programme }) => programme?.id === id)) return null;
    for (const { on: overOn } of own) later({ on: overOn ?? on, at: null });
  }
  return over;
}
