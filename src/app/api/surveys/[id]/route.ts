import { z } from 'zod';
import { deleteSurvey, restoreSurvey } from '@/server/entries/save-survey';
import { takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
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
