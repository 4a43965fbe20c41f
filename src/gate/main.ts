import { chmodSync, existsSync } from 'node:fs';
import { createServer as createPlain } from 'node:http';
import { createServer as createSecure } from 'node:https';
import { basename, dirname, join, resolve } from 'node:path';
import Bonjour from 'bonjour-service';
import next from 'next';
import qrcode from 'qrcode';
import { type BookLock, holdBook } from '../db/book-lock';
import { database } from '../db/open';
import { OWNER_ONLY, sweepHalves } from '../files/private-file';
import type { Reach } from '../views/reach';
import { AccessFile, accessFileOf } from './access-file';
import { send } from './answers';
import { bookFault, wayBack } from './book-fault';
import { certificatePage } from './certificate-page';
import { certificatesFor } from './certificates';
import { ensurePassphrase } from './ensure-passphrase';
import { freePort } from './free-port';
import { enter, type Gate } from './gate';
import { type Hosts, hostsIn } from './hosts';
import { homeAddresses, LOCAL_NAME, machineNames } from './network-names';
import { noPort, portIn } from './port';
import { complain, say } from './say';
import { Tries } from './tries';

const HERE = '127.0.0.1';
const EVERYWHERE = '0.0.0.0';
const USUAL_PORTS = { plain: 4620, secure: 4643, certificate: 4644 } as const;
/** A connection is kept so long for the next question: longer than whoever asks keeps it, so that none is cut off as it is asked. */
const KEPT_ALIVE_MS = 65_000;
/** Addresses change, and certificates end: looked after so often. */
const LOOK_AFTER_MS = 10 * 60_000;

const env = process.env;
const stop = (...lines: readonly string[]): never => {
  complain(`\n  ${lines.join('\n  ')}\n`);
  process.exit(1);
};

/** The port that the environment names, or the usual one; ends with a sentence where what it names is none. */
function portOf(name: string, usual: number): number {
  const port = portIn(env[name], usual);
  return port ?? stop(noPort(name, env[name]));
}

/** Starts Ubbet: the plain door on this machine, and, opened to the network, the secure one and the page with the certificate. */
async function main(): Promise<void> {
  // What is written here, the book and its backups among it, is its owner's alone.
  process.umask(0o077);
  const book = env.UBBET_DATA || 'data/ubbet.sqlite';
  const ports = {
    plain: portOf('PORT', USUAL_PORTS.plain),
    secure: portOf('UBBET_HTTPS_PORT', USUAL_PORTS.secure),
    certificate: portOf('UBBET_CERTIFICATE_PORT', USUAL_PORTS.certificate),
  };
  const fault = heldByAnother(book) ?? bookFault(book);
  if (fault) return stop(...fault);
  keepToOwner(book);
  sweepHalves(dirname(resolve(book)), basename(book).replace(/\.sqlite$/, '.'));
  const unopened = openingFault(book);
  if (unopened) return stop(...unopened);
  const access = new AccessFile(accessFileOf(book));
  const damaged = access.fault();
  if (damaged) return stop(...damaged);
  const isNetwork = env.UBBET_NETWORK === '1';
  const isProxied = hostsIn(env.UBBET_HOSTS).length > 0;
  if (isNetwork || isProxied) {
    const refused = await ensurePassphrase(access, env);
    if (refused) return stop(...refused);
  }

  const port = await freePort(ports.plain, HERE);
  const securePort = isNetwork ? await freePort(ports.secure, EVERYWHERE) : null;
  const certificatePort = isNetwork ? await freePort(ports.certificate, EVERYWHERE) : null;
  const hosts = (): Hosts => ({
    port,
    network: securePort === null ? null : { names: machineNames(), port: securePort },
    proxied: hostsIn(env.UBBET_HOSTS),
  });

  const app = next({ dev: false, dir: process.cwd(), hostname: HERE, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const gate: Gate = {
    access,
    tries: new Tries(),
    hosts,
    now: () => new Date(),
    inside: (request, response) => void handle(request, response),
  };
  const guarded = (isSecure: boolean) => {
    const ask = enter(gate, { isSecure });
    return (...[request, response]: Parameters<typeof ask>) => {
      ask(request, response).catch((error) => {
        complain(String(error));
        if (!response.headersSent) response.writeHead(500);
        response.end();
      });
    };
  };
  await listening(createPlain(guarded(false)), port, HERE);
  say(`\n  Ubbet is ready:  http://${HERE}:${port}\n`);
  for (const line of (env.UBBET_LINES ?? '').split('\n').filter(Boolean)) say(`  ${line}`);
  if (securePort !== null && certificatePort !== null) {
    const folder = join(dirname(book), 'certificates');
    await openToNetwork({ folder, securePort, certificatePort, guard: guarded(true) });
  }
  say('  Stop it with Ctrl+C.\n');
}

/** Held as long as this process lives. */
let hold: BookLock | null = null;

/** A second Ubbet on one book is sent away before it opens anything. */
function heldByAnother(book: string): readonly string[] | null {
  hold = holdBook(resolve(book));
  if (hold) return null;
  return [
    `${resolve(book)} is open in another Ubbet on this machine.`,
    'Use that one, or stop it first. To run a second one beside it, give it a book of its own: UBBET_DATA=.../other.sqlite',
  ];
}

/** Opens the book for the application, and brings it up to date; says why where that cannot be done. */
function openingFault(book: string): readonly string[] | null {
  try {
    database();
    return null;
  } catch (error) {
    return [
      `${resolve(book)} could not be brought up to date: ${error instanceof Error ? error.message : String(error)}.`,
      'Nothing in it was changed.',
      wayBack(resolve(book)),
    ];
  }
}

/** A book of before may be readable by others on this machine. */
function keepToOwner(book: string): void {
  for (const file of [book, `${book}-wal`, `${book}-shm`]) if (existsSync(file)) chmodSync(file, OWNER_ONLY);
}

async function openToNetwork(at: {
  readonly folder: string;
  readonly securePort: number;
  readonly certificatePort: number;
  readonly guard: Parameters<typeof createPlain>[1];
}): Promise<void> {
  const { folder, securePort, certificatePort, guard } = at;
  let certificates = await certificatesFor(folder, machineNames(), new Date());
  const secure = createSecure({ key: certificates.key, cert: certificates.cert }, guard as never);
  await listening(secure, securePort, EVERYWHERE);
  const tell = (): Reach => {
    const addresses = [...homeAddresses().filter((one) => one.includes('.')), LOCAL_NAME];
    return {
      addresses: addresses.map((one) => `https://${one}:${securePort}`),
      certificatePage: `http://${addresses[0]}:${certificatePort}`,
      fingerprint: certificates.fingerprint,
    };
  };
  globalThis.ubbetReach = tell();
  setInterval(() => {
    void certificatesFor(folder, machineNames(), new Date()).then(
      (fresh) => {
        if (fresh.cert !== certificates.cert) secure.setSecureContext({ key: fresh.key, cert: fresh.cert });
        certificates = fresh;
        globalThis.ubbetReach = tell();
      },
      (error) => complain(String(error)),
    );
  }, LOOK_AFTER_MS).unref();

  // Serves this one page and this one file, to whoever is at home: nothing of the book.
  const page = createPlain((request, response) => {
    if (request.url === '/ubbet.crt') {
      response.writeHead(200, { 'Content-Type': 'application/x-x509-ca-cert', 'Cache-Control': 'no-store' });
      return response.end(certificates.authority);
    }
    if (request.url !== '/') return send(response, 404, 'There is only one page here: /\n');
    // The address that was asked for is the one that the phone reaches.
    const asked = (request.headers.host ?? '').replace(/:\d+$/, '');
    const name = machineNames().includes(asked) ? asked : (homeAddresses()[0] ?? LOCAL_NAME);
    send(
      response,
      200,
      certificatePage({ fingerprint: certificates.fingerprint, address: `https://${name}:${securePort}` }),
    );
  });
  await listening(page, certificatePort, EVERYWHERE);
  announce(securePort);

  const { certificatePage: start, addresses } = tell();
  say(`\n  On your phone, at home:  ${start}\n`);
  say(await qrcode.toString(start, { type: 'terminal', small: true }));
  say(`  Afterwards:  ${addresses.join('  or  ')}`);
  say(`  Certificate, SHA-256:  ${certificates.fingerprint}\n`);
}

/** Passes the name on by mDNS where the network lets it; silent where it does not. */
function announce(port: number): void {
  try {
    const bonjour = new Bonjour(undefined, () => {});
    bonjour.publish({ name: 'Ubbet', type: 'https', port, host: LOCAL_NAME, probe: false });
  } catch {
    // The addresses are enough.
  }
}

function listening(server: ReturnType<typeof createPlain>, port: number, host: string): Promise<void> {
  server.keepAliveTimeout = KEPT_ALIVE_MS;
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });
}

// No signal is listened to: whatever it is doing, it ends at once, and what was acknowledged is on the disk.
await main();
