import 'server-only';
import { createContext, Script } from 'node:vm';

/** It came to an end with a value, it threw, or it was ended because it took too long. */
export type Ended<T> =
  | { readonly how: 'done'; readonly value: T }
  | { readonly how: 'threw'; readonly error: unknown }
  | { readonly how: 'too-long' };

const CALL = new Script('run()', { filename: 'within-time' });
/** One for all: to make one takes longer than most of what is run in it. */
const HERE: { run: (() => unknown) | null } = { run: null };
createContext(HERE);

/**
 * Runs something that only reckons, and ends it where it takes longer than that, wherever it is: a loop that never ends cannot keep
 * everybody else from being answered. It must not write, nor ask the database: it may be ended between any two of its steps.
 *
 * @param ms from when on it is ended
 * @example withinTime(2_000, () => { for (;;); }) // { how: 'too-long' }, after two seconds
 */
export function withinTime<T>(ms: number, run: () => T): Ended<T> {
  const outer = HERE.run;
  HERE.run = run;
  try {
    return { how: 'done', value: CALL.runInContext(HERE, { timeout: ms }) as T };
  } catch (error) {
    const isTimeUp = (error as { code?: unknown } | null)?.code === 'ERR_SCRIPT_EXECUTION_TIMEOUT';
    return isTimeUp ? { how: 'too-long' } : { how: 'threw', error };
  } finally {
    HERE.run = outer;
  }
}
