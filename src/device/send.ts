import type { Issue } from '../core/problems/issue';

/** A signal that brings nothing within this time counts as none. */
const PATIENCE_MS = 15_000;

export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** What is said where nobody answers: an issue like any other. */
export const NO_ANSWER: Issue = {
  path: [],
  code: 'no-answer',
  message: 'The server does not answer. What you entered is still here; try again in a moment.',
};

/** Sends JSON (or a file's text) to the server. Never throws: no answer is an issue like any other. */
export async function send<T>(
  path: string,
  body: unknown,
  method: 'POST' | 'DELETE' | 'PUT' = 'POST',
): Promise<Sent<T>> {
  const isFile = body instanceof Blob;
  try {
    const response = await fetch(path, {
      method,
      headers: { 'Content-Type': isFile ? 'application/octet-stream' : 'application/json' },
      body: isFile ? body : JSON.stringify(body),
      ...(isFile ? {} : { signal: AbortSignal.timeout(PATIENCE_MS) }),
    });
    return (await response.json()) as Sent<T>;
  } catch {
    return { ok: false, issues: [NO_ANSWER] };
  }
}
