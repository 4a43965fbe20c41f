import 'server-only';
import { z } from 'zod';
import type { Now } from '../../core/calendar/now';
import { idField } from '../../core/facts/fields';
import { parseInput } from '../../core/formats/parse-input';
import { readTextBytes } from '../../core/formats/read-text-bytes';
import type { Result } from '../../core/problems/issue';
import { type Book, database } from '../../db/open';
import { noteWrite } from '../backups/note-write';
import { deviceZone, now, zoneBy } from '../clock';
import { answer, answering, foreignOrigin, isSameOrigin } from '../http/handle';
import { readBytes } from '../http/read-text';

/** A hundred thousand hours, or two hundred thousand readings, with room to spare. */
const FILE_LIMIT_BYTES = 20 * 1024 * 1024;

const asked = z.strictObject({
  of: idField,
  temperature: z.enum(['c', 'f']).optional(),
  rain: z.enum(['mm', 'in']).optional(),
  wind: z.enum(['ms', 'kmh', 'mph', 'kn']).optional(),
  weight: z.enum(['kg', 'lb']).optional(),
});

/** Takes a file of hours or of readings: of what, and in what units its columns are, stands in the address. */
export async function takeFile(
  request: Request,
  take: (
    opened: Book,
    text: string,
    asked: { readonly of: string; readonly units: Omit<z.output<typeof asked>, 'of'>; readonly zone: string },
    now: Now,
  ) => Promise<Result<unknown>>,
): Promise<Response> {
  if (!isSameOrigin(request)) return answer(foreignOrigin());
  const query = parseInput(asked, Object.fromEntries(new URL(request.url).searchParams));
  if (!query.ok) return answer(query);
  const bytes = await readBytes(request, FILE_LIMIT_BYTES);
  if (!bytes.ok) return answer(bytes);
  const text = readTextBytes(bytes.value);
  if (!text.ok) return answer(text);
  const { of, ...units } = query.value;
  return answering(async () => {
    const opened = database();
    const at = await now();
    const zone = zoneBy(await deviceZone());
    const taken = await take(opened, text.value, { of, units, zone }, at);
    if (taken.ok) noteWrite(opened, at);
    return answer(taken);
  });
}
