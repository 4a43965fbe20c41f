import 'server-only';
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';
import type { Now } from '../../core/calendar/now';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { type Book, database } from '../../db/open';
import type { DeviceKind } from '../../db/schema/tables';
import { noteWrite } from '../backups/note-write';
import { deviceZone, now, zoneBy } from '../clock';
import { answer, answering, foreignOrigin, isSameOrigin, jsonBody } from '../http/handle';
import { holderOf, noteUse } from './keys';

/** What one key may send, and what may be tried with keys that are none: so many in so many seconds. */
const BY_KEY = new RateLimiterMemory({ points: 60, duration: 60 });
const WRONG = new RateLimiterMemory({ points: 20, duration: 300 });
/** A device sends little at a time; a month of hours, or of a scale that reads by the quarter of an hour, goes into this. */
const BODY_LIMIT_BYTES = 256 * 1024;

/** Takes what a device on the network has measured, by the key that was made for it. The same may be sent again and again. */
export async function takeFromDevice(
  request: Request,
  kind: DeviceKind,
  take: (
    opened: Book,
    sent: { readonly ofId: string; readonly body: unknown; readonly zone: string },
    now: Now,
  ) => Result<unknown>,
): Promise<Response> {
  if (!isSameOrigin(request)) return answer(foreignOrigin());
  return answering(async () => {
    const opened = database();
    const holder = holderOf(opened.db, kind, request.headers.get('authorization'));
    const counted = holder.ok ? await countedBy(BY_KEY, holder.value.keyId) : await countedBy(WRONG, 'wrong');
    if (!counted.ok) return answer(counted);
    if (!holder.ok) return answer(holder);
    const body = await jsonBody(request, BODY_LIMIT_BYTES);
    if (!body.ok) return answer(body);
    const at = await now();
    const zone = zoneBy(await deviceZone());
    const taken = take(opened, { ofId: holder.value.ofId, body: body.value, zone }, at);
    if (taken.ok) {
      noteUse(opened.db, holder.value.keyId, at);
      noteWrite(opened, at);
    }
    return answer(taken);
  });
}

async function countedBy(limiter: RateLimiterMemory, who: string): Promise<Result<null>> {
  try {
    await limiter.consume(who);
    return success(null);
  } catch (refused) {
    const seconds = Math.max(1, Math.ceil((refused as RateLimiterRes).msBeforeNext / 1000));
    return failure({ path: [], code: 'too-often', message: say('sent-too-often', { seconds }) });
  }
}
