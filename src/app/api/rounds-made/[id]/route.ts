import { z } from 'zod';
import { takeEntry } from '@/server/http/handle';
import { deleteRound } from '@/server/rounds/save-round';

interface Params {
  readonly params: Promise<{ readonly id: string }>;
}

export const DELETE = async (request: Request, { params }: Params) => {
  const { id } = await params;
  return takeEntry(request, z.unknown(), ({ db }, _, now) => deleteRound(db, id, now));
};
