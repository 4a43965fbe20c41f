import 'server-only';
import type { z } from 'zod';
import type { Now } from '../../core/calendar/now';
import { parseInput } from '../../core/formats/parse-input';
import { failure, type IssueCode, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { type Book, database } from '../../db/open';
import { answerOf } from '../../words/issues';
import { noteWrite } from '../backups/note-write';
import { now } from '../clock';
import { troubleOf } from './book-trouble';
import { readText } from './read-text';

/** Entries are small; season files have a limit of their own. */
const ENTRY_LIMIT_BYTES = 256 * 1024;

const STATUS: Partial<Record<IssueCode, number>> = {
  'not-found': 404,
  'too-large': 413,
  'changed-meanwhile': 409,
  'server-fault': 503,
  'disk-full': 507,
  'wrong-key': 401,
  'too-often': 429,
};
const UNPROCESSABLE = 422;

/** Answers with the result as JSON: 200 with a value, or the fitting status with the issues. */
export function answer<T>(result: Result<T>): Response {
  if (result.ok) return Response.json(result);
  return Response.json(answerOf(result), { status: STATUS[result.issues[0]?.code ?? 'invalid'] ?? UNPROCESSABLE });
}

/** Answers with what the work gives, or says in a sentence what is wrong with the book: never a bare error. */
export async function answering(work: () => Response | Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    return answer(troubleOf(error));
  }
}

/** A page of another origin may not make a browser write here. */
export function isSameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin === null) return request.headers.get('sec-fetch-site') !== 'cross-site';
  return URL.canParse(origin) && new URL(origin).host === request.headers.get('host');
}

export const foreignOrigin = () => failure({ path: [], code: 'invalid', message: say('other-site') });

/** A request's body as JSON, of a bounded size. */
export async function jsonBody(request: Request, limitBytes: number): Promise<Result<unknown>> {
  const text = await readText(request, limitBytes);
  if (!text.ok) return text;
  try {
    return success(JSON.parse(text.value));
  } catch {
    return failure({ path: [], code: 'not-json', message: say('entry-not-whole') });
  }
}

/** Takes one JSON entry: same origin, bounded, checked in full, and only then handed on. */
export async function takeEntry<S extends z.ZodType>(
  request: Request,
  schema: S,
  store: (opened: Book, input: z.output<S>, now: Now) => Result<unknown> | Promise<Result<unknown>>,
): Promise<Response> {
  if (!isSameOrigin(request)) return answer(foreignOrigin());
  const body = await jsonBody(request, ENTRY_LIMIT_BYTES);
  if (!body.ok) return answer(body);
  const input = parseInput(schema, body.value);
  if (!input.ok) return answer(input);
  return answering(async () => {
    const opened = database();
    const at = await now();
    const result = await store(opened, input.value, at);
    if (result.ok) noteWrite(opened, at);
    return answer(result);
  });
}
