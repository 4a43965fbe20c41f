import 'server-only';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Fortnight, FortnightAsked } from '../../core/rounds/plan-fortnight';
import { SECONDS_AT_MOST } from '../../core/rounds/plan-rounds';

/** Somebody plans a fortnight; null: it could not be done. */
export type Planner = (asked: FortnightAsked) => Promise<Fortnight | null>;

/** Two questions, and what it takes to load the solver: later than this it hangs. */
const HANGS_AFTER_MS = (2 * SECONDS_AT_MOST + 4) * 1000;

interface Waiting {
  readonly id: number;
  readonly settle: (fortnight: Fortnight | null) => void;
  readonly timer: NodeJS.Timeout;
}

let worker: Worker | null = null;
let nextId = 0;
const waiting = new Map<number, Waiting>();

function settle(id: number, fortnight: Fortnight | null): void {
  const one = waiting.get(id);
  if (!one) return;
  clearTimeout(one.timer);
  waiting.delete(id);
  one.settle(fortnight);
}

/** Ends the worker and gives up what waits for it; the next question begins another. */
function giveUp(): void {
  const ended = worker;
  worker = null;
  for (const id of [...waiting.keys()]) settle(id, null);
  void ended?.terminate();
}

function begun(): Worker | null {
  if (worker) return worker;
  const file = join(/* turbopackIgnore: true */ process.cwd(), '.next', 'solver', 'rounds-worker.mjs');
  if (!existsSync(file)) return null;
  const made = new Worker(file);
  made.unref();
  made.on('message', ({ id, fortnight }: { id: number; fortnight?: Fortnight }) => settle(id, fortnight ?? null));
  const failed = () => {
    if (worker === made) giveUp();
  };
  made.on('error', failed);
  made.on('exit', failed);
  worker = made;
  return made;
}

/** Plans in a thread of its own, so that nothing waits for it. A planner that fails or hangs is given up, and the next question has another. */
export const planApart: Planner = (asked) =>
  new Promise((answer) => {
    const thread = begun();
    if (!thread) return answer(null);
    const id = nextId;
    nextId += 1;
    const timer = setTimeout(giveUp, HANGS_AFTER_MS);
    timer.unref();
    waiting.set(id, { id, settle: answer, timer });
    thread.postMessage({ id, asked });
  });
