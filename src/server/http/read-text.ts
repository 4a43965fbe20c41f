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
  const announced = Number(request.headers.get('content-length') ?? 0);
  if (announced > limitBytes) return tooLarge(limitBytes);
  if (!request.body) return success('');
  const decoder = new TextDecoder();
  const parts: string[] = [];
  let size = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > limitBytes) return tooLarge(limitBytes);
    const fault = watch(chunk);
    if (fault) return failure(fault);
    parts.push(decoder.decode(chunk, { stream: true }));
  }
  parts.push(decoder.decode());
  return success(parts.join(''));
}

function tooLarge(limitBytes: number): Result<never> {
  return failure({
    path: [],
    code: 'too-large',
    message: say('larger-than', { bytes: limitBytes }),
  });
}
