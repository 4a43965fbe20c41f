import { z } from 'zod';
import { deleteQueenEvent, restoreQueenEvent } from '@/server/entries/save-queen-event';
import { takeEntry } from '@/server/http/handle';

interface Context {
  params: Promise<{ id: string }>;
}

const nothing = z.strictObject({});

/** Puts an event that was taken out back. */
export async function POST(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => restoreQueenEvent(db, id, now));
}

/** Takes an event of a queen's life out of the records. */
export async function DELETE(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => deleteQueenEvent(db, id, now));
}
