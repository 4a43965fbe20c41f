import { LIMITS } from '../../core/facts/limits';
import type { Practised } from '../../core/practice/review';

async function post(body: object): Promise<unknown> {
  try {
    const response = await fetch('/api/practice', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer: unknown = await response.json();
    return response.ok && typeof answer === 'object' && answer !== null && 'value' in answer ? answer.value : null;
  } catch {
    return null;
  }
}

/** Sends what was practised to the book, or has it forget all; what the book has then, or null where it did not answer. */
export async function sendPractised(practised: readonly Practised[] | 'forget'): Promise<unknown> {
  if (practised === 'forget') return post({ kind: 'forgotten' });
  let book: unknown = null;
  for (let from = 0; from === 0 || from < practised.length; from += LIMITS.practisedAtOnce) {
    book = await post({ kind: 'kept', practised: practised.slice(from, from + LIMITS.practisedAtOnce) });
    if (book === null) return null;
  }
  return book;
}
