import { mkdtempSync, rmSync } from 'node:fs';
import { IncomingMessage, ServerResponse } from 'node:http';
import { Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { AccessFile, type Role } from './access-file';
import { SESSION_COOKIE } from './cookies';
import { enter } from './gate';
import { hashPassphrase } from './passphrase';
import { ROUTES } from './routes';
import { makeReaderLink, signIn } from './sessions';
import { DISGUISES, HEADER_DISGUISES } from './testing';
import { Tries } from './tries';

const NOW = new Date('2027-05-16T12:00:00Z');
let folder: string;
let access: AccessFile;
const cookies: Record<'nobody' | 'reader', string> = { nobody: '', reader: '' };
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-disguises-'));
  access = new AccessFile(join(folder, 'season.access.json'));
  const passphrase = await hashPassphrase('three blind hives');
  access.change((so) => ({ ...so, passphrase, onThisMachine: true }));
  makeReaderLink(access, NOW);
  cookies.reader = signIn(access, { name: 'mentor', role: 'reader', isTrusted: true }, NOW).token;
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Where an application that is easily taken in would go: it decodes and resolves as long as there is something to. */
function takenIn(url: string): string {
  let path = url.split('?', 1)[0] as string;
  for (let n = 0; n < 6; n++) {
    const next = new URL(decodeURIComponent(path).replaceAll('\\', '/').replace(/\/+/g, '/'), 'http://x').pathname;
    if (next === path) break;
    path = next;
  }
  return path.toLowerCase();
}

/** What the application is asked for by a disguised request; null: it never hears of it. */
async function reached(url: string, isSecure: boolean, cookie: string, headers: Readonly<Record<string, string>>) {
  let seen: { readonly path: string; readonly headers: IncomingMessage['headers'] } | null = null;
  const request = new IncomingMessage(new Socket());
  request.url = url;
  request.method = 'GET';
  Object.assign(request.headers, headers, {
    host: isSecure ? 'ubbet.local:4643' : '127.0.0.1:4620',
    ...(cookie === '' ? {} : { cookie: `${SESSION_COOKIE}=${cookie}` }),
  });
  const ask = enter(
    {
      access,
      tries: new Tries(),
      hosts: () => ({ port: 4620, network: { names: ['ubbet.local'], port: 4643 }, proxied: [] }),
      now: () => NOW,
      inside: (asked) => {
        seen = { path: takenIn(asked.url ?? ''), headers: asked.headers };
      },
    },
    { isSecure },
  );
  await ask(request, new ServerResponse(request));
  return seen as { readonly path: string; readonly headers: IncomingMessage['headers'] } | null;
}

const closedTo = (role: Role | null) =>
  Object.entries(ROUTES).flatMap(([path, { looks }]) =>
    looks === 'keeper' || (role === null && looks === 'reader') ? [path.replaceAll(/\[\w+\]/g, '7')] : [],
  );

it.each([
  ['nobody', null],
  ['reader', 'reader'],
] as const)('no disguise leads %s to what is closed, by either door', async (who, role) => {
  const closed = new Set(closedTo(role));
  const got: string[] = [];
  let tried = 0;
  for (const path of closed)
    for (const isSecure of [false, true]) {
      const disguised = [
        ...DISGUISES.map((disguise) => [disguise(path), {}] as const),
        ...HEADER_DISGUISES.map((disguise) => ['/icon.svg', disguise(path)] as const),
      ];
      for (const [url, headers] of disguised) {
        tried += 1;
        const inside = await reached(url, isSecure, cookies[who], headers);
        if (inside && closed.has(inside.path)) got.push(url);
        if (inside) expect(inside.headers['x-ubbet-role'], url).toBe('reader');
        for (const name of Object.keys(headers))
          if (name !== 'x-ubbet-role') expect(inside?.headers[name]).toBeUndefined();
      }
    }
  expect(got).toEqual([]);
  expect(tried).toBeGreaterThan(role === null ? 5000 : 900);
});

it('an application that is easily taken in would have been', () => {
  // The judge sees what it is to see.
  expect(takenIn('/_next/static/../../api/season/export')).toBe('/api/season/export');
  expect(takenIn('/_next/static/%252e%252e/%2e%2e/data')).toBe('/data');
});
