import type { IncomingMessage } from 'node:http';

/** Sign-ins are short. */
const MOST_BYTES = 4096;

/** A short body as text; null: it is too long. What is beyond is read and thrown away, so that the answer still arrives. */
export function shortBody(request: IncomingMessage): Promise<string | null> {
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = [];
    let size = 0;
    request.on('data', (chunk: Buffer) => {
      size += chunk.length;
      if (size <= MOST_BYTES) parts.push(chunk);
    });
    request.on('end', () => resolve(size > MOST_BYTES ? null : Buffer.concat(parts).toString('utf8')));
    request.on('error', reject);
  });
}
