import 'server-only';
import { eq, inArray } from 'drizzle-orm';
import type { Day } from '../../core/calendar/day';
import { movesFrames } from '../../core/space/proposals/propose';
import type { Book } from '../../db/open';
import { loadColonyFacts } from '../../db/repositories/colony-facts';
import { framePlansOf } from '../../db/repositories/frame-plans';
import { loadSettings } from '../../db/repositories/settings';
import { loadSharedFacts } from '../../db/repositories/shared-facts';
import { apiaries, colonies, programmes, stepsDone } from '../../db/schema/tables';
import { type Member, type ProgrammeView, programmeView } from '../../views/programme-view';
import { reckoned } from '../known-states';
import { withAfternoons } from '../weather/afternoons';

/** A programme as it stands on `today` in each of its colonies, with the note it was started with; null when there is none. */
export function loadProgramme(
  opened: Book,
  id: string,
  today: Day,
): { readonly view: ProgrammeView; readonly note: string; readonly framesPath: string | null } | null {
  const { db } = opened;
  const shared = loadSharedFacts(db);
  const programme = shared.programmes.find((one) => one.id === id);
  if (!programme) return null;
  const ids = [...new Set([programme.colonyId, ...programme.units.map(({ colonyId }) => colonyId)])];
  const facts = withAfternoons(opened, loadColonyFacts(db, { colonyIds: ids }), today);
  const settings = loadSettings(db);
  const rows = db
    .select({ colony: colonies, apiary: apiaries.name })
    .from(colonies)
    .innerJoin(apiaries, eq(colonies.apiaryId, apiaries.id))
    .where(inArray(colonies.id, ids))
    .all();
  const members = ids.flatMap((colonyId): Member[] => {
    const row = rows.find(({ colony }) => colony.id === colonyId);
    const own = facts.get(colonyId);
    if (!row || !own) return [];
    const { name, stand } = row.colony;
    const { state } = reckoned(own, settings, today);
    return state ? [{ colonyId, name, stand, apiary: row.apiary, state }] : [];
  });
  const done = db.select().from(stepsDone).where(eq(stepsDone.programmeId, id)).all();
  const note = db.select({ note: programmes.note }).from(programmes).where(eq(programmes.id, id)).get()?.note ?? '';
  const ticked = new Set(done.map(({ step }) => step));
  const plan = framePlansOf(db, programme.colonyId).find(
    ({ method, finishedAt }) => method === programme.method && finishedAt === null,
  );
  const board = movesFrames(programme.method) ? `/colonies/${programme.colonyId}/board/${programme.method}` : null;
  return {
    view: programmeView(programme, members, ticked, settings, today),
    note,
    framesPath: plan ? `/frame-plans/${plan.id}` : board,
  };
}
