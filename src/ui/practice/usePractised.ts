'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod/mini';
import { EXERCISES, type Exercise, type Marked } from '../../core/practice/exercise';
import { GRADES, type Practised, practisedOf } from '../../core/practice/review';
import { keepHere, keptHere } from '../../device/kept-here';
import { sendPractised } from './send-practised';

const KEPT_AS = 'ubbet-practice';
/** Older answers tell nothing any more. */
const KEPT_AT_MOST = 3000;

interface Kept {
  readonly practised: readonly Practised[];
  /** It is kept in the book as well. */
  readonly isInBook: boolean;
}
const NOTHING: Kept = { practised: [], isInBook: false };

const practisedKept = z.object({
  id: z.string(),
  at: z.string(),
  kind: z.enum(EXERCISES),
  skill: z.string(),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  seed: z.int(),
  isRight: z.boolean(),
  daysOff: z.nullable(z.number()),
  grade: z.enum(GRADES),
});
const kept = z.object({ practised: z.array(practisedKept), isInBook: z.boolean() });
const fromBook = z.array(practisedKept);

/** What a device has of it; what cannot be read counts for nothing. */
function read(): Kept {
  const read = kept.safeParse(keptHere(KEPT_AS));
  return read.success ? read.data : NOTHING;
}

const inOrder = (a: Practised, b: Practised): number => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1);

/** Both together, in order of time, each once, the latest of them. */
const joined = (one: readonly Practised[], other: readonly Practised[]): readonly Practised[] =>
  [...new Map([...one, ...other].map((done) => [done.id, done])).values()].sort(inOrder).slice(-KEPT_AT_MOST);

/** What was practised, on this device, and in the book where the keeper has it so. */
export function usePractised() {
  const [all, setAll] = useState<Kept | null>(null);
  const [isKept, setKept] = useState(true);
  const [isSent, setSent] = useState(true);
  const known = useRef<ReadonlySet<string>>(new Set());

  const put = useCallback((next: Kept) => {
    setAll(next);
    setKept(keepHere(KEPT_AS, next));
  }, []);

  /** Sends what the book has not, and takes over what it has. Without a signal it is for the next time. */
  const share = useCallback(
    async (practised: readonly Practised[]) => {
      const missing = practised.filter(({ id }) => !known.current.has(id));
      const book = fromBook.safeParse(await sendPractised(missing));
      setSent(book.success);
      if (!book.success) return;
      known.current = new Set(book.data.map(({ id }) => id));
      const now = read();
      if (now.isInBook) put({ ...now, practised: joined(book.data, now.practised) });
    },
    [put],
  );

  useEffect(() => {
    const here = read();
    setAll(here);
    if (here.isInBook) void share(here.practised);
  }, [share]);

  const note = useCallback(
    (exercise: Exercise, marked: readonly Marked[]) => {
      const before = read();
      const done = practisedOf(exercise, marked, { id: crypto.randomUUID(), at: new Date().toISOString() });
      const practised = joined(before.practised, [done]);
      put({ ...before, practised });
      if (before.isInBook) void share(practised);
    },
    [put, share],
  );
  const keepInBook = useCallback(
    (isInBook: boolean) => {
      const now = { ...read(), isInBook };
      put(now);
      if (isInBook) void share(now.practised);
    },
    [put, share],
  );
  /** Forgets all of it, in the book as well where it is kept there; false: the book could not be reached, and nothing is forgotten. */
  const forget = useCallback(async (): Promise<boolean> => {
    if (read().isInBook && (await sendPractised('forget')) === null) return false;
    known.current = new Set();
    put(NOTHING);
    return true;
  }, [put]);
  return {
    /** Null: not read yet. */
    practised: all?.practised ?? null,
    isInBook: all?.isInBook ?? false,
    /** False: this device keeps nothing. */
    isKept,
    /** False: the book has not got all of it yet. */
    isSent,
    note,
    keepInBook,
    forget,
  };
}
