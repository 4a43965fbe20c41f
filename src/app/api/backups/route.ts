import { z } from 'zod';
import { success } from '@/core/problems/issue';
import { database } from '@/db/open';
import { backUpByHand, listBackups } from '@/server/backups/backups';
import { answer, answering, takeEntry } from '@/server/http/handle';

export const GET = () => answering(() => answer(success(listBackups(database()))));

/** Makes one now. */
export const POST = (request: Request) =>
  takeEntry(request, z.strictObject({}), (opened, _, now) => backUpByHand(opened, now));
