import { day } from '../../../calendar/day';
import { isBeforeColony } from '../../../colony/known-since';
import { queenFact } from '../../../facts/queen';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { Hives } from '../hives';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow, Values } from '../read-row';

type Queen = SeasonFacts['queens'][number];

const FIELDS = ['origin', 'emergedFrom', 'emergedTo', 'note', 'motherQueenId', 'isToBreedFrom'] as const;

/** Digits of a year that was written short. */
const CENTURY = 2000;
const yearOf = (said: number) => (said < 100 ? CENTURY + said : said);

/**
 * Queens, one a row: by their identifier, or as the one that was in a hive on a day. Of a queen of whom the year alone is written it is the
 * span of days in that year, up to the day on which she was seen.
 */
export function* planQueens(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, newId, matching, now } = asked;
  const hives = new Hives(asked);
  const queens = new Map(book.queens.map((queen) => [queen.id, queen]));
  const inBook = new Set(queens.keys());
  const inSheet = new Set(rows.map(({ values }) => values.id));
  const present = new Map(
    book.queenEvents
      .filter(({ kind, deletedAt }) => kind === 'present' && deletedAt === null)
      .map((event) => [`${event.colonyId} ${event.on}`, event.queenId]),
  );
  const seen = new Set<string>();
  const used = new Set<string>();
  const usedApiaries = new Set<string>();
  const fates: Fate[] = [];
  const changes: Change[] = [];

  const fateOf = (read: ReadRow): Fate => {
    const { values } = read;
    const refused = (...issues: readonly Issue[]) => asRefused(read, issues);
    if (read.issues.length > 0) {
      hives.notice(read.values);
      return refused(...read.issues);
    }
    const isInHive = typeof values.colony === 'string' || typeof values.colonyId === 'string';
    const { presentOn } = values;
    if (typeof values.id !== 'string' && !isInHive)
      return refused({ path: ['colony'], code: 'missing', message: say('queen-without-hive') });
    if (isInHive && typeof presentOn !== 'string')
      return refused({ path: ['presentOn'], code: 'missing', message: say('day-missing') });
    const hive = isInHive && typeof presentOn === 'string' ? hives.of(values, presentOn) : null;
    if (hive && !hive.ok) return refused(hive.issue);
    const colony = hive?.ok ? hive.is : null;
    if (colony && typeof presentOn === 'string') {
      if (day(presentOn) > now.today)
        return refused({ path: ['presentOn'], code: 'in-the-future', message: say('in-the-future-today') });
      if (isBeforeColony(colony, presentOn)) {
        const message = say('colony-began-later', { startedOn: day(colony.startedOn) });
        return refused({ path: ['presentOn'], code: 'before-colony', message });
      }
    }
    const key = colony ? `${colony.id} ${presentOn}` : null;
    const id = typeof values.id === 'string' ? values.id : key === null ? undefined : present.get(key);
    if (id !== undefined && seen.has(id))
      return refused({ path: ['id'], code: 'duplicate-id', message: say('twice-in-sheet') });
    const stands = id === undefined ? undefined : queens.get(id);
    const toBreedFrom = isYes(values.isToBreedFrom);
    const said = {
      ...saidOf({ ...values, ...emergedIn(values) }, FIELDS),
      ...(toBreedFrom === null ? {} : { isToBreedFrom: toBreedFrom }),
    };
    const row = {
      ...(stands ?? {
        id: id ?? newId(),
        motherQueenId: null,
        origin: 'unknown',
        emergedFrom: null,
        emergedTo: null,
        note: '',
        isToBreedFrom: false,
      }),
      ...said,
    } as Queen;
    const parsed = parseInput(queenFact, row);
    if (!parsed.ok) return refused(...parsed.issues);
    if (row.emergedFrom !== null && row.emergedTo !== null && row.emergedTo < row.emergedFrom)
      return refused({ path: ['emergedTo'], code: 'contradiction', message: say('emerged-by-before-from') });
    if (row.motherQueenId === row.id || !isMotherThere(row.motherQueenId))
      return refused({ path: ['motherQueenId'], code: 'unknown-reference', message: say('choose-her-mother') });
    seen.add(row.id);
    if (stands) {
      const differs = differences(said, stands, FIELDS);
      if (differs.length > 0 && matching.isOverBook) changes.push({ table: 'queens', row, before: stands });
      return asHeld(read, differs);
    }
    queens.set(row.id, row);
    changes.push({ table: 'queens', row, before: null });
    if (colony && key !== null && typeof presentOn === 'string') {
      used.add(colony.id);
      usedApiaries.add(colony.apiaryId);
      present.set(key, row.id);
      const event = { queenId: row.id, colonyId: colony.id, at: null, on: presentOn, to: null } as const;
      changes.push({
        table: 'queenEvents',
        row: { ...event, id: newId(), kind: 'present', went: null, hivedAsId: null, note: '', deletedAt: null },
        before: null,
      });
    }
    return asNew(read);
  };
  const isMotherThere = (id: string | null) => id === null || inBook.has(id) || inSheet.has(id);

  for (const [i, read] of rows.entries()) {
    if (i % ROWS_AT_A_TIME === 0) yield i;
    fates.push(fateOf(read));
  }
  // A mother whose own row was refused is not there after all.
  const entered = new Set(changes.flatMap(({ table, row }) => (table === 'queens' ? [row.id] : [])));
  const orphaned = changes.filter(
    ({ table, row }) =>
      table === 'queens' &&
      (row as Queen).motherQueenId !== null &&
      !inBook.has((row as Queen).motherQueenId as string) &&
      !entered.has((row as Queen).motherQueenId as string),
  );
  return {
    fates,
    changes: [
      ...hives.added((id) => used.has(id)),
      ...changes.map((change) =>
        orphaned.includes(change) ? { ...change, row: { ...(change.row as Queen), motherQueenId: null } } : change,
      ),
    ],
    unknown: hives.unknown,
  };
}

/** The days in which a queen of a year emerged, where nothing more exact is said. */
function emergedIn({ year, emergedFrom, emergedTo, presentOn }: Values): Partial<Values> {
  if (typeof year !== 'number' || typeof emergedFrom === 'string' || typeof emergedTo === 'string') return {};
  const last = `${yearOf(year)}-12-31`;
  return {
    emergedFrom: `${yearOf(year)}-01-01`,
    emergedTo: typeof presentOn === 'string' && presentOn < last ? presentOn : last,
  };
}
