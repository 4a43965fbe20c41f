import { z } from 'zod';
import { takeEntry } from '@/server/http/handle';
import { undoBroughtIn } from '@/server/spreadsheets/bring-in';

/** Undoes a spreadsheet that was brought in. */
export const DELETE = async (request: Request, { params }: { readonly params: Promise<{ readonly id: string }> }) => {
  const { id } = await params;
  return takeEntry(request, z.strictObject({}), (opened, _, now) => undoBroughtIn(opened, id, now));
};
