import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { checkSurvey } from '../../core/colony/check-survey';
import type { SurveyEntry } from '../../core/facts/survey';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addRevision } from '../../db/repositories/revisions';
import { loadSettings } from '../../db/repositories/settings';
import { standingColony } from '../../db/repositories/standing-colony';
import { findSurvey, writeSurvey } from '../../db/repositories/surveys';
import { surveys } from '../../db/schema/tables';
import { changedMeanwhile, noteReceipt, takenInto } from './resend';

/** Stores a survey of a hive's frames. Sent again, and meant to replace what stands, like an inspection. */
export function saveSurvey(
  db: Db,
  survey: SurveyEntry,
  now: Now,
  over: readonly string[] | 'restore' = [],
): Result<{ id: string }> {
  return db.transaction(
    (tx) => {
      const stored = findSurvey(tx, survey.id);
      if (stored && stored.survey.colonyId !== survey.colonyId) return failure(OF_ANOTHER);
      const sent = { id: survey.id, content: survey, over: over === 'restore' ? [] : over };
      const standing = stored && { content: stored.survey, isDeleted: stored.deletedAt !== null };
      const taken = over === 'restore' ? 'write' : takenInto(tx, sent, standing);
      if (taken === 'nothing') return success({ id: survey.id });
      if (taken === 'ask') return changedMeanwhile(standing?.isDeleted ?? false);
      const colony = standingColony(tx, survey.colonyId);
      if (!colony) {
        const message = say('no-such-colony');
        return failure({ path: ['colonyId'], code: 'unknown-reference', message });
      }
      const issues = checkSurvey(survey, lifetimeOf(tx, colony), now.minute, loadSettings(tx));
      if (issues.length > 0) return failure(...issues);
      if (stored) {
        const action = stored.deletedAt === null ? 'corrected' : 'restored';
        addRevision(tx, { entity: 'survey', entityId: survey.id, action, before: stored.survey }, now);
      }
      writeSurvey(tx, survey);
      noteReceipt(tx, sent, now);
      return success({ id: survey.id });
    },
    { behavior: 'immediate' },
  );
}

const OF_ANOTHER: Issue = {
  path: ['colonyId'],
  code: 'duplicate-id',
  message: say('survey-moved'),
};

/** Takes a survey out of the reckoning. Nothing is lost: {@link restoreSurvey} puts it back. */
export function deleteSurvey(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = findSurvey(tx, id);
    if (!stored) return notThere();
    if (stored.deletedAt === null) {
      addRevision(tx, { entity: 'survey', entityId: id, action: 'deleted', before: stored.survey }, now);
      tx.update(surveys).set({ deletedAt: now.instant }).where(eq(surveys.id, id)).run();
    }
    return success({ id });
  });
}

export function restoreSurvey(db: Db, id: string, now: Now): Result<{ id: string }> {
  const stored = findSurvey(db, id);
  if (!stored) return notThere();
  return stored.deletedAt === null ? success({ id }) : saveSurvey(db, stored.survey, now, 'restore');
}

const notThere = () => failure({ path: ['id'], code: 'not-found', message: say('no-such-survey') });
