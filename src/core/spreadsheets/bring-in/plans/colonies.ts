import { day, formatDay } from '../../../calendar/day';
import { isBeforeColony } from '../../../colony/known-since';
import { colonyFact } from '../../../facts/colony';
import { parseInput } from '../../../formats/parse-input';
import { grouped } from '../../../grouped';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { plainWord } from '../matching';
import type { Asked, Change, Fate, Planning } from '../plan';
import type { ReadRow } from '../read-row';
import { type Colony, fault, RowPlan, textOf } from '../row-plan';

const FIELDS = ['stand', 'origin', 'startedOn', 'endedOn', 'wanted', 'note'] as const;

/**
 * Colonies, one a row. One that the book knows by its identifier or its name is held against it; which colony a new one came of is made out
 * when all rows have been gone through, in whatever order they stand.
 */
export const planColonies = (rows: readonly ReadRow[], asked: Asked): Planning => new ColonyPlan(asked).plan(rows);

/** A new colony, on which row it stands, and the name of the one that it came of; null: of none that is named. */
interface Entered {
  readonly row: number;
  readonly colony: Colony;
  readonly of: string | null;
}

class ColonyPlan extends RowPlan {
  readonly #byId: ReadonlyMap<string, Colony>;
  /** Colonies that have not ended, by their names: there is one of each. */
  readonly #living: Map<string, string>;
  readonly #firstLooks = new Map<string, string>();
  readonly #met = new Set<string>();
  readonly #entered: Entered[] = [];

  constructor(asked: Asked) {
    super(asked);
    const { colonies, inspections } = asked.book;
    this.#byId = new Map(colonies.map((colony) => [colony.id, colony]));
    const living = colonies.filter(({ deletedAt, endedOn }) => deletedAt === null && endedOn === null);
    this.#living = new Map(living.map(({ id, name }) => [plainWord(name), id]));
    for (const { colonyId, at, deletedAt } of inspections) {
      const first = this.#firstLooks.get(colonyId);
      if (deletedAt === null && (first === undefined || at < first)) this.#firstLooks.set(colonyId, at);
    }
  }

  protected fateOf(read: ReadRow): Fate {
    const name = textOf(read, 'colony');
    if (name === null) return asRefused(read, [fault('colony', 'missing', say('hive-missing'))]);
    const inApiary = textOf(read, 'apiary');
    const id = textOf(read, 'id');
    const alike = this.hives.named(name, inApiary);
    const byName = alike.find(({ endedOn }) => endedOn === null) ?? alike[0];
    const stands = id === null ? byName : this.#byId.get(id);
    const apiary =
      stands && inApiary === null ? ({ ok: true, is: stands.apiaryId } as const) : this.hives.apiary(inApiary);
    if (!apiary.ok) return asRefused(read, [apiary.issue]);
    const said = saidOf(read.values, FIELDS);
    const blank = stands ?? this.#blank(id ?? this.asked.newId());
    const colony = { ...blank, apiaryId: apiary.is, name, ...said } as Colony;
    const wrong = this.#cannotBe(colony, stands, typeof said.startedOn === 'string');
    if (wrong.length > 0) return asRefused(read, wrong);
    this.#met.add(colony.id);
    if (colony.endedOn === null) this.#living.set(plainWord(name), colony.id);
    if (!stands) {
      this.#entered.push({ row: read.row, colony, of: textOf(read, 'cameOf') });
      return asNew(read);
    }
    const differs = [
      ...(plainWord(name) === plainWord(stands.name) ? [] : (['colony'] as const)),
      ...(apiary.is === stands.apiaryId ? [] : (['apiary'] as const)),
      ...differences(said, stands, FIELDS),
    ];
    if (differs.length > 0 && this.asked.matching.isOverBook) this.write('colonies', colony, stands);
    return asHeld(read, differs);
  }

  /** There before the first entry, since today: where nothing else is said. */
  #blank(id: string): Omit<Colony, 'name' | 'apiaryId'> {
    const today = formatDay(this.asked.now.today);
    const begun = { origin: 'established', parentColonyId: null, startedOn: today, enteredOn: today } as const;
    return { id, stand: '', ...begun, endedOn: null, note: '', wanted: 'nothing', deletedAt: null };
  }

  #cannotBe(colony: Colony, stands: Colony | undefined, hasDay: boolean): readonly Issue[] {
    if (stands && stands.deletedAt !== null) return [fault('id', 'not-found', say('taken-out-before'))];
    if (!stands && colony.origin !== 'established' && !hasDay)
      return [fault('startedOn', 'missing', say('day-missing'))];
    const { enteredOn: _, deletedAt: __, ...fact } = colony;
    const parsed = parseInput(colonyFact, fact);
    if (!parsed.ok) return parsed.issues;
    const { id, name, startedOn, endedOn } = colony;
    if (day(startedOn) > this.asked.now.today)
      return [fault('startedOn', 'in-the-future', say('first-day-in-the-future'))];
    if (endedOn !== null && endedOn < startedOn)
      return [fault('endedOn', 'contradiction', say('ends-before-it-begins'))];
    const first = this.#firstLooks.get(id)?.slice(0, 10);
    if (first !== undefined && isBeforeColony(colony, first))
      return [fault('startedOn', 'contradiction', say('entered-before', { on: day(first) }))];
    const namesake = this.#living.get(plainWord(name));
    if (endedOn === null && namesake !== undefined && namesake !== id)
      return [fault('colony', 'duplicate-id', say('colony-name-taken', { name }))];
    return this.#met.has(id) ? [fault('colony', 'duplicate-id', say('twice-in-sheet'))] : [];
  }

  protected override finished(rows: readonly ReadRow[], fates: Fate[]): readonly Change[] {
    const parents = this.#parents();
    const placeOf = new Map(rows.map(({ row }, i) => [row, i]));
    const refused = new Set<string>();
    const refuse = ({ row, colony }: Entered, message: Issue['message']) => {
      const i = placeOf.get(row) ?? 0;
      fates[i] = asRefused(rows[i] as ReadRow, [fault('cameOf', 'unknown-reference', message)]);
      refused.add(colony.id);
    };
    for (const one of this.#entered) {
      if (one.of === null || parents.has(one.colony.id)) continue;
      const isOwn = plainWord(one.of) === plainWord(one.colony.name);
      refuse(one, isOwn ? say('colony-of-itself') : say('parent-not-known', { name: one.of }));
    }
    // What came of one that is refused is refused with it, and so on: the set grows while it is gone through.
    const youngOf = grouped(this.#entered, ({ colony }) => parents.get(colony.id));
    for (const id of refused) for (const one of youngOf.get(id) ?? []) refuse(one, say('choose-a-parent'));
    for (const { colony } of this.#entered)
      if (!refused.has(colony.id))
        this.write('colonies', { ...colony, parentColonyId: parents.get(colony.id) ?? null });
    const apiaries = new Set(this.changes.map(({ row }) => (row as Colony).apiaryId));
    return [...this.hives.apiariesAdded(apiaries), ...this.changes];
  }

  /** Of which colony each came: the one of that name, of several the last that was there when it began; nobody comes of itself in a circle. */
  #parents(): ReadonlyMap<string, string> {
    const standing = [...this.#byId.values()].filter(({ deletedAt }) => deletedAt === null);
    const all = [...standing, ...this.#entered.map(({ colony }) => colony)];
    const byName = grouped(all, ({ name }) => plainWord(name));
    const [found, descent] = [new Map<string, string>(), new Descent()];
    for (const { id, parentColonyId } of standing) if (parentColonyId !== null) descent.link(id, parentColonyId);
    for (const { colony, of } of this.#entered) {
      if (of === null) continue;
      const [parent] = [...(byName.get(plainWord(of)) ?? [])]
        .filter(({ id }) => descent.originOf(id) !== colony.id)
        .sort((a, b) => Number(began(b, colony)) - Number(began(a, colony)) || (a.startedOn < b.startedOn ? 1 : -1));
      if (!parent) continue;
      found.set(colony.id, parent.id);
      descent.link(colony.id, parent.id);
    }
    return found;
  }
}

/** Who comes of whom, by the first of each line, found without going through it each time. */
class Descent {
  readonly #up = new Map<string, string>();

  originOf(id: string): string {
    let at = id;
    for (let next = this.#up.get(at); next !== undefined; next = this.#up.get(at)) {
      const further = this.#up.get(next);
      if (further !== undefined) this.#up.set(at, further);
      at = next;
    }
    return at;
  }

  /** A link that would close a circle, as a book of before may have one, is none. */
  link(id: string, parent: string): void {
    if (!this.#up.has(id) && this.originOf(parent) !== id) this.#up.set(id, parent);
  }
}

/** One was there when the other began. */
const began = (one: Colony, other: Colony) => one.startedOn <= other.startedOn;
