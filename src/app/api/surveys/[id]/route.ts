import { z } from 'zod';
import { failure, success } from '@/core/problems/issue';
import { say } from '@/core/problems/says';
import { database } from '@/db/open';
import { findSurvey } from '@/db/repositories/surveys';
import { versionOfStanding } from '@/server/entries/resend';
import { deleteSurvey, restoreSurvey } from '@/server/entries/save-survey';
import { answer, takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
}

/** What is in the book under an id, with the version under which it can be replaced. */
export async function GET(_: Request, { params }: Context) {
  const { id } = await params;
  const stored = findSurvey(database().db, id);
  if (!stored) return answer(failure({ path: ['id'], code: 'not-found', message: say('no-such-survey') }));
  const standing = { content: stored.survey, isDeleted: stored.deletedAt !== null };
  return answer(success({ ...standing, version: versionOfStanding(standing) }));
}

const nothing = z.strictObject({});

export async function DELETE(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => deleteSurvey(db, id, now));
}

/** Puts a deleted survey back. */
export async function POST(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => restoreSurvey(db, id, now));
}
