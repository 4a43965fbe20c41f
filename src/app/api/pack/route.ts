import { database } from '@/db/open';
import { bookVersion } from '@/server/book-version';
import { now } from '@/server/clock';
import { makePack } from '@/server/pack';

const NOTHING_NEW = 204;

/** What a device takes along; nothing where `have` names the version that it has already. */
export async function GET(request: Request) {
  const opened = database();
  const at = await now();
  const have = new URL(request.url).searchParams.get('have');
  const headers = { 'Cache-Control': 'no-store' };
  if (have === bookVersion(opened, at.today)) return new Response(null, { status: NOTHING_NEW, headers });
  return Response.json(makePack(opened, at), { headers });
}
