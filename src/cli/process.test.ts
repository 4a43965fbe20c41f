import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = resolve(import.meta.dirname, '../..');

/** The command line as a program of its own, as it is called from a shell. */
function ubbet(args: string[], input: string) {
  const { status, stdout, stderr } = spawnSync('npm', ['run', '--silent', 'ubbet', '--', ...args], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
  });
  // npm itself may warn about the user's own configuration.
  const said = stderr.split('\n').filter((line) => line !== '' && !line.startsWith('npm '));
  return { status, stdout, said };
}

const SLOW = 60_000;

describe('the program', () => {
  it(
    'answers with one JSON document and exit code 0',
    () => {
      const input = { on: '2027-05-01', thoroughness: 'bees-on', cellsRemoved: false, clipped: false };
      const { status, stdout, said } = ubbet(['next-inspection', '--on', '2027-05-01'], JSON.stringify(input));
      expect([status, said]).toEqual([0, []]);
      expect(JSON.parse(stdout)).toEqual({ ideal: '2027-05-04', latest: '2027-05-05', hiddenAge: 3 });
    },
    SLOW,
  );

  it(
    'refuses bad input with exit code 2, one JSON object on standard error and nothing on standard output',
    () => {
      const input = { on: '2027-05-32', thoroughness: 'bees-on', cellsRemoved: false, clipped: false, temper: 'calm' };
      const { status, stdout, said } = ubbet(['next-inspection'], JSON.stringify(input));
      expect([status, stdout, said.length]).toEqual([2, '', 1]);
      const { error } = JSON.parse(said[0] ?? '');
      expect(error.code).toBe('not-a-date');
      expect(error.issues.map(({ path }: { path: string[] }) => path)).toEqual([['on'], ['temper']]);
      for (const issue of error.issues) expect(Object.keys(issue).sort()).toEqual(['code', 'message', 'path']);
    },
    SLOW,
  );
});
