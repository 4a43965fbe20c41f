import type { IncomingMessage } from 'node:http';
import { isIPv4, isIPv6 } from 'node:net';

const LOOPBACK_NAMES = ['localhost', '127.0.0.1', '[::1]'];

/** `Host` as it comes, in small letters, without a port that goes without saying. */
function normal(host: string, isSecure: boolean): string {
  const usual = isSecure ? ':443' : ':80';
  const small = host.toLowerCase().replace(/\.(?=:|$)/, '');
  return small.endsWith(usual) ? small.slice(0, -usual.length) : small;
}

/** An address or a name, as it stands in `Host`. */
export const asHost = (name: string): string => (isIPv6(name) ? `[${name}]` : name.toLowerCase());

/** What Ubbet was started for: the names and addresses that it is asked for by. */
export interface Hosts {
  /** The port of the plain server, on this machine alone. */
  readonly port: number;
  /** The names and addresses of the machine, and the port on which it serves them by HTTPS; null: not opened to the network. */
  readonly network: { readonly names: readonly string[]; readonly port: number } | null;
  /** Hosts that a proxy passes on, with their port where it is not the usual one. */
  readonly proxied: readonly string[];
}

/** The hosts of {@link Hosts.proxied} as the environment names them: `bees.home.arpa, 192.168.1.4:8443`. */
export const hostsIn = (list: string | undefined): readonly string[] =>
  (list ?? '')
    .split(',')
    .map((host) => host.trim().toLowerCase())
    .filter(Boolean);

/** By which way a request came; `foreign`: under a name that Ubbet was not started for, and it gets nothing. */
export type Way = 'loopback' | 'network' | 'proxy' | 'foreign';

/**
 * How a request came, by its `Host`. A page of another name that resolves to this machine is foreign, whatever its address.
 *
 * @param isSecure it came over Ubbet's own HTTPS
 */
export function wayOf(host: string | undefined, isSecure: boolean, { port, network, proxied }: Hosts): Way {
  if (host === undefined) return 'foreign';
  const name = normal(host, isSecure);
  if (isSecure) {
    const own = (network?.names ?? []).map((one) => withPort(asHost(one), network?.port ?? 0, true));
    return own.includes(name) ? 'network' : 'foreign';
  }
  if (LOOPBACK_NAMES.some((one) => withPort(one, port, false) === name)) return 'loopback';
  return proxied.some((one) => normal(one, true) === normal(host, true) || normal(one, false) === name)
    ? 'proxy'
    : 'foreign';
}

function withPort(name: string, port: number, isSecure: boolean): string {
  return port === (isSecure ? 443 : 80) ? name : `${name}:${port}`;
}

/** This machine itself: `127.0.0.1`, `::1`, and the first of them as a newer address. */
export const isLoopbackAddress = (address: string | undefined): boolean =>
  address !== undefined && (address === '::1' || /^(::ffff:)?127\./.test(address));

/**
 * The address that a request comes from: that of the other end, or, by a proxy that the keeper named, the one that the proxy says last.
 * What stands before it anybody could have said.
 */
export function askedFrom({ socket, headers }: Pick<IncomingMessage, 'socket' | 'headers'>, way: Way): string {
  const other = socket.remoteAddress ?? 'unknown';
  const said =
    way === 'proxy'
      ? String(headers['x-forwarded-for'] ?? '')
          .split(',')
          .at(-1)
          ?.trim()
      : '';
  return said || other;
}

const PRIVATE_V4 = [/^10\./, /^192\.168\./, /^172\.(1[6-9]|2\d|3[01])\./, /^169\.254\./, /^127\./];

/** An address that no machine outside the home network is reached by. */
export function isPrivateAddress(address: string): boolean {
  if (isIPv4(address)) return PRIVATE_V4.some((range) => range.test(address));
  return isIPv6(address) && /^(f[cd]|fe[89ab]|::1$)/i.test(address);
}
