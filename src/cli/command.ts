import type { z } from 'zod';
import type { Day } from '../core/calendar/day';
import type { Answer, IssueInWords } from '../words/issues';

/** One command: what it reads, which of its dates must not lie in the future, and what it answers. */
export interface Command<S extends z.ZodType = z.ZodType> {
  readonly input: S;
  /** Whether `--on` says something to it; absent: it does. */
  readonly takesDay?: boolean;
  /** The days on which something was seen or done. Days to come, such as one already due, are not among them. */
  readonly pastDays: (input: z.output<S>) => readonly { readonly path: IssueInWords['path']; readonly day: Day }[];
  /**
   * The answer, with days written as text.
   *
   * @param on the day it is asked; null: not said
   */
  readonly run: (input: z.output<S>, on: Day | null) => Answer<unknown> | Promise<Answer<unknown>>;
}

/** Keeps the input's type between its three parts. */
export function command<S extends z.ZodType>(parts: Command<S>): Command<S> {
  return parts;
}
