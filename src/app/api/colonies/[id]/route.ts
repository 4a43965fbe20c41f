import { z } from 'zod';
import { deleteColony, restoreColony } from '@/server/entries/delete-colony';
import { takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
}

const nothing = z.strictObject({});

export async function DELETE(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => deleteColony(db, id, now));
}

/** Puts a colony back that was taken out of the book. */
export async function POST(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => restoreColony(db, id, now));
}
