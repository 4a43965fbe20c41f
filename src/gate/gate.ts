import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { NONCE_HEADER, ROLE_HEADER, SECURE_HEADER } from '../views/asked-by';
import type { AccessFile } from './access-file';
import { accessRoutes } from './access-routes';
import { refuse, send } from './answers';
import { contentSecurityPolicy } from './content-security';
import { sessionIn } from './cookies';
import { decide } from './decide';
import { type Hosts, isLoopbackAddress, wayOf } from './hosts';
import { deviceOf } from './sessions';
import { signInPage } from './sign-in-page';
import type { Tries } from './tries';
import { sayingPage } from './words-page';

export interface Gate {
  readonly access: AccessFile;
  readonly tries: Tries;
  /** As it is now: addresses change. */
  readonly hosts: () => Hosts;
  readonly now: () => Date;
  /** The application itself. */
  readonly inside: (request: IncomingMessage, response: ServerResponse) => void;
}

/** What comes in by a door: over HTTPS or not. */
export interface Door {
  readonly isSecure: boolean;
}

/** Lets a request in, sends it to sign in, or sends it away. Everything that is asked of Ubbet comes through here. */
export function enter(gate: Gate, { isSecure }: Door) {
  return async (request: IncomingMessage, response: ServerResponse): Promise<void> => {
    const path = pathOf(request);
    const way = wayOf(request.headers.host, isSecure, gate.hosts());
    if (way === 'foreign') return send(response, 421, FOREIGN);
    if (path === null) return send(response, 400, NO_ADDRESS);
    const isProxiedSecurely = way === 'proxy' && request.headers['x-forwarded-proto'] === 'https';
    const device = deviceOf(gate.access, sessionIn(request), gate.now());
    const { passphrase, onThisMachine } = gate.access.read();
    const isFromHere = isLoopbackAddress(request.socket.remoteAddress) && !isForwarded(request);
    const verdict = decide({
      way,
      isFromHere,
      method: request.method ?? 'GET',
      path,
      role: device?.role ?? null,
      isAskedHere: passphrase !== null && onThisMachine,
    });
    const at = { gate, request, response, path, device, way, isSecure: isSecure || isProxiedSecurely };
    if (await accessRoutes({ ...at, isOwner: verdict.kind === 'in' && verdict.as === 'owner' })) return;
    switch (verdict.kind) {
      case 'foreign':
        return send(response, 421, FOREIGN);
      case 'readers-look-only':
        return isPage(request)
          ? send(response, 403, READERS_PAGE)
          : refuse(response, 403, 'readers-look-only', READERS);
      case 'sign-in':
        if (!isPage(request)) return refuse(response, 401, 'signed-out', SIGNED_OUT);
        return send(response, 401, signInPage({ to: request.url ?? '/', fault: null }));
      case 'in': {
        const nonce = randomBytes(16).toString('base64');
        request.headers[ROLE_HEADER] = verdict.as;
        request.headers[NONCE_HEADER] = nonce;
        request.headers[SECURE_HEADER] = isSecure ? '1' : '0';
        request.headers['content-security-policy'] = contentSecurityPolicy(nonce);
        response.setHeader('Content-Security-Policy', contentSecurityPolicy(nonce));
        return gate.inside(request, response);
      }
    }
  };
}

const FOREIGN = sayingPage(
  'Not here',
  'Ubbet was asked for under a name that it was not started for, and gives nothing out.',
  'Open it by the address that it printed when it was started. Behind a proxy, name the host with UBBET_HOSTS.',
);
const NO_ADDRESS = sayingPage('No such address', 'This address cannot be read: it was cut off, or mistyped.');
const SIGNED_OUT = 'You are signed out here. Open Ubbet, sign in, and it is sent.';
const READERS = 'You can look, and not write: this device came in by a reader’s link.';
const READERS_PAGE = sayingPage('To look only', READERS);

/** A proxy passes on who asked; what comes straight from this machine says nothing of the kind. */
const isForwarded = ({ headers }: IncomingMessage): boolean =>
  headers['x-forwarded-for'] !== undefined || headers.forwarded !== undefined;

const isPage = ({ method, headers }: IncomingMessage): boolean =>
  (method === 'GET' || method === 'HEAD') && (headers.accept ?? '').includes('text/html');

/** The path as it is meant, decoded once; null: nobody can mean it. */
function pathOf({ url }: IncomingMessage): string | null {
  try {
    return decodeURIComponent((url ?? '/').split('?', 1)[0] as string);
  } catch {
    return null;
  }
}
