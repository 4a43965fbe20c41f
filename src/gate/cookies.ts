import type { IncomingMessage } from 'node:http';
import type { Session } from './sessions';

export const SESSION_COOKIE = 'ubbet-session';

export function sessionIn(request: IncomingMessage): string | undefined {
  const all = (request.headers.cookie ?? '').split(';').map((one) => one.trim());
  return all.find((one) => one.startsWith(`${SESSION_COOKIE}=`))?.slice(SESSION_COOKIE.length + 1);
}

/** Not readable by scripts, sent to this site alone, and over HTTPS alone wherever that is used. */
export function sessionCookie({ token, maxAgeSeconds }: Session, isSecure: boolean): string {
  const age = maxAgeSeconds === null ? '' : `; Max-Age=${maxAgeSeconds}`;
  return `${SESSION_COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict${isSecure ? '; Secure' : ''}${age}`;
}

export const noSession = (isSecure: boolean): string => sessionCookie({ token: '', maxAgeSeconds: 0 }, isSecure);
