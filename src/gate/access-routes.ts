import type { IncomingMessage, ServerResponse } from 'node:http';
import { z } from 'zod';
import type { AccessDevice } from './access-file';
import { refuse, send, sendJson } from './answers';
import { shortBody } from './body';
import { knownCookie, knownIn, noSession, sessionCookie } from './cookies';
import type { Gate } from './gate';
import { askedFrom, type Way } from './hosts';
import { hashPassphrase, isPassphrase, passphraseFault } from './passphrase';
import { endReaderLink, isKnown, isReaderLink, knowDevice, makeReaderLink, shutOut, signIn } from './sessions';
import { pathToGoOn, signInPage } from './sign-in-page';
import { sayingPage } from './words-page';

export interface At {
  readonly gate: Gate;
  readonly request: IncomingMessage;
  readonly response: ServerResponse;
  readonly path: string;
  readonly device: AccessDevice | null;
  readonly way: Way;
  readonly isSecure: boolean;
  readonly isOwner: boolean;
}

type Route = (at: At) => unknown;

const NAME_CHARACTERS = 40;

/** What the gate answers itself: signing in and out, and who may come in. */
const OPEN_ROUTES: Readonly<Record<string, Route>> = {
  'GET /sign-in': ({ response }) => send(response, 200, signInPage({ to: '/', fault: null })),
  'POST /sign-in': signInByPassphrase,
  'POST /sign-out': signOut,
};

/** For the owner alone. */
const OWNER_ROUTES: Readonly<Record<string, Route>> = {
  'GET /api/access': listAccess,
  'POST /api/access/passphrase': setPassphrase,
  'POST /api/access/shut-out': shutDeviceOut,
  'POST /api/access/reader-link': makeLink,
  'DELETE /api/access/reader-link': endLink,
};

/** Answers what is the gate's own affair; false: it is the application's. */
export async function accessRoutes(at: At): Promise<boolean> {
  const { request, response, path, isOwner } = at;
  const named = `${request.method === 'HEAD' ? 'GET' : request.method} ${path}`;
  const route = OPEN_ROUTES[named] ?? (isOwner ? OWNER_ROUTES[named] : undefined);
  if (isLink(path) && (request.method === 'GET' || request.method === 'HEAD')) {
    await storing(at, comeInAsReader);
    return true;
  }
  if (!route) return false;
  if (request.method !== 'GET' && request.method !== 'HEAD' && !isOwnPage(request)) {
    refuse(response, 403, 'invalid', 'This came from a page of another site and was refused.');
    return true;
  }
  await storing(at, route);
  return true;
}

const DISK_FULL =
  'The disk of the machine that Ubbet runs on is full. Nothing was stored: make room there, then try again.';

/** Who may come in is stored in a file: where the disk is full, that is said, and everybody who is in already stays so. */
async function storing(at: At, route: Route): Promise<void> {
  try {
    await route(at);
  } catch (error) {
    if (!(error instanceof Error && 'code' in error && error.code === 'ENOSPC')) throw error;
    if (at.path.startsWith('/api/')) refuse(at.response, 507, 'disk-full', DISK_FULL);
    else send(at.response, 507, sayingPage('The disk is full', DISK_FULL));
  }
}

/** A page of another site may not make a browser sign in, or out, or shut somebody out. */
function isOwnPage({ headers }: IncomingMessage): boolean {
  const { origin, host } = headers;
  if (origin === undefined) return headers['sec-fetch-site'] !== 'cross-site';
  return URL.canParse(origin) && new URL(origin).host === host;
}

async function signInByPassphrase({ gate, request, response, way, isSecure }: At): Promise<void> {
  const form = new URLSearchParams((await shortBody(request)) ?? '');
  const to = pathToGoOn(form.get('to'));
  const again = (status: number, fault: string) => send(response, status, signInPage({ to, fault }));
  const { passphrase } = gate.access.read();
  if (passphrase === null) {
    return again(403, 'No passphrase was set yet. Set one on the machine that Ubbet runs on: npm run passphrase.');
  }
  const address = askedFrom(request, way);
  const known = knownIn(request);
  // Strangers who try do not lock out whoever was in before.
  const isKnownHere = isKnown(gate.access, known);
  const wait = isKnownHere ? null : await gate.tries.count(address);
  if (wait !== null) {
    response.setHeader('Retry-After', String(wait * 60));
    return again(429, `Too many tries. Wait ${wait} ${wait === 1 ? 'minute' : 'minutes'}, then try again.`);
  }
  if (!(await isPassphrase(form.get('passphrase') ?? '', passphrase))) {
    return again(401, 'That is not the passphrase. Look out for capitals and spaces, and try again.');
  }
  if (!isKnownHere) await gate.tries.forget(address);
  const name = (form.get('name') ?? '').trim().slice(0, NAME_CHARACTERS) || deviceKind(request);
  const session = signIn(gate.access, { name, role: 'owner', isTrusted: form.get('trusted') === 'yes' }, gate.now());
  response.writeHead(303, {
    Location: to,
    'Set-Cookie': [sessionCookie(session, isSecure), knownCookie(knowDevice(gate.access, known), isSecure)],
    'Cache-Control': 'no-store',
  });
  response.end();
}

function signOut({ gate, response, device, isSecure }: At): void {
  if (device) shutOut(gate.access, device.id);
  response.writeHead(303, { Location: '/sign-in', 'Set-Cookie': noSession(isSecure), 'Cache-Control': 'no-store' });
  response.end();
}

const LINK = '/read/';
const isLink = (path: string): boolean => path.startsWith(LINK);

/**
 * A reader's link signs its device in, to look and never to write. What only asks whether the link leads anywhere, as mail programs do,
 * is signed in nowhere; who is in already stays so.
 */
function comeInAsReader({ gate, request, response, path, device, isSecure }: At): unknown {
  if (!isReaderLink(gate.access, path.slice(LINK.length))) {
    const words = 'This link was ended, or copied incompletely. Ask the keeper for another.';
    return send(response, 404, sayingPage('No such link', words));
  }
  if (device || request.method === 'HEAD') {
    response.writeHead(303, { Location: '/', 'Cache-Control': 'no-store' });
    return response.end();
  }
  const session = signIn(gate.access, { name: deviceKind(request), role: 'reader', isTrusted: true }, gate.now());
  response.writeHead(303, {
    Location: '/',
    'Set-Cookie': sessionCookie(session, isSecure),
    'Cache-Control': 'no-store',
  });
  response.end();
}

/** A word for a device that was not named, from what its browser says. */
function deviceKind({ headers }: IncomingMessage): string {
  const agent = headers['user-agent'] ?? '';
  if (/iPhone|Android.*Mobile/.test(agent)) return 'a phone';
  if (/iPad|Android/.test(agent)) return 'a tablet';
  return 'a computer';
}

function listAccess({ gate, response, device }: At): void {
  const { passphrase, onThisMachine, devices, readerLink } = gate.access.read();
  const now = gate.now().toISOString();
  sendJson(response, 200, {
    ok: true,
    value: {
      hasPassphrase: passphrase !== null,
      onThisMachine,
      readerLinkMadeAt: readerLink?.madeAt ?? null,
      devices: devices
        .filter(({ until }) => until > now)
        .map(({ id, name, role, signedInAt, lastSeenAt }) => ({
          id,
          name,
          role,
          signedInAt,
          lastSeenAt,
          isThis: id === device?.id,
        })),
    },
  });
}

const passphraseForm = z.strictObject({ passphrase: z.string(), onThisMachine: z.boolean() });
const shutOutForm = z.strictObject({ id: z.string() });

async function inputOf<T>(request: IncomingMessage, form: z.ZodType<T>): Promise<T | null> {
  try {
    const parsed = form.safeParse(JSON.parse((await shortBody(request)) ?? ''));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

const unreadable = (response: ServerResponse): void =>
  refuse(response, 422, 'not-json', 'This did not arrive as it should. Reload the page and try again.');

async function setPassphrase({ gate, request, response, device }: At): Promise<void> {
  const input = await inputOf(request, passphraseForm);
  if (!input) return unreadable(response);
  const fault = passphraseFault(input.passphrase);
  if (fault) {
    return sendJson(response, 422, {
      ok: false,
      issues: [{ path: ['passphrase'], code: 'out-of-range', message: fault }],
    });
  }
  const passphrase = await hashPassphrase(input.passphrase);
  // A new passphrase shuts every other device out: that is what it is changed for.
  gate.access.change((access) => ({
    ...access,
    passphrase,
    onThisMachine: input.onThisMachine,
    devices: access.devices.filter(({ id }) => id === device?.id),
    known: [],
  }));
  sendJson(response, 200, { ok: true, value: null });
}

async function shutDeviceOut({ gate, request, response }: At): Promise<void> {
  const input = await inputOf(request, shutOutForm);
  if (!input) return unreadable(response);
  shutOut(gate.access, input.id);
  sendJson(response, 200, { ok: true, value: null });
}

function makeLink({ gate, response }: At): void {
  const secret = makeReaderLink(gate.access, gate.now());
  sendJson(response, 200, { ok: true, value: { path: `/read/${secret}` } });
}

function endLink({ gate, response }: At): void {
  endReaderLink(gate.access);
  sendJson(response, 200, { ok: true, value: null });
}
