import { formatDay } from '../../calendar/day';
import { firstDayOf } from '../../colony/known-since';
import { bareApiary } from '../../facts/apiary';
import type { Issue } from '../../problems/issue';
import { say } from '../../problems/says';
import { nameKey, plainWord } from './matching';
import type { Asked, Change, UnknownHive } from './plan';
import type { Values } from './read-row';

type Colony = Asked['book']['colonies'][number];
type Apiary = Asked['book']['apiaries'][number];
/** What was looked for, or why it was not found. */
export type Found<T> = { readonly ok: true; readonly is: T } | { readonly ok: false; readonly issue: Issue };

const refused = (path: string, code: Issue['code'], message: Issue['message']): Found<never> => ({
  ok: false,
  issue: { path: [path], code, message },
});

/** What rows are called that add up others. */
const SUMS =
  /^((grand|sub|year|season)[ -]?)?totals?( (all|hives|colonies|\d+))?[.:]?$|^(sums?|averages?|avg|mean|count|all|all hives|all colonies|Σ)[.:]?$/u;

/** The hives and apiaries that a sheet names: those of the book, and those that are added with it. */
export class Hives {
  readonly #asked: Asked;
  readonly #byName = new Map<string, Colony[]>();
  readonly #colonies: ReadonlyMap<string, Colony>;
  readonly #apiaryNames: ReadonlyMap<string, string>;
  readonly #apiaries: Map<string, Apiary>;
  readonly #addedApiaries: Apiary[] = [];
  readonly #added = new Map<string, Colony>();
  readonly #unknown = new Map<string, UnknownHive>();

  constructor(asked: Asked) {
    this.#asked = asked;
    const { apiaries, colonies } = asked.book;
    this.#apiaries = new Map(apiaries.map((apiary) => [plainWord(apiary.name), apiary]));
    this.#apiaryNames = new Map(apiaries.map(({ id, name }) => [id, plainWord(name)]));
    const standing = colonies.filter(({ deletedAt }) => deletedAt === null);
    this.#colonies = new Map(standing.map((colony) => [colony.id, colony]));
    for (const colony of standing) {
      const name = plainWord(colony.name);
      this.#byName.set(name, [...(this.#byName.get(name) ?? []), colony]);
    }
  }

  /** Those of the book that go by a name, in an apiary where one is named. */
  named(name: string, apiary: string | null): readonly Colony[] {
    const all = this.#byName.get(plainWord(name)) ?? [];
    return apiary === null || apiary === ''
      ? all
      : all.filter(({ apiaryId }) => this.#apiaryNames.get(apiaryId) === plainWord(apiary));
  }

  /**
   * The hive that a row names, on a day: of several of one name the one that stood there then. One that the book does not have is what the
   * keeper said of it, or refused until that is said.
   */
  of({ colonyId, colony: name, apiary = null }: Values, on: string): Found<Colony> {
    const known = typeof colonyId === 'string' ? this.#colonies.get(colonyId) : undefined;
    if (known) return { ok: true, is: known };
    if (typeof name !== 'string') return refused('colony', 'missing', say('hive-missing'));
    const inApiary = typeof apiary === 'string' ? apiary : null;
    const all = this.named(name, inApiary);
    const then = all.length > 1 ? all.filter((colony) => this.#stood(colony, on)) : all;
    const [only, ...others] = then;
    if (only && others.length === 0) return { ok: true, is: only };
    if (all.length > 0) return refused('colony', 'contradiction', say('hive-of-several', { name }));
    return this.#unknownOne(name, inApiary, on);
  }

  /** The row adds up the others: it names no hive of the book, but what such rows are called. */
  isSum({ colonyId, colony: name, apiary = null }: Values): boolean {
    if (typeof colonyId === 'string' || typeof name !== 'string' || !SUMS.test(plainWord(name))) return false;
    return this.named(name, typeof apiary === 'string' ? apiary : null).length === 0;
  }

  #stood(colony: Colony, on: string): boolean {
    const first = firstDayOf(colony);
    return (first === null || on >= first) && (colony.endedOn === null || on <= colony.endedOn);
  }

  /** Notes a hive that the book does not have, of a row that is refused for something else: it is asked about all the same. */
  notice({ colonyId, colony: name, apiary }: Values): void {
    const inApiary = typeof apiary === 'string' ? apiary : null;
    const isKnown = typeof colonyId === 'string' && this.#colonies.has(colonyId);
    if (typeof name === 'string' && !isKnown && this.named(name, inApiary).length === 0) this.#note(name, inApiary);
  }

  #note(name: string, apiary: string | null): string {
    const key = nameKey(name, apiary);
    const before = this.#unknown.get(key);
    this.#unknown.set(key, { key, name, apiary, rows: (before?.rows ?? 0) + 1 });
    return key;
  }

  #unknownOne(name: string, apiary: string | null, on: string): Found<Colony> {
    const key = this.#note(name, apiary);
    const said = this.#asked.matching.hives[key];
    if (said === undefined) return refused('colony', 'unknown-reference', say('hive-not-known', { name }));
    if (said !== 'new') {
      const colony = this.#colonies.get(said);
      return colony ? { ok: true, is: colony } : refused('colony', 'unknown-reference', say('choose-a-colony'));
    }
    const added = this.#added.get(key);
    if (added && added.startedOn <= on) return { ok: true, is: added };
    const place = added ? ({ ok: true, is: added.apiaryId } as const) : this.apiary(apiary);
    if (!place.ok) return place;
    const colony: Colony = {
      id: added?.id ?? this.#asked.newId(),
      apiaryId: place.is,
      name,
      stand: '',
      origin: 'established',
      parentColonyId: null,
      startedOn: on,
      enteredOn: formatDay(this.#asked.now.today),
      endedOn: null,
      note: '',
      wanted: 'nothing',
      deletedAt: null,
    };
    this.#added.set(key, colony);
    return { ok: true, is: colony };
  }

  /** The apiary of a name, one that is added where the book has none of it; null: where the keeper said that all stand. */
  apiary(name: string | null): Found<string> {
    const { apiary: into } = this.#asked.matching;
    if (name === null || name === '') {
      if (into === null) return refused('apiary', 'missing', say('choose-an-apiary'));
      return 'id' in into ? this.#apiaryById(into.id) : this.apiary(into.name);
    }
    const known = this.#apiaries.get(plainWord(name));
    if (known) return { ok: true, is: known.id };
    const added = bareApiary(this.#asked.newId(), name.trim());
    this.#apiaries.set(plainWord(name), added);
    this.#addedApiaries.push(added);
    return { ok: true, is: added.id };
  }

  #apiaryById(id: string): Found<string> {
    return this.#apiaryNames.has(id)
      ? { ok: true, is: id }
      : refused('apiary', 'unknown-reference', say('choose-an-apiary'));
  }

  /** What has to be added for the rows that were taken. @param isUsed whether anything was taken of a colony */
  added(isUsed: (colonyId: string) => boolean): readonly Change[] {
    const colonies = [...this.#added.values()].filter(({ id }) => isUsed(id));
    return [...this.apiariesAdded(new Set(colonies.map(({ apiaryId }) => apiaryId))), ...colonies.map(asNew)];
  }

  apiariesAdded(used: ReadonlySet<string>): readonly Change[] {
    return this.#addedApiaries
      .filter(({ id }) => used.has(id))
      .map((row) => ({ table: 'apiaries', row, before: null }) as const);
  }

  get unknown(): readonly UnknownHive[] {
    return [...this.#unknown.values()];
  }
}

const asNew = (row: Colony): Change => ({ table: 'colonies', row, before: null });
