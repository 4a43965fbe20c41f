import { day } from '../../../calendar/day';
import { isBeforeColony } from '../../../colony/known-since';
import { queenEventFact } from '../../../facts/queen';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { Hives } from '../hives';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow } from '../read-row';

type QueenEvent = SeasonFacts['queenEvents'][number];

const FIELDS = ['on', 'to', 'at', 'kind', 'went', 'note', 'queenId'] as const;

/** What happened to queens that the book has, one event a row. */
export function* planQueenEvents(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, newId, matching, now } = asked;
  const hives = new Hives(asked);
  const queens = new Set(book.queens.map(({ id }) => id));
  const byId = new Map(book.queenEvents.map((event) => [event.id, event]));
  const keyOf = ({ colonyId, queenId, on, kind }: Pick<QueenEvent, 'colonyId' | 'queenId' | 'on' | 'kind'>) =>
    `${colonyId} ${queenId} ${on} ${kind}`;
  const alike = new Map(
    book.queenEvents.filter(({ deletedAt }) => deletedAt === null).map((event) => [keyOf(event), event]),
  );
  const seen = new Set<string>();
  const used = new Set<string>();
  const fates: Fate[] = [];
  const changes: Change[] = [];

  const fateOf = (read: ReadRow): Fate => {
    const { values } = read;
    const refused = (path: string, code: Issue['code'], message: Issue['message']) =>
      asRefused(read, [{ path: [path], code, message }]);
    if (read.issues.length > 0) {
      hives.notice(read.values);
      return asRefused(read, read.issues);
    }
    if (typeof values.on !== 'string') return refused('on', 'missing', say('day-missing'));
    const hive = hives.of(values, values.on);
    if (!hive.ok) return asRefused(read, [hive.issue]);
    const colony = hive.is;
    const hivedAs = typeof values.hivedAs === 'string' ? hives.named(values.hivedAs, null) : [];
    if (typeof values.hivedAs === 'string' && hivedAs.length !== 1)
      return refused('hivedAs', 'unknown-reference', say('choose-where-hived'));
    const row = {
      id: typeof values.id === 'string' ? values.id : newId(),
      queenId: values.queenId,
      colonyId: colony.id,
      at: null,
      to: null,
      went: null,
      note: '',
      ...saidOf(values, FIELDS),
      hivedAsId: hivedAs[0]?.id ?? null,
    };
    const parsed = parseInput(queenEventFact, row);
    if (!parsed.ok) return asRefused(read, parsed.issues);
    const event = parsed.value;
    if (!queens.has(event.queenId)) return refused('queenId', 'unknown-reference', say('choose-a-queen'));
    if (day(event.on) > now.today || (event.to !== null && day(event.to) > now.today))
      return refused('on', 'in-the-future', say('in-the-future-today'));
    if (event.to !== null && event.to < event.on) return refused('to', 'contradiction', say('last-day-before-first'));
    if (isBeforeColony(colony, event.on))
      return refused('on', 'before-colony', say('colony-began-later', { startedOn: day(colony.startedOn) }));
    const stands = typeof values.id === 'string' ? byId.get(values.id) : alike.get(keyOf(event));
    if (stands && stands.colonyId !== colony.id) return refused('id', 'duplicate-id', say('entry-of-another-colony'));
    if (stands && stands.deletedAt !== null) return refused('id', 'not-found', say('taken-out-before'));
    if (seen.has(stands?.id ?? event.id)) return refused('id', 'duplicate-id', say('twice-in-sheet'));
    seen.add(stands?.id ?? event.id);
    if (!stands) {
      used.add(colony.id);
      alike.set(keyOf(event), { ...event, deletedAt: null });
      seen.add(event.id);
      changes.push({ table: 'queenEvents', row: { ...event, deletedAt: null }, before: null });
      return asNew(read);
    }
    const differs = differences(values, stands, FIELDS);
    if (differs.length > 0 && matching.isOverBook)
      changes.push({
        table: 'queenEvents',
        row: { ...stands, ...saidOf(values, FIELDS) } as QueenEvent,
        before: stands,
      });
    return asHeld(read, differs);
  };

  for (const [i, read] of rows.entries()) {
    if (i % ROWS_AT_A_TIME === 0) yield i;
    fates.push(fateOf(read));
  }
  return { fates, changes: [...hives.added((id) => used.has(id)), ...changes], unknown: hives.unknown };
}
