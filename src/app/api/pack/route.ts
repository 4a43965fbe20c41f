import { database } from '@/db/open';
import { now } from '@/server/clock';
import { makePack } from '@/server/pack';

export async function GET() {
  return Response.json(makePack(database(), await now()), { headers: { 'Cache-Control': 'no-store' } });
}
