import { backupForm, bringBack } from '@/server/backups/backups';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, backupForm, (opened, { name }, now) => bringBack(opened, name, now));
