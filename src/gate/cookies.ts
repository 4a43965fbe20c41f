import type { IncomingMessage } from 'node:http';
import type { Session } from './sessions';

export const SESSION_COOKIE = 'ubbet-session';

const KNOWN_COOKIE = 'ubbet-known';
const YEAR_SECONDS = 365 * 24 * 3600;

export const sessionIn = (request: IncomingMessage): string | undefined => cookieIn(request, SESSION_COOKIE);
export const knownIn = (request: IncomingMessage): string | undefined => cookieIn(request, KNOWN_COOKIE);

function cookieIn(request: IncomingMessage, name: string): string | undefined {
  const all = (request.headers.cookie ?? '').split(';').map((one) => one.trim());
  return all.find((one) => one.startsWith(`${name}=`))?.slice(name.length + 1);
}

/**
 * Not readable by scripts, and over HTTPS alone wherever that is used. It comes along where a link elsewhere leads here, as a mentor's
 * in a letter does; what writes is asked where it comes from besides.
 */
export function sessionCookie({ token, maxAgeSeconds }: Session, isSecure: boolean): string {
  const age = maxAgeSeconds === null ? '' : `; Max-Age=${maxAgeSeconds}`;
  return `${SESSION_COOKIE}=${token}; Path=/; HttpOnly; SameSite=Lax${isSecure ? '; Secure' : ''}${age}`;
}

/** Of use where one signs in, and nowhere else. */
export const knownCookie = (token: string, isSecure: boolean): string =>
  `${KNOWN_COOKIE}=${token}; Path=/sign-in; HttpOnly; SameSite=Strict${isSecure ? '; Secure' : ''}; Max-Age=${YEAR_SECONDS}`;

export const noSession = (isSecure: boolean): string => sessionCookie({ token: '', maxAgeSeconds: 0 }, isSecure);
