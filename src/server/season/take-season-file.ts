import 'server-only';
import type { Now } from '../../core/calendar/now';
import { JsonBounds } from '../../core/formats/json-bounds';
import { SEASON_FILE_LIMIT_BYTES } from '../../core/formats/season-limits';
import type { Result } from '../../core/problems/issue';
import { type Book, database } from '../../db/open';
import { now } from '../clock';
import { answer, answering, foreignOrigin, isSameOrigin } from '../http/handle';
import { readText } from '../http/read-text';

/** Takes an uploaded season file, bounded in size, and hands its text on. */
export async function takeSeasonFile(
  request: Request,
  use: (opened: Book, text: string, now: Now) => Result<unknown> | Promise<Result<unknown>>,
): Promise<Response> {
  if (!isSameOrigin(request)) return answer(foreignOrigin());
  const bounds = new JsonBounds();
  const text = await readText(request, SEASON_FILE_LIMIT_BYTES, (bytes) => bounds.watch(bytes));
  if (!text.ok) return answer(text);
  return answering(async () => answer(await use(database(), text.value, await now())));
}
