import 'server-only';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';

/**
 * Reads a request's body as text, and stops reading as soon as it is larger than `limitBytes`, or `watch` finds fault with what came.
 */
export async function readText(
  request: Request,
  limitBytes: number,
  watch: (bytes: Uint8Array) => Issue | null = () => null,
): Promise<Result<string>> {
  const decoder = new TextDecoder();
  const parts: string[] = [];
  const fault = await eachChunk(request, limitBytes, (chunk) => {
    const found = watch(chunk);
    if (!found) parts.push(decoder.decode(chunk, { stream: true }));
    return found;
  });
  parts.push(decoder.decode());
  return fault ? failure(fault) : success(parts.join(''));
}

/** The same as bytes: of a file whose letters are yet to be made out. */
export async function readBytes(request: Request, limitBytes: number): Promise<Result<Uint8Array>> {
  const chunks: Uint8Array[] = [];
  const fault = await eachChunk(request, limitBytes, (chunk) => {
    chunks.push(chunk);
    return null;
  });
  return fault ? failure(fault) : success(Buffer.concat(chunks));
}

/** Hands on what comes piece by piece, up to the limit or the first fault, which is given back. */
async function eachChunk(
  request: Request,
  limitBytes: number,
  take: (chunk: Uint8Array) => Issue | null,
): Promise<Issue | null> {
  const announced = Number(request.headers.get('content-length') ?? 0);
  if (announced > limitBytes) return tooLarge(limitBytes);
  if (!request.body) return null;
  let size = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > limitBytes) return tooLarge(limitBytes);
    const fault = take(chunk);
    if (fault) return fault;
  }
  return null;
}

const tooLarge = (limitBytes: number): Issue => ({
  path: [],
  code: 'too-large',
  message: say('larger-than', { bytes: limitBytes }),
});
