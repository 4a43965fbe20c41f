import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { bookVersion } from '@/server/book-version';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { makePack } from '@/server/pack';
import { fortnightNow } from '@/server/rounds/fortnight-now';
import { packedPlan } from '@/server/rounds/packed-plan';

const NOTHING_NEW = 204;

/** What a device takes along; nothing where `have` names the version that it has already. */
export async function GET(request: Request) {
  const opened = database();
  const at = await now();
  const have = new URL(request.url).searchParams.get('have');
  const headers = { 'Cache-Control': 'no-store' };
  if (have === bookVersion(opened, at.today)) return new Response(null, { status: NOTHING_NEW, headers });
  const planned = await fortnightNow(opened, loadApiaries(opened, at.today), at, zoneBy(await deviceZone())).answer;
  return Response.json(makePack(opened, at, planned && packedPlan(opened, planned)), { headers });
}
