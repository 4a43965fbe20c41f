import 'server-only';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { day, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { firstDayOf } from '../../core/colony/known-since';
import type { ColonyFact } from '../../core/facts/colony';
import { sameValue } from '../../core/facts/same-value';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { daysEntered } from '../../db/repositories/days-entered';
import { addRevision } from '../../db/repositories/revisions';
import { colonyEntryOf, standingColony } from '../../db/repositories/standing-colony';
import { apiaries, colonies } from '../../db/schema/tables';
import { endMovesFrom } from '../yard/end-moves';
import { keepFormerPlace, movingIssues } from './former-place';
import { noteSwarmOf } from './note-swarm';

/** Adds a colony, or corrects the one that has its id. Where it is moved or renamed, what it was before is kept up to that day. */
export function saveColony(
  db: Db,
  { since = null, ...colony }: ColonyFact & { readonly since?: string | null },
  now: Now,
): Result<{ id: string }> {
  return db.transaction((tx) => {
    const before = tx.select().from(colonies).where(eq(colonies.id, colony.id)).get();
    const issues = [...colonyIssues(tx, colony, now), ...(before ? movingIssues(tx, colony, since, now) : [])];
    if (issues.length > 0) return failure(...issues);
    if (before) keepFormerPlace(tx, before, colony, day(since ?? formatDay(now.today)));
    if (before && !sameValue(colonyEntryOf(before), colony)) {
      addRevision(tx, { entity: 'colony', entityId: colony.id, action: 'corrected', before }, now);
    }
    const isThere = before && before.apiaryId === colony.apiaryId && before.stand === colony.stand;
    if (before && (!isThere || colony.endedOn !== null)) endMovesFrom(tx, before, now);
    const row = { ...colony, enteredOn: formatDay(now.today) };
    tx.insert(colonies).values(row).onConflictDoUpdate({ target: colonies.id, set: colony }).run();
    noteSwarmOf(tx, colony, now);
    return success({ id: colony.id });
  });
}

/** A colony, the one that it came of, and so on; ends where a book of before goes round in a circle. */
function ancestorsOf(db: Db, colonyId: string): ReadonlySet<string> {
  const found = new Set<string>();
  for (let id: string | null = colonyId; id !== null && !found.has(id); ) {
    found.add(id);
    id = standingColony(db, id)?.parentColonyId ?? null;
  }
  return found;
}

function colonyIssues(db: Db, colony: ColonyFact, { today }: Now): Issue[] {
  const issues: Issue[] = [];
  const { id, apiaryId, parentColonyId, name, startedOn, endedOn } = colony;
  if (!db.select().from(apiaries).where(eq(apiaries.id, apiaryId)).get()) {
    issues.push({ path: ['apiaryId'], code: 'unknown-reference', message: say('choose-an-apiary') });
  }
  if (parentColonyId !== null && !standingColony(db, parentColonyId)) {
    issues.push({
      path: ['parentColonyId'],
      code: 'unknown-reference',
      message: say('choose-a-parent'),
    });
  }
  if (parentColonyId !== null && ancestorsOf(db, parentColonyId).has(id)) {
    const message = say('colony-of-itself');
    issues.push({ path: ['parentColonyId'], code: 'contradiction', message });
  }
  const namesake = db
    .select()
    .from(colonies)
    .where(and(eq(colonies.name, name), ne(colonies.id, id), isNull(colonies.endedOn), isNull(colonies.deletedAt)))
    .get();
  if (namesake && endedOn === null) {
    const message = say('colony-name-taken', { name });
    issues.push({ path: ['name'], code: 'duplicate-id', message });
  }
  if (day(startedOn) > today) {
    const message = say('first-day-in-the-future');
    issues.push({ path: ['startedOn'], code: 'in-the-future', message });
  }
  if (endedOn !== null && endedOn < startedOn) {
    issues.push({
      path: ['endedOn'],
      code: 'contradiction',
      message: say('ends-before-it-begins'),
    });
  }
  const entered = daysEntered(db, id);
  if (!entered) return issues;
  if (firstDayOf(colony) !== null && entered.first < startedOn) {
    const message = say('entered-before', { on: day(entered.first) });
    issues.push({ path: ['startedOn'], code: 'contradiction', message });
  }
  // One that had ended before what is entered of it stays as it was put down.
  const isOld = standingColony(db, id)?.endedOn === endedOn;
  if (endedOn !== null && endedOn < entered.last && !isOld) {
    const message = say('entered-after', { on: day(entered.last) });
    issues.push({ path: ['endedOn'], code: 'contradiction', message });
  }
  return issues;
}
