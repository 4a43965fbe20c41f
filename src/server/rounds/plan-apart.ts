import 'server-only';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Fortnight, FortnightAsked } from '../../core/rounds/plan-fortnight';
import { SECONDS_AT_MOST } from '../../core/rounds/plan-rounds';

/**
 * Somebody plans a fortnight; null: it could not be done.
 *
 * @param question names what is asked: the same question has the same name
 */
export type Planner = (asked: FortnightAsked, question: string) => Promise<Fortnight | null>;

/** So many answers are remembered, the last ones: a day that is gone back to, or something that was taken back, asks what was asked before. */
const MOST_REMEMBERED = 16;

/** A planner that is not asked again what it answered lately. What it could not do it is asked again. */
export function remembering(plan: Planner): Planner {
  const answered = new Map<string, Fortnight>();
  return async (asked, question) => {
    const known = answered.get(question);
    if (known) return known;
    const fortnight = await plan(asked, question);
    if (fortnight) answered.set(question, fortnight);
    for (const oldest of answered.keys()) {
      if (answered.size <= MOST_REMEMBERED) break;
      answered.delete(oldest);
    }
    return fortnight;
  };
}

interface Waiting {
  readonly settle: (fortnight: Fortnight | null) => void;
  readonly timer: NodeJS.Timeout;
}

/**
 * Plans in a thread of its own, so that nothing waits for it. A planner that fails or hangs is given up, and the next question has another.
 *
 * @param file what runs in the thread; where it is not there nothing is planned
 * @param hangsAfterMs no answer comes later than this
 */
export function plannerIn(file: string, hangsAfterMs: number): (asked: FortnightAsked) => Promise<Fortnight | null> {
  let worker: Worker | null = null;
  let nextId = 0;
  const waiting = new Map<number, Waiting>();

  const settle = (id: number, fortnight: Fortnight | null) => {
    const one = waiting.get(id);
    if (!one) return;
    clearTimeout(one.timer);
    waiting.delete(id);
    one.settle(fortnight);
  };
  /** Ends the thread and gives up what waits for it; the next question begins another. */
  const giveUp = () => {
    const ended = worker;
    worker = null;
    for (const id of [...waiting.keys()]) settle(id, null);
    void ended?.terminate();
  };
  const begun = (): Worker | null => {
    if (worker) return worker;
    if (!existsSync(/* turbopackIgnore: true */ file)) return null;
    const made = new Worker(/* turbopackIgnore: true */ file);
    made.unref();
    made.on('message', ({ id, fortnight }: { id: number; fortnight?: Fortnight }) => settle(id, fortnight ?? null));
    const failed = () => {
      if (worker === made) giveUp();
    };
    made.on('error', failed);
    made.on('exit', failed);
    worker = made;
    return made;
  };
  return (asked) =>
    new Promise((answer) => {
      const thread = begun();
      if (!thread) return answer(null);
      const id = nextId;
      nextId += 1;
      const timer = setTimeout(giveUp, hangsAfterMs);
      timer.unref();
      waiting.set(id, { settle: answer, timer });
      try {
        thread.postMessage({ id, asked });
      } catch {
        // What cannot be handed over cannot be planned.
        settle(id, null);
      }
    });
}

/** Two questions, and what it takes to load the solver. */
const HANGS_AFTER_MS = (2 * SECONDS_AT_MOST + 4) * 1000;

/** The planner of the built application. */
export const planApart: Planner = remembering(
  plannerIn(join(/* turbopackIgnore: true */ process.cwd(), '.next', 'solver', 'rounds-worker.mjs'), HANGS_AFTER_MS),
);
