import { parseInput } from '@/core/formats/parse-input';
import { SHEET_LIMITS } from '@/core/spreadsheets/bring-in/limits';
import { database } from '@/db/open';
import { noteWrite } from '@/server/backups/note-write';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { answer, answering, foreignOrigin, isSameOrigin, jsonBody } from '@/server/http/handle';
import { bringIn, sheetHandedIn } from '@/server/spreadsheets/bring-in';

/** The text of the largest file, with its quotation marks escaped and how it is understood. */
const LIMIT_BYTES = 2 * SHEET_LIMITS.bytes;

export async function POST(request: Request) {
  if (!isSameOrigin(request)) return answer(foreignOrigin());
  const body = await jsonBody(request, LIMIT_BYTES);
  if (!body.ok) return answer(body);
  const sheet = parseInput(sheetHandedIn, body.value);
  if (!sheet.ok) return answer(sheet);
  return answering(async () => {
    const opened = database();
    const at = await now();
    const taken = await bringIn(opened, sheet.value, zoneBy(await deviceZone()), at);
    if (taken.ok) noteWrite(opened, at);
    return answer(taken);
  });
}
