import type { Role } from './access-file';
import type { Way } from './hosts';

/** What is known of a request before it is let in. */
export interface Asked {
  readonly way: Way;
  /** It came from this machine itself, not through a proxy. */
  readonly isFromHere: boolean;
  readonly method: string;
  readonly path: string;
  /** Who is signed in on the device that asks; null: nobody. */
  readonly role: Role | null;
  /** There is a passphrase, and it is asked for on this machine too. */
  readonly isAskedHere: boolean;
}

/** Let in, and as whom; or sent to sign in; or told that a reader cannot do this; or nothing at all. */
export type Verdict =
  | { readonly kind: 'in'; readonly as: Role }
  | { readonly kind: 'sign-in' }
  | { readonly kind: 'readers-look-only' }
  | { readonly kind: 'foreign' };

/** What whoever is not signed in may have: how Ubbet is built, and nothing of the book. */
const OPEN = [/^\/_next\/static\//, /^\/(sw\.js|manifest\.webmanifest|icon[^/]*|apple-icon[^/]*)$/, /^\/api\/alive$/];
/** The calendar's address is a secret of its own. */
const CALENDAR = /^\/calendar\/[^/]+$/;
/** Devices bring what they measure by a key of their own, which the application asks for. */
const DEVICES = /^\/api\/(weather|scale)$/;
/** What a reader has no use for: it would let her take the book away, or in. */
const NOT_FOR_READERS = [
  /^\/(data|settings|phone|first-run)(\/|$)/,
  /^\/api\/(season|csv|brought-in|calendar|settings|access|backups|device-keys)(\/|$)/,
];
const LOOKING = new Set(['GET', 'HEAD']);

/** Whether a request is let in. Pure: all that it goes by is in {@link Asked}. */
export function decide({ way, isFromHere, method, path, role, isAskedHere }: Asked): Verdict {
  if (way === 'foreign') return { kind: 'foreign' };
  if (way === 'loopback' && isFromHere && !isAskedHere) return { kind: 'in', as: 'owner' };
  const isLooking = LOOKING.has(method);
  if (isLooking && [...OPEN, CALENDAR].some((open) => open.test(path))) return { kind: 'in', as: role ?? 'reader' };
  if (method === 'POST' && DEVICES.test(path)) return { kind: 'in', as: role ?? 'reader' };
  if (role === null) return { kind: 'sign-in' };
  if (role === 'owner') return { kind: 'in', as: 'owner' };
  if (!isLooking || NOT_FOR_READERS.some((closed) => closed.test(path))) return { kind: 'readers-look-only' };
  return { kind: 'in', as: 'reader' };
}
