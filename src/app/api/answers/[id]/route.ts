import { z } from 'zod';
import { takeEntry } from '@/server/http/handle';
import { takeBackAnswer } from '@/server/programmes/change-programme';

export async function DELETE(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  return takeEntry(request, z.strictObject({}), ({ db }, _, now) => takeBackAnswer(db, id, now));
}
