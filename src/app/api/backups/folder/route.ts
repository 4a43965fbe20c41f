import { folderForm, takeFolder } from '@/server/backups/backups';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) =>
  takeEntry(request, folderForm, (opened, { folder }) => takeFolder(opened, folder));
