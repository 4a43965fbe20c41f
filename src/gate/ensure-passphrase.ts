import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';
import type { AccessFile } from './access-file';
import { hashPassphrase, passphraseFault } from './passphrase';

type Environment = Readonly<Record<string, string | undefined>>;

/**
 * Sees that there is a passphrase before Ubbet is opened to others: from a file or the environment, or asked for where somebody sits
 * at a terminal. Without one it says how to give it, and never waits for an answer that nobody can give.
 *
 * @returns why it cannot go on; null: there is one
 */
export async function ensurePassphrase(access: AccessFile, env: Environment): Promise<readonly string[] | null> {
  const given = givenPassphrase(env);
  if (given === null && access.read().passphrase !== null) return null;
  const passphrase = given ?? (process.stdin.isTTY ? await askForPassphrase() : null);
  if (passphrase === null) {
    return [
      'Opening Ubbet to the network needs a passphrase first, and none is set.',
      'Set one with: npm run passphrase',
      'or put it into a file and start with UBBET_PASSPHRASE_FILE=/path/to/that/file.',
    ];
  }
  const fault = passphraseFault(passphrase);
  if (fault) return ['That passphrase is not taken.', fault];
  await storePassphrase(access, passphrase);
  return null;
}

/** A new passphrase: whoever was signed in by the old one is shut out. */
export async function storePassphrase(access: AccessFile, passphrase: string): Promise<void> {
  const hash = await hashPassphrase(passphrase);
  access.change((so) => ({ ...so, passphrase: hash, devices: [] }));
}

export function givenPassphrase(env: Environment): string | null {
  const { UBBET_PASSPHRASE_FILE: file, UBBET_PASSPHRASE: given } = env;
  if (file) return readFileSync(file, 'utf8').replace(/\r?\n$/, '');
  return given ?? null;
}

/** Asks twice at the terminal, without showing what is typed; null: the two differ, or it does not do. */
export async function askForPassphrase(): Promise<string | null> {
  const silent = new Writable({ write: (_chunk, _encoding, done) => done() });
  const terminal = createInterface({ input: process.stdin, output: silent, terminal: true });
  const ask = async (question: string) => {
    process.stdout.write(`  ${question} `);
    const answer = await terminal.question('');
    process.stdout.write('\n');
    return answer;
  };
  try {
    for (;;) {
      const first = await ask('A passphrase for this book, three or four words (it is not shown):');
      const fault = passphraseFault(first);
      if (fault) process.stdout.write(`  ${fault}\n`);
      else if ((await ask('The same once more:')) === first) return first;
      else process.stdout.write('  The two differ. Once again.\n');
    }
  } finally {
    terminal.close();
  }
}
