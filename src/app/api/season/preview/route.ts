import { previewSeason } from '@/server/season/replace-season';
import { takeSeasonFile } from '@/server/season/take-season-file';

export const POST = (request: Request) => takeSeasonFile(request, previewSeason);
