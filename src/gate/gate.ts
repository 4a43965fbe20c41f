import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { NONCE_HEADER, ROLE_HEADER, SECURE_HEADER } from '../views/asked-by';
import type { AccessFile, Role } from './access-file';
import { accessRoutes } from './access-routes';
import { refuse, send } from './answers';
import { contentSecurityPolicy } from './content-security';
import { sessionIn } from './cookies';
import { decide } from './decide';
import { type Hosts, isLoopbackAddress, wayOf } from './hosts';
import { plainAddress } from './plain-address';
import { routeOf } from './routes';
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
    const hosts = gate.hosts();
    const way = wayOf(request.headers.host, isSecure, hosts);
    if (way === 'foreign') return send(response, 421, FOREIGN);
    const address = plainAddress(request.url);
    if (address === null)
      return isPage(request) ? send(response, 400, NO_ADDRESS) : refuse(response, 400, 'invalid', UNREADABLE);
    const { path } = address;
    request.url = address.url;
    forgetRouting(request);
    if (isSecure) response.setHeader('Strict-Transport-Security', STAYS_SECURE);
    const isProxiedSecurely = way === 'proxy' && request.headers['x-forwarded-proto'] === 'https';
    const device = deviceOf(gate.access, sessionIn(request), gate.now());
    const { passphrase, onThisMachine } = gate.access.read();
    // Behind a proxy everybody comes from this machine, and what a proxy says of it is up to the proxy.
    const isFromHere =
      hosts.proxied.length === 0 && isLoopbackAddress(request.socket.remoteAddress) && !isForwarded(request);
    const verdict = decide({
      way,
      isFromHere,
      method: request.method ?? 'GET',
      route: routeOf(path),
      role: device?.role ?? null,
      isAskedHere: passphrase !== null && onThisMachine,
    });
    const at = { gate, request, response, path, device, way, isSecure: isSecure || isProxiedSecurely };
    if (await accessRoutes({ ...at, isOwner: 'as' in verdict && verdict.as === 'owner' })) return;
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
      case 'not-that-way':
        return refuse(response, 405, 'invalid', NOT_THAT_WAY);
      case 'nowhere':
        request.url = path.startsWith('/api/') ? NO_API : NO_PAGE;
        return handOn(verdict.as);
      case 'in':
        return handOn(verdict.as);
    }

    function handOn(as: Role): void {
      const nonce = randomBytes(16).toString('base64');
      request.headers[ROLE_HEADER] = as;
      request.headers[NONCE_HEADER] = nonce;
      request.headers[SECURE_HEADER] = isSecure ? '1' : '0';
      request.headers['content-security-policy'] = contentSecurityPolicy(nonce);
      response.setHeader('Content-Security-Policy', contentSecurityPolicy(nonce));
      gate.inside(request, response);
    }
  };
}

/** Half a year: browsers that came in over HTTPS come in no other way. */
const STAYS_SECURE = 'max-age=15552000';
/** Addresses that lead to the application's own words for what is not there. */
const [NO_PAGE, NO_API] = ['/not-there', '/api/not-there'];
const NOT_THAT_WAY = 'This address is not asked in that way. Reload the page and try again.';
const FOREIGN = sayingPage(
  'Not here',
  'Ubbet was asked for under a name that it was not started for, and gives nothing out.',
  'Open it by the address that it printed when it was started. Behind a proxy, name the host with UBBET_HOSTS.',
);
const UNREADABLE = 'This address cannot be read: it was cut off, or mistyped.';
const NO_ADDRESS = sayingPage('No such address', UNREADABLE);
const SIGNED_OUT = 'You are signed out here. Open Ubbet, sign in, and it is sent.';
const READERS = 'You can look, and not write: this device came in by a reader’s link.';
const READERS_PAGE = sayingPage('To look only', READERS);

/** A proxy passes on who asked; what comes straight from this machine says nothing of the kind. */
const isForwarded = ({ headers }: IncomingMessage): boolean =>
  headers['x-forwarded-for'] !== undefined || headers.forwarded !== undefined;

const isPage = ({ method, headers }: IncomingMessage): boolean =>
  (method === 'GET' || method === 'HEAD') && (headers.accept ?? '').includes('text/html');

/** What tells the application where a request leads beside its address: it comes from nobody but the application itself. */
const ROUTING = /^x-(middleware|invoke|matched|rewrite|original|forwarded-(prefix|uri)|nextjs)/;

function forgetRouting({ headers }: IncomingMessage): void {
  for (const name of Object.keys(headers)) if (ROUTING.test(name)) delete headers[name];
}
