import { z } from 'zod';
import { deleteInspection, restoreInspection } from '@/server/entries/delete-inspection';
import { takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
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
