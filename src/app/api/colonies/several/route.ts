import { severalColonies } from '@/core/facts/several-colonies';
import { saveColonies } from '@/server/entries/save-colonies';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, severalColonies, ({ db }, several, now) => saveColonies(db, several, now));
