import 'server-only';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { SurveyEntry } from '../../core/facts/survey';
import type { Db } from '../open';
import { surveys } from '../schema/tables';

export interface StoredSurvey {
  readonly survey: SurveyEntry;
  readonly deletedAt: string | null;
}

export function findSurvey(db: Db, id: string): StoredSurvey | null {
  const row = db.select().from(surveys).where(eq(surveys.id, id)).get();
  if (!row) return null;
  const { deletedAt, ...survey } = row;
  return { survey, deletedAt };
}

/** A colony's surveys that stand, newest first. */
export function surveysOf(db: Db, colonyId: string): readonly SurveyEntry[] {
  return db
    .select()
    .from(surveys)
    .where(and(eq(surveys.colonyId, colonyId), isNull(surveys.deletedAt)))
    .orderBy(desc(surveys.at), desc(surveys.id))
    .all()
    .map(({ deletedAt: _, ...survey }) => survey);
}

/** Writes a survey whole, over what stood under its id. */
export function writeSurvey(db: Db, survey: SurveyEntry): void {
  const row = { ...survey, deletedAt: null };
  db.insert(surveys).values(row).onConflictDoUpdate({ target: surveys.id, set: row }).run();
}
