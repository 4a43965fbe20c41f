import type { IssueCode } from '../core/problems/issue';
import type { IssueInWords } from '../words/issues';

/** A signal that brings nothing within this time counts as none. */
const PATIENCE_MS = 15_000;
/** Of a question that needs no work. */
const ALIVE_PATIENCE_MS = 7_500;
/** The slowest uplink that is waited for, in bytes a millisecond: 40 kbit/s, half of what a bad place still gives. */
const SLOWEST_UPLINK = 5;

export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly IssueInWords[] };

/** What is said where nobody answers: an issue like any other. */
export const NO_ANSWER: IssueInWords = {
  path: [],
  code: 'no-answer',
  message: 'The server does not answer. What you entered is still here; try again in a moment.',
};

/** Something answers that is not Ubbet, or Ubbet in trouble. */
const SERVER_FAULT: IssueInWords = {
  path: [],
  code: 'server-fault',
  message:
    'The server answers, but not as it should. What you entered is still here; look at the machine that Ubbet runs on.',
};

/** What does not speak against the entry: it can go through unchanged another time. */
const PASSING: ReadonlySet<IssueCode> = new Set<IssueCode>(['no-answer', 'server-fault', 'disk-full', 'signed-out']);
export const isPassing = ({ code }: IssueInWords): boolean => PASSING.has(code);

/** Long enough for the size of what is sent over a slow uplink. */
export const patienceFor = (bytes: number): number => PATIENCE_MS + Math.ceil(bytes / SLOWEST_UPLINK);

/** Sends JSON (or a file's text) to the server. Never throws: no answer is an issue like any other. */
export async function send<T>(
  path: string,
  body: unknown,
  method: 'POST' | 'DELETE' | 'PUT' = 'POST',
): Promise<Sent<T>> {
  const isFile = body instanceof Blob;
  const content = isFile ? body : JSON.stringify(body);
  return answered(path, {
    method,
    headers: { 'Content-Type': isFile ? 'application/octet-stream' : 'application/json' },
    body: content,
    ...(typeof content === 'string' ? { signal: AbortSignal.timeout(patienceFor(content.length)) } : {}),
  });
}

/** Asks the server for something. Never throws either. */
export function ask<T>(path: string): Promise<Sent<T>> {
  return answered(path, { signal: AbortSignal.timeout(PATIENCE_MS), cache: 'no-store' });
}

async function answered<T>(path: string, init: RequestInit): Promise<Sent<T>> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch {
    return { ok: false, issues: [NO_ANSWER] };
  }
  try {
    const answer = (await response.json()) as Partial<Sent<T>>;
    if (answer.ok === true || (answer.ok === false && Array.isArray(answer.issues))) return answer as Sent<T>;
  } catch {
    // No JSON: said below.
  }
  return { ok: false, issues: [SERVER_FAULT] };
}

/** Does the server answer at all? Asked where something did not get through, before the rest is tried. */
export async function isAnswering(): Promise<boolean> {
  try {
    return (await fetch('/api/alive', { signal: AbortSignal.timeout(ALIVE_PATIENCE_MS), cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}
