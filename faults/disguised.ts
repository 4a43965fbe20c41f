import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request as plainly } from 'node:http';
import { request as securely } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../e2e/server';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { DISGUISES, HEADER_DISGUISES } from '../src/gate/testing';
import { insertAllFacts } from '../src/server/season/season-facts';
import { start } from './server';

const PASSPHRASE = 'three blind hives';
/** What nobody is to have, and of it what a reader is not to have either. */
const READERS_TOO = ['/', '/colonies', '/season', '/hive', '/api/pack'] as const;
const KEEPERS = [
  '/data',
  '/data/bring-in',
  '/settings',
  '/phone',
  '/api/season/export',
  '/api/csv/all',
  '/api/backups',
  '/api/calendar',
] as const;

export interface DisguiseTally {
  [what: string]: number;
  tried: number;
  /** Answered with what was closed to whoever asked. */
  gotIn: number;
  errors: number;
}

interface Answer {
  readonly status: number;
  readonly body: string;
  readonly cookies: readonly string[];
}

/** Asks for a path to the letter, as no browser would. */
function ask(
  door: URL,
  path: string,
  headers: Readonly<Record<string, string>>,
  method = 'GET',
  body = '',
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const make = door.protocol === 'https:' ? securely : plainly;
    const asked = make(
      {
        host: '127.0.0.1',
        port: door.port,
        path,
        method,
        rejectUnauthorized: false,
        servername: door.hostname,
        headers: { Host: door.host, ...headers },
      },
      (response) => {
        let text = '';
        response.setEncoding('utf8').on('data', (chunk) => {
          text += chunk;
        });
        response.on('end', () =>
          resolve({ status: response.statusCode ?? 0, body: text, cookies: response.headers['set-cookie'] ?? [] }),
        );
      },
    );
    asked.on('error', reject);
    asked.end(body);
  });
}

/** By what a page or a file is known again, whoever it is made for. */
const markOf = (body: string): string => /<title>[^<]+<\/title>/.exec(body)?.[0] ?? body.slice(0, 24);

/**
 * Asks for everything that is closed in every disguise, by both doors, as nobody, with a cookie made up, and as a reader.
 *
 * @param nth only each nth of them
 */
export async function disguised(say: (line: string) => void, nth = 1): Promise<DisguiseTally> {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-disguised-'));
  const book = join(folder, 'season.sqlite');
  const fresh = openDatabase(book);
  fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  fresh.sqlite.close();
  writeFileSync(join(folder, 'passphrase'), `${PASSPHRASE}\n`);
  const [secure, certificate] = [await freePort(), await freePort()];
  const server = await start(book, {
    UBBET_DEMO: '1',
    UBBET_NETWORK: '1',
    UBBET_PASSPHRASE_FILE: join(folder, 'passphrase'),
    UBBET_HTTPS_PORT: String(secure),
    UBBET_CERTIFICATE_PORT: String(certificate),
  });
  const tally: DisguiseTally = { tried: 0, gotIn: 0, errors: 0 };
  const doors = [new URL(server.url), new URL(`https://ubbet.local:${secure}`)];
  const [here, network] = doors as [URL, URL];
  const cookieOf = ({ cookies }: Answer) =>
    (cookies.find((one) => one.startsWith('ubbet-session=')) ?? '').split(';')[0] as string;
  // The second door is there a moment after the first.
  for (let wait = 0; wait < 100; wait++) {
    const there = await ask(network, '/api/alive', {}).catch(() => null);
    if (there?.status === 200) break;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  const form = { 'Content-Type': 'application/x-www-form-urlencoded', Origin: `http://${here.host}` };
  const signedIn = await ask(
    here,
    '/sign-in',
    form,
    'POST',
    new URLSearchParams({ passphrase: PASSPHRASE }).toString(),
  );
  const keeper = { Cookie: cookieOf(signedIn), Origin: `http://${here.host}`, 'Content-Type': 'application/json' };
  const onThisMachine = JSON.stringify({ passphrase: PASSPHRASE, onThisMachine: true });
  await ask(here, '/api/access/passphrase', keeper, 'POST', onThisMachine);
  const link = JSON.parse((await ask(here, '/api/access/reader-link', keeper, 'POST', '{}')).body) as {
    value: { path: string };
  };
  const reader = cookieOf(await ask(here, link.value.path, {}));
  const marks = new Map<string, string>();
  for (const path of [...READERS_TOO, ...KEEPERS]) marks.set(path, markOf((await ask(here, path, keeper)).body));

  const askers = { nobody: '', 'a cookie made up': 'ubbet-session=a.b', 'a reader': reader };
  for (const [who, cookie] of Object.entries(askers)) {
    const closed = who === 'a reader' ? KEEPERS : [...READERS_TOO, ...KEEPERS];
    const asked = closed.flatMap((path) => [
      ...DISGUISES.map((disguise) => [disguise(path), {}] as const),
      ...HEADER_DISGUISES.map((disguise) => ['/icon.svg', disguise(path)] as const),
    ]);
    for (const door of doors)
      for (const [path, headers] of asked.filter((_, i) => i % nth === 0)) {
        tally.tried += 1;
        const answer = await ask(door, path, { ...headers, ...(cookie === '' ? {} : { Cookie: cookie }) }).catch(
          () => null,
        );
        if (!answer) continue;
        if (answer.status >= 500) tally.errors += 1;
        const got = answer.status === 200 && closed.find((one) => answer.body.includes(marks.get(one) as string));
        if (!got) continue;
        tally.gotIn += 1;
        say(`${who} got ${got} by ${path} ${JSON.stringify(headers)} (${door.protocol})`);
      }
  }
  await server.kill();
  rmSync(folder, { recursive: true, force: true });
  return tally;
}
