import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { readApart } from './read-apart';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-reader-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A reader that does this with the file. */
const reader = (name: string, does: string) => {
  const file = join(folder, `${name}.mjs`);
  writeFileSync(file, `import { parentPort, workerData } from 'node:worker_threads';\n${does}\n`);
  return { file, within: 1_500, memoryMb: 64 };
};
const read = (by: ReturnType<typeof reader>) => readApart('season', 'a file', null, by);
const whole = (text: string) =>
  `parentPort.postMessage({ whole: { ok: true, value: ${text} }, lists: [] }); setInterval(() => {}, 1000);`;

it('a file is read in a thread, which ends with it', async () => {
  expect(await read(reader('echo', whole('workerData.text')))).toEqual({ ok: true, value: 'a file' });
});

it('a reader that does not come to an end, fills the memory, throws or ends without a word keeps nobody waiting', async () => {
  let answered = 0;
  const timer = setInterval(() => {
    answered += 1;
  }, 20);
  expect(await read(reader('for-ever', 'for (;;) {}'))).toMatchObject({
    ok: false,
    issues: [{ code: 'too-large', message: { says: 'problems/file-took-too-long' } }],
  });
  clearInterval(timer);
  expect(answered).toBeGreaterThan(20);
  expect(await read(reader('full', 'const all = []; for (;;) all.push(new Array(1000).fill({}));'))).toMatchObject({
    ok: false,
    issues: [{ code: 'too-large', message: { says: 'problems/file-filled-memory' } }],
  });
  await expect(read(reader('throws', "throw new Error('broke');"))).rejects.toThrow('broke');
  await expect(read(reader('silent', ''))).rejects.toThrow('without an answer');
  // And the next is read as ever.
  expect(await read(reader('after', whole('1')))).toEqual({ ok: true, value: 1 });
});
