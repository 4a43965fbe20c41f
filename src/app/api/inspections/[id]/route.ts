import { z } from 'zod';
import { comparable } from '@/core/facts/comparable-entry';
import { failure, success } from '@/core/problems/issue';
import { say } from '@/core/problems/says';
import { database } from '@/db/open';
import { findEntry } from '@/db/repositories/inspection-entry';
import { deleteInspection, restoreInspection } from '@/server/entries/delete-inspection';
import { versionOfStanding } from '@/server/entries/resend';
import { answer, takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
}

/** What is in the book under an id, with the version under which it can be replaced. */
export async function GET(_: Request, { params }: Context) {
  const { id } = await params;
  const stored = findEntry(database().db, id);
  if (!stored) return answer(failure({ path: ['id'], code: 'not-found', message: say('no-such-inspection') }));
  const standing = { content: comparable(stored.entry), isDeleted: stored.deletedAt !== null };
  return answer(success({ ...standing, version: versionOfStanding(standing) }));
}

const nothing = z.strictObject({});

export async function DELETE(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => deleteInspection(db, id, now));
}

/** Puts a deleted inspection back. */
export async function POST(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => restoreInspection(db, id, now));
}
