import { database } from '@/db/open';
import { lookInBackup } from '@/server/backups/backups';
import { answer, answering } from '@/server/http/handle';

/** What is in a backup, and what differs from now. */
export const GET = (request: Request) =>
  answering(() => answer(lookInBackup(database(), new URL(request.url).searchParams.get('name') ?? '')));
