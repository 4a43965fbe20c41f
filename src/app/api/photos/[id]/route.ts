import { eq } from 'drizzle-orm';
import { database } from '@/db/open';
import { photos } from '@/db/schema/tables';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const found = database().db.select({ jpeg: photos.jpeg }).from(photos).where(eq(photos.id, id)).get();
  if (!found) return new Response('There is no such photo.\n', { status: 404 });
  return new Response(Buffer.from(found.jpeg, 'base64'), {
    headers: { 'Content-Type': 'image/jpeg', 'Cache-Control': 'private, max-age=31536000, immutable' },
  });
}
