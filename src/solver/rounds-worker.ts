import { parentPort } from 'node:worker_threads';
import { type FortnightAsked, planFortnight } from '../core/rounds/plan-fortnight';
import { highsSolver } from './highs';

/** A question for the worker, by a number that comes back with its answer. */
export interface RoundsQuestion {
  readonly id: number;
  readonly asked: FortnightAsked;
}

/**
 * Plans rounds in a thread of its own, one question after the other: while it works, everything else goes on. What fails is told by an answer
 * without a plan.
 */
const port = parentPort;
if (!port) throw new Error('The planner runs in a worker thread alone');
const solver = highsSolver();
port.on('message', async ({ id, asked }: RoundsQuestion) => {
  try {
    const fortnight = planFortnight(asked, await solver, () => performance.now() / 1000);
    port.postMessage({ id, fortnight });
  } catch (error) {
    port.postMessage({ id, fault: String(error) });
  }
});
