import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { AccessFile } from './access-file';
import { decide } from './decide';
import { ensurePassphrase } from './ensure-passphrase';
import { enter } from './gate';
import { hostsIn, isPrivateAddress, wayOf } from './hosts';
import { hashPassphrase, passphraseFault } from './passphrase';
import { routeOf } from './routes';
import { deviceOf, isReaderLink, makeReaderLink, signIn, TRUSTED_FOR_DAYS } from './sessions';
import { pathToGoOn } from './sign-in-page';
import { Tries } from './tries';

const hosts = {
  port: 4620,
  network: { names: ['ubbet.local', '192.168.1.20'], port: 4643 },
  proxied: ['bees.home.arpa'],
};
const PASSPHRASE = 'three blind hives';

describe('the host that Ubbet is asked for by', () => {
  it.each([
    ['127.0.0.1:4620', false, 'loopback'],
    ['LOCALHOST:4620', false, 'loopback'],
    ['localhost.:4620', false, 'loopback'],
    ['[::1]:4620', false, 'loopback'],
    ['localhost:4621', false, 'foreign'],
    ['evil.example:4620', false, 'foreign'],
    ['192.168.1.20:4620', false, 'foreign'],
    ['192.168.1.20:4643', true, 'network'],
    ['ubbet.local:4643', true, 'network'],
    ['localhost:4620', true, 'foreign'],
    ['bees.home.arpa', false, 'proxy'],
    ['bees.home.arpa:443', false, 'proxy'],
    [undefined, false, 'foreign'],
  ])('%s, secure %s: %s', (host, isSecure, way) => {
    expect(wayOf(host, isSecure, hosts)).toBe(way);
  });

  it('is taken from the environment as a list', () => {
    expect(hostsIn(' Bees.home.arpa, 192.168.1.4:8443 ,')).toEqual(['bees.home.arpa', '192.168.1.4:8443']);
    expect(hostsIn(undefined)).toEqual([]);
  });

  it('is at home only in a range that the internet does not reach', () => {
    for (const home of ['10.1.2.3', '172.16.0.1', '172.31.9.9', '192.168.0.1', 'fd00::1', 'fe80::1', '::1']) {
      expect(isPrivateAddress(home)).toBe(true);
    }
    for (const outside of ['8.8.8.8', '172.15.0.1', '172.32.0.1', '192.169.0.1', '2001:db8::1', 'ubbet.local']) {
      expect(isPrivateAddress(outside)).toBe(false);
    }
  });
});

describe('who is let in', () => {
  const asked = {
    way: 'network',
    isFromHere: false,
    method: 'GET',
    path: '/',
    role: null,
    isAskedHere: false,
  } as const;
  it.each([
    ['this machine, without a passphrase', { way: 'loopback', isFromHere: true }, 'in owner'],
    ['this machine, where it is asked for', { way: 'loopback', isFromHere: true, isAskedHere: true }, 'sign-in'],
    ['a proxy on this machine', { way: 'loopback' }, 'sign-in'],
    ['the network', {}, 'sign-in'],
    ['the network, signed in', { role: 'owner', method: 'POST', path: '/api/settings' }, 'in owner'],
    ['a built file', { path: '/_next/static/x.js' }, 'in reader'],
    ['a built file that is written', { path: '/_next/static/x.js', method: 'POST' }, 'sign-in'],
    ['the calendar, by its own secret', { path: '/calendar/abc.ics' }, 'in reader'],
    ['a device, by a key of its own', { path: '/api/scale', method: 'POST' }, 'in reader'],
    ['a device that would read', { path: '/api/scale' }, 'sign-in'],
    ['beside the address of devices', { path: '/api/scale-files', method: 'POST' }, 'sign-in'],
    ['a device under a foreign name', { way: 'foreign', path: '/api/weather', method: 'POST' }, 'foreign'],
    ['below the calendar', { path: '/calendar/abc/more' }, 'sign-in'],
    ['a reader who looks', { role: 'reader' }, 'in reader'],
    ['a reader who writes', { role: 'reader', method: 'POST', path: '/api/settings' }, 'readers-look-only'],
    ['a reader who takes the book away', { role: 'reader', path: '/api/season/export' }, 'readers-look-only'],
    ['a reader who takes it as spreadsheets', { role: 'reader', path: '/api/csv/all' }, 'readers-look-only'],
    [
      'a reader who asks what a sheet is held against',
      { role: 'reader', path: '/api/brought-in/book' },
      'readers-look-only',
    ],
    ['a reader at the settings', { role: 'reader', path: '/settings' }, 'readers-look-only'],
    ['a reader at what is nowhere', { role: 'reader', path: '/api/season/nothing' }, 'nowhere reader'],
    ['a keeper at what is nowhere', { role: 'owner', path: '/_next/image' }, 'nowhere owner'],
    ['nobody at what is nowhere', { path: '/_next/image' }, 'sign-in'],
    ['a keeper who writes to a page', { role: 'owner', method: 'POST', path: '/colonies' }, 'not-that-way owner'],
    ['a method that there is not', { role: 'owner', method: 'PROPFIND', path: '/api/settings' }, 'not-that-way owner'],
    ['a reader at the pack that her phone takes along', { role: 'reader', path: '/api/pack' }, 'in reader'],
    ['a foreign name, signed in', { way: 'foreign', role: 'owner' }, 'foreign'],
  ] as const)('%s', (_, over, expected) => {
    const { path, ...rest } = { ...asked, ...over };
    const verdict = decide({ ...rest, route: routeOf(path) });
    expect('as' in verdict ? `${verdict.kind} ${verdict.as}` : verdict.kind).toBe(expected);
  });
});

describe('the front door', () => {
  let folder: string;
  let access: AccessFile;
  let server: Server;
  let port: number;
  let inside: string[];
  let now: Date;
  let proxied: readonly string[];
  beforeEach(async () => {
    proxied = [];
    folder = mkdtempSync(join(tmpdir(), 'ubbet-gate-'));
    access = new AccessFile(join(folder, 'season.access.json'));
    const passphrase = await hashPassphrase(PASSPHRASE, { N: 2 ** 10, r: 8, p: 1 });
    access.change((so) => ({ ...so, passphrase, onThisMachine: true }));
    inside = [];
    now = new Date('2027-05-16T12:00:00Z');
    let known = 0;
    const ask = enter(
      {
        access,
        tries: new Tries(),
        hosts: () => ({ port: known, network: null, proxied }),
        now: () => now,
        inside: (asked, response) => {
          inside.push(`${asked.method} ${asked.url} ${asked.headers['x-ubbet-role']}`);
          response.end('inside');
        },
      },
      { isSecure: false },
    );
    server = createServer((asked, response) => void ask(asked, response));
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    known = (server.address() as AddressInfo).port;
    port = known;
  });
  afterEach(() => {
    server.close();
    rmSync(folder, { recursive: true, force: true });
  });

  const ask = (method: string, path: string, headers: Record<string, string> = {}, body = '') =>
    new Promise<{
      status: number;
      body: string;
      cookie: string | null;
      cookies: readonly string[];
      location: string | null;
    }>((resolve) => {
      request({ host: '127.0.0.1', port, method, path, headers }, (response) => {
        let text = '';
        response.setEncoding('utf8').on('data', (chunk) => {
          text += chunk;
        });
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            body: text,
            cookie: response.headers['set-cookie']?.[0] ?? null,
            cookies: response.headers['set-cookie'] ?? [],
            location: response.headers.location ?? null,
          }),
        );
      }).end(body);
    });
  const form = (passphrase: string, headers: Record<string, string> = {}) =>
    ask(
      'POST',
      '/sign-in',
      { 'Content-Type': 'application/x-www-form-urlencoded', ...headers },
      new URLSearchParams({ passphrase, to: '/hive', name: 'my phone', trusted: 'yes' }).toString(),
    );
  const cookieOf = (set: string | null) => ({ Cookie: (set ?? '').split(';', 1)[0] as string });

  it('asks for the passphrase, lets in whoever gives it, and goes on where they wanted to', async () => {
    expect((await ask('GET', '/hive', { Accept: 'text/html' })).body).toContain('Passphrase of this book');
    expect((await form('not that one')).status).toBe(401);
    const { status, cookie, location } = await form(PASSPHRASE);
    expect([status, location]).toEqual([303, '/hive']);
    expect(cookie).toMatch(/HttpOnly; SameSite=Lax; Max-Age=7776000$/);
    expect((await ask('GET', '/hive', cookieOf(cookie))).body).toBe('inside');
    expect(inside).toEqual(['GET /hive owner']);
  });

  it('answers what is sent without a session so that the device keeps it', async () => {
    const refused = await ask('POST', '/api/inspections', {}, '{}');
    expect([refused.status, JSON.parse(refused.body).issues[0].code]).toEqual([401, 'signed-out']);
    expect(inside).toEqual([]);
  });

  it('lets nobody say for themselves who they are', async () => {
    await ask('GET', '/api/season/export', { 'x-ubbet-role': 'owner' });
    const { cookie } = await form(PASSPHRASE);
    await ask('GET', '/', { ...cookieOf(cookie), 'x-ubbet-role': 'reader' });
    expect(inside).toEqual(['GET / owner']);
  });

  it('counts tries, and says how long to wait', async () => {
    for (let i = 0; i < 6; i++) await form('not that one');
    const late = await form(PASSPHRASE);
    expect([late.status, late.body.includes('Too many tries. Wait 15 minutes')]).toEqual([429, true]);
  });

  it('lets a device on which the passphrase was right once try on, and no stranger with it', async () => {
    const { cookies } = await form(PASSPHRASE);
    const known = cookieOf(cookies.find((one) => one.startsWith('ubbet-known=')) ?? null);
    for (let i = 0; i < 8; i++) await form('not that one');
    expect((await form(PASSPHRASE)).status).toBe(429);
    expect((await form('nor that one', known)).status).toBe(401);
    expect((await form(PASSPHRASE, known)).status).toBe(303);
    expect((await form(PASSPHRASE, { Cookie: 'ubbet-known=x.y' })).status).toBe(429);
  });

  it('behind a proxy lets nobody in without the passphrase, whatever is said of them, and counts tries by whom the proxy names', async () => {
    access.change((so) => ({ ...so, onThisMachine: false }));
    expect((await ask('GET', '/hive')).body).toBe('inside');
    proxied = ['bees.home.arpa'];
    const said: Record<string, string>[] = [{}, { 'X-Forwarded-For': '127.0.0.1' }, { Host: 'bees.home.arpa' }];
    for (const headers of said) expect((await ask('GET', '/hive', headers)).status).toBe(401);
    const by = (address: string) => ({ Host: 'bees.home.arpa', 'X-Forwarded-For': `6.6.6.6, ${address}` });
    for (let i = 0; i < 7; i++) await form('not that one', by('192.0.2.1'));
    expect((await form(PASSPHRASE, by('192.0.2.1'))).status).toBe(429);
    expect((await form(PASSPHRASE, by('192.0.2.2'))).status).toBe(303);
  });

  it('opens a reader’s link on one device, the last, and not for what only looks where it leads', async () => {
    const link = `/read/${makeReaderLink(access, now)}`;
    const readers = () => access.read().devices.filter(({ role }) => role === 'reader').length;
    await ask('HEAD', link);
    expect(readers()).toBe(0);
    const first = cookieOf((await ask('GET', link)).cookie);
    expect((await ask('GET', '/', first)).status).toBe(200);
    for (let i = 0; i < 30; i++) expect((await ask('GET', link, first)).status).toBe(303);
    expect(readers()).toBe(1);
    const second = cookieOf((await ask('GET', link)).cookie);
    expect([(await ask('GET', '/', first)).status, (await ask('GET', '/', second)).status]).toEqual([401, 200]);
    expect(readers()).toBe(1);
  });

  it('shuts a device out, signs out, and ends a session in its time', async () => {
    const { cookie } = await form(PASSPHRASE);
    const [device] = access.read().devices;
    expect(device).toMatchObject({ name: 'my phone', role: 'owner' });
    expect(readFileSync(access.file, 'utf8')).not.toContain((cookie ?? '').split('.')[1]?.split(';')[0] as string);
    const headers = { ...cookieOf(cookie), Origin: `http://127.0.0.1:${port}` };
    now = new Date(now.getTime() + (TRUSTED_FOR_DAYS * 24 + 1) * 3_600_000);
    expect((await ask('GET', '/', headers)).status).toBe(401);
    now = new Date('2027-05-16T12:00:00Z');
    const foreign = { ...headers, Origin: 'http://evil.example' };
    expect((await ask('POST', '/api/access/shut-out', foreign, JSON.stringify({ id: device?.id }))).status).toBe(403);
    expect((await ask('POST', '/api/access/shut-out', headers, JSON.stringify({ id: device?.id }))).status).toBe(200);
    expect((await ask('GET', '/', headers)).status).toBe(401);
    const again = cookieOf((await form(PASSPHRASE)).cookie);
    expect((await ask('POST', '/sign-out', again)).status).toBe(303);
    expect((await ask('GET', '/', again)).status).toBe(401);
  });

  it('a new passphrase shuts every other device out', async () => {
    const [one, two] = [cookieOf((await form(PASSPHRASE)).cookie), cookieOf((await form(PASSPHRASE)).cookie)];
    const short = JSON.stringify({ passphrase: 'short', onThisMachine: true });
    expect((await ask('POST', '/api/access/passphrase', one, short)).status).toBe(422);
    const fresh = JSON.stringify({ passphrase: 'four quiet drones', onThisMachine: true });
    expect((await ask('POST', '/api/access/passphrase', one, fresh)).status).toBe(200);
    expect([(await ask('GET', '/', one)).status, (await ask('GET', '/', two)).status]).toEqual([200, 401]);
    expect([(await form(PASSPHRASE)).status, (await form('four quiet drones')).status]).toEqual([401, 303]);
  });

  it('gives nothing out for an address that nobody can mean, or for too long a form', async () => {
    expect((await ask('GET', '/%ff', { Accept: 'text/html' })).body).toContain('<title>No such address');
    const sent = await ask('POST', '/api/inspections/%25');
    expect([sent.status, JSON.parse(sent.body).issues[0].code]).toEqual([400, 'invalid']);
    expect((await form('x'.repeat(10_000))).status).toBe(401);
  });
});

describe('sessions and links', () => {
  it('goes on within Ubbet only', () => {
    expect(pathToGoOn('/colonies?x=1')).toBe('/colonies?x=1');
    for (const elsewhere of [
      null,
      '',
      'https://evil.example',
      '//evil.example',
      '/\\evil.example',
      '/\t/evil.example',
    ]) {
      expect(pathToGoOn(elsewhere)).toBe('/');
    }
  });

  it('lets a device in though it cannot be noted that it was here, as on a full disk', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-full-'));
    const access = new AccessFile(join(folder, 'season.access.json'));
    const now = new Date('2027-05-16T12:00:00Z');
    const { token } = signIn(access, { name: 'phone', role: 'owner', isTrusted: true }, now);
    access.change = () => {
      throw new Error('ENOSPC');
    };
    expect(deviceOf(access, token, new Date('2027-05-17T12:00:00Z'))?.role).toBe('owner');
    rmSync(folder, { recursive: true, force: true });
  });

  it('a reader’s link ends with all that came in by it', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-readers-'));
    const access = new AccessFile(join(folder, 'season.access.json'));
    const now = new Date('2027-05-16T12:00:00Z');
    const secret = makeReaderLink(access, now);
    const { token } = signIn(access, { name: 'mentor', role: 'reader', isTrusted: true }, now);
    expect([isReaderLink(access, secret), deviceOf(access, token, now)?.role]).toEqual([true, 'reader']);
    makeReaderLink(access, now);
    expect([isReaderLink(access, secret), deviceOf(access, token, now)]).toEqual([false, null]);
    expect(deviceOf(access, undefined, now)).toBeNull();
    rmSync(folder, { recursive: true, force: true });
  });

  it('a passphrase is long enough, and not asked for where nobody can answer', async () => {
    expect(passphraseFault('         a')).not.toBeNull();
    expect(passphraseFault('bee hive x')).toBeNull();
    expect(passphraseFault('x'.repeat(201))).not.toBeNull();
    const nowhere = new AccessFile('/nonexistent/season.access.json');
    expect(await ensurePassphrase(nowhere, {})).toEqual(expect.arrayContaining(['Set one with: npm run passphrase']));
    expect(await ensurePassphrase(nowhere, { UBBET_PASSPHRASE: 'short' })).toHaveLength(2);
  });
});
