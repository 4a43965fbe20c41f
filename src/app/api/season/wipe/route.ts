import { z } from 'zod';
import { takeEntry } from '@/server/http/handle';
import { wipeSeason } from '@/server/season/replace-season';

export const POST = (request: Request) =>
  takeEntry(request, z.strictObject({}), (opened, _, now) => wipeSeason(opened, now));
