import { failure, type Result, success } from '../problems/issue';
import { say } from '../problems/says';

const MARKS: readonly (readonly [bytes: readonly number[], encoding: string])[] = [
  [[0xef, 0xbb, 0xbf], 'utf-8'],
  [[0xff, 0xfe], 'utf-16le'],
  [[0xfe, 0xff], 'utf-16be'],
];

/** Text of a file by its mark; without one as UTF-8, or, where it is none, as older programs write it. Bytes that are no text are refused. */
export function readTextBytes(bytes: Uint8Array): Result<string> {
  const marked = MARKS.find(([mark]) => mark.every((byte, i) => bytes[i] === byte));
  const text = marked ? decode(bytes, marked[1]) : (decode(bytes, 'utf-8') ?? decode(bytes, 'windows-1252'));
  if (text === null || text.includes('\0'))
    return failure({ path: [], code: 'invalid', message: say('text-not-readable') });
  return success(text);
}

function decode(bytes: Uint8Array, encoding: string): string | null {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}
