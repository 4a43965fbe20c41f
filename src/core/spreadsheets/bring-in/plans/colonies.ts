import { day, formatDay } from '../../../calendar/day';
import { isBeforeColony } from '../../../colony/known-since';
import { colonyFact } from '../../../facts/colony';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { Hives } from '../hives';
import { plainWord } from '../matching';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow } from '../read-row';

type Colony = SeasonFacts['colonies'][number];

const FIELDS = ['stand', 'origin', 'startedOn', 'endedOn', 'wanted', 'note'] as const;

/**
 * Colonies, one a row. One that the book knows by its identifier or its name is held against it; a new one that comes of another is put in
 * after that has its place, in whatever order the rows stand.
 */
export function* planColonies(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, now, newId, matching } = asked;
  const hives = new Hives(asked);
  const standing = book.colonies.filter(({ deletedAt }) => deletedAt === null);
  const byId = new Map(book.colonies.map((colony) => [colony.id, colony]));
  const inBook = new Set(byId.keys());
  const living = new Map(
    standing.filter(({ endedOn }) => endedOn === null).map((one) => [plainWord(one.name), one.id]),
  );
  const looks = new Map<string, string>();
  for (const { colonyId, at, deletedAt } of book.inspections) {
    const first = looks.get(colonyId);
    if (deletedAt === null && (first === undefined || at < first)) looks.set(colonyId, at);
  }
  const seen = new Set<string>();
  const fates: Fate[] = [];
  const taken: {
    readonly i: number;
    readonly row: Colony;
    readonly before: Colony | null;
    readonly of: string | null;
  }[] = [];

  const fateOf = (read: ReadRow, i: number): Fate => {
    const { values } = read;
    const refused = (path: string, code: Issue['code'], message: Issue['message']) =>
      asRefused(read, [{ path: [path], code, message }]);
    if (read.issues.length > 0) return asRefused(read, read.issues);
    if (typeof values.colony !== 'string') return refused('colony', 'missing', say('hive-missing'));
    const name = values.colony;
    const inApiary = typeof values.apiary === 'string' ? values.apiary : null;
    const alike = hives.named(name, inApiary);
    const id = typeof values.id === 'string' ? values.id : null;
    const stands = id !== null ? byId.get(id) : (alike.find(({ endedOn }) => endedOn === null) ?? alike[0]);
    if (stands && stands.deletedAt !== null) return refused('id', 'not-found', say('taken-out-before'));
    const said = saidOf(values, FIELDS);
    if (!stands && values.origin != null && values.origin !== 'established' && typeof values.startedOn !== 'string')
      return refused('startedOn', 'missing', say('day-missing'));
    const apiary = stands && inApiary === null ? ({ ok: true, is: stands.apiaryId } as const) : hives.apiary(inApiary);
    if (!apiary.ok) return asRefused(read, [apiary.issue]);
    const row = {
      ...(stands ?? {
        id: id ?? newId(),
        stand: '',
        origin: 'established',
        parentColonyId: null,
        startedOn: formatDay(now.today),
        enteredOn: formatDay(now.today),
        endedOn: null,
        note: '',
        wanted: 'nothing',
        deletedAt: null,
      }),
      apiaryId: apiary.is,
      name,
      ...said,
    } as Colony;
    const { enteredOn: _, deletedAt: __, ...fact } = row;
    const parsed = parseInput(colonyFact, fact);
    if (!parsed.ok) return asRefused(read, parsed.issues);
    if (day(row.startedOn) > now.today) return refused('startedOn', 'in-the-future', say('first-day-in-the-future'));
    if (row.endedOn !== null && row.endedOn < row.startedOn)
      return refused('endedOn', 'contradiction', say('ends-before-it-begins'));
    const first = looks.get(row.id);
    if (first !== undefined && isBeforeColony(row, first.slice(0, 10)))
      return refused('startedOn', 'contradiction', say('inspected-before', { on: day(first.slice(0, 10)) }));
    const namesake = living.get(plainWord(name));
    if (row.endedOn === null && namesake !== undefined && namesake !== row.id)
      return refused('colony', 'duplicate-id', say('colony-name-taken', { name }));
    if (seen.has(row.id)) return refused('colony', 'duplicate-id', say('twice-in-sheet'));
    seen.add(row.id);
    if (row.endedOn === null) living.set(plainWord(name), row.id);
    const of = typeof values.cameOf === 'string' ? values.cameOf : null;
    if (stands) {
      const moved = { colony: plainWord(name), apiary: apiary.is };
      const differs = [
        ...differences(moved, { colony: plainWord(stands.name), apiary: stands.apiaryId }, ['colony', 'apiary']),
        ...differences(said, stands, FIELDS),
      ];
      if (differs.length > 0 && matching.isOverBook) taken.push({ i, row, before: stands, of: null });
      return asHeld(read, differs);
    }
    taken.push({ i, row, before: null, of });
    return asNew(read);
  };

  for (const [i, read] of rows.entries()) {
    if (i % ROWS_AT_A_TIME === 0) yield i;
    fates.push(fateOf(read, i));
  }

  const rowsTaken = new Map(taken.map((one) => [one.row.id, one.row]));
  const parents = parentsOf(taken, [...standing.filter(({ id }) => !rowsTaken.has(id)), ...rowsTaken.values()]);
  const changes = taken.flatMap(({ i, row, before, of }): Change[] => {
    const parent = of === null ? row.parentColonyId : (parents.get(row.id) ?? null);
    if (of === null || parent !== null) return [{ table: 'colonies', row: { ...row, parentColonyId: parent }, before }];
    const message =
      plainWord(of) === plainWord(row.name) ? say('colony-of-itself') : say('parent-not-known', { name: of });
    fates[i] = asRefused(rows[i] as ReadRow, [{ path: ['cameOf'], code: 'unknown-reference', message }]);
    return [];
  });
  // What came of one that was refused is refused with it.
  const entered = new Set(changes.map(({ row }) => row.id));
  const whole = changes.filter((change) => {
    const { parentColonyId: parent } = change.row as Colony;
    if (parent === null || inBook.has(parent) || entered.has(parent)) return true;
    const i = taken.find(({ row }) => row.id === change.row.id)?.i ?? 0;
    const issue: Issue = { path: ['cameOf'], code: 'unknown-reference', message: say('choose-a-parent') };
    fates[i] = asRefused(rows[i] as ReadRow, [issue]);
    return false;
  });
  const apiaries = new Set(whole.map(({ row }) => (row as Colony).apiaryId));
  return { fates, changes: [...hives.apiariesAdded(apiaries), ...whole], unknown: hives.unknown };
}

/** Of which colony each came: the one of that name, of several the last that was there when it began; nobody comes of herself in a circle. */
function parentsOf(
  taken: readonly { readonly row: Colony; readonly of: string | null }[],
  all: readonly Colony[],
): ReadonlyMap<string, string> {
  const byName = new Map<string, Colony[]>();
  for (const colony of all) {
    const name = plainWord(colony.name);
    byName.set(name, [...(byName.get(name) ?? []), colony]);
  }
  const found = new Map(
    all.flatMap(({ id, parentColonyId }) => (parentColonyId === null ? [] : [[id, parentColonyId]])),
  );
  const comesOf = (id: string, ancestor: string): boolean => {
    for (let at: string | undefined = id, n = 0; at !== undefined && n <= all.length; at = found.get(at), n++)
      if (at === ancestor) return true;
    return false;
  };
  for (const { row, of } of taken) {
    if (of === null) continue;
    const candidates = (byName.get(plainWord(of)) ?? []).filter(({ id }) => id !== row.id && !comesOf(id, row.id));
    const parent = candidates
      .sort((a, b) => (a.startedOn < b.startedOn ? 1 : -1))
      .sort((a, b) => Number(b.startedOn <= row.startedOn) - Number(a.startedOn <= row.startedOn))[0];
    if (parent) found.set(row.id, parent.id);
  }
  return found;
}
