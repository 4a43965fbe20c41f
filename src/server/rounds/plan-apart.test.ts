import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { FortnightAsked } from '../../core/rounds/plan-fortnight';
import { plannerIn, remembering } from './plan-apart';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-planner-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const worker = (name: string, onMessage: string) => {
  const file = join(folder, `${name}.mjs`);
  writeFileSync(
    file,
    `import { parentPort } from 'node:worker_threads';\nparentPort.on('message', (question) => { ${onMessage} });\n`,
  );
  return file;
};
const asked = { visits: [] } as unknown as FortnightAsked;

describe('a planner in a thread of its own', () => {
  it('answers each question by its number, in whichever order', async () => {
    const echo = worker(
      'echo',
      'setTimeout(() => parentPort.postMessage({ id: question.id, fortnight: { rounds: [], told: question.asked.told } }), 30 - question.id * 20)',
    );
    const plan = plannerIn(echo, 2_000);
    const told = (n: number) => plan({ ...asked, told: n } as never) as Promise<unknown>;
    expect(await Promise.all([told(1), told(2)])).toEqual([
      { rounds: [], told: 1 },
      { rounds: [], told: 2 },
    ]);
  });

  it('that is not there, says that it failed, throws or ends, gives no plan', async () => {
    expect(await plannerIn(join(folder, 'none.mjs'), 1_000)(asked)).toBeNull();
    expect(
      await plannerIn(worker('says', 'parentPort.postMessage({ id: question.id, fault: "x" })'), 1_000)(asked),
    ).toBeNull();
    expect(await plannerIn(worker('throws', 'throw new Error("broken")'), 1_000)(asked)).toBeNull();
    expect(await plannerIn(worker('ends', 'process.exit(3)'), 1_000)(asked)).toBeNull();
  });

  it('that cannot be handed the question gives no plan, and goes on', async () => {
    const plan = plannerIn(
      worker('hears', 'parentPort.postMessage({ id: question.id, fortnight: { rounds: [] } })'),
      2_000,
    );
    expect(await plan({ ...asked, ask: () => {} } as never)).toBeNull();
    expect(await plan(asked)).toEqual({ rounds: [] });
  });

  it('that hangs is given up, with all that waits for it, and begun anew', async () => {
    const hangs = worker(
      'hangs',
      'if (question.asked.hang) for (;;) {} else parentPort.postMessage({ id: question.id, fortnight: { rounds: [] } })',
    );
    const plan = plannerIn(hangs, 400);
    expect(await Promise.all([plan({ ...asked, hang: true } as never), plan(asked)])).toEqual([null, null]);
    // A thread may take longer to begin than this planner waits.
    await vi.waitFor(async () => expect(await plan(asked)).toEqual({ rounds: [] }), { timeout: 60_000 });
  });

  it('is not asked again what it answered lately, and is what it could not do', async () => {
    let times = 0;
    const plan = remembering(async () => {
      times += 1;
      return times === 1 ? null : ({ rounds: [], unmet: [], times } as never);
    });
    expect(await plan(asked, 'a')).toBeNull();
    const first = await plan(asked, 'a');
    expect([await plan(asked, 'a'), times]).toEqual([first, 2]);
    for (let n = 0; n < 16; n++) await plan(asked, `other ${n}`);
    expect(await plan(asked, 'a')).not.toBe(first);
  });
});
