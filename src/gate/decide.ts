import type { Role } from './access-file';
import type { Way } from './hosts';
import type { Asker, Route } from './routes';

/** What is known of a request before it is let in. */
export interface Asked {
  readonly way: Way;
  /** It came from this machine itself, and Ubbet stands behind no proxy. */
  readonly isFromHere: boolean;
  readonly method: string;
  /** Where it leads; null: nowhere. */
  readonly route: Route | null;
  /** Who is signed in on the device that asks; null: nobody. */
  readonly role: Role | null;
  /** There is a passphrase, and it is asked for on this machine too. */
  readonly isAskedHere: boolean;
}

/**
 * Let in, and as whom; or told, as whom, that there is nothing, or that it is not done that way; or sent to sign in; or told that a reader
 * cannot do this; or nothing at all.
 */
export type Verdict =
  | { readonly kind: 'in' | 'nowhere' | 'not-that-way'; readonly as: Role }
  | { readonly kind: 'sign-in' }
  | { readonly kind: 'readers-look-only' }
  | { readonly kind: 'foreign' };

const LOOKING = new Set(['GET', 'HEAD']);

/** Whether a request is let in. Pure: all that it goes by is in {@link Asked}. What is on no list is closed. */
export function decide({ way, isFromHere, method, route, role, isAskedHere }: Asked): Verdict {
  if (way === 'foreign') return { kind: 'foreign' };
  const who: Role | null = way === 'loopback' && isFromHere && !isAskedHere ? 'owner' : role;
  const asker = route && (LOOKING.has(method) ? route.looks : (route.writes[method] ?? null));
  if (asker === 'anybody') return { kind: 'in', as: who ?? 'reader' };
  if (who === null) return { kind: 'sign-in' };
  if (who === 'reader' && !LOOKING.has(method)) return { kind: 'readers-look-only' };
  if (!route) return { kind: 'nowhere', as: who };
  if (!asker) return { kind: 'not-that-way', as: who };
  return may(who, asker) ? { kind: 'in', as: who } : { kind: 'readers-look-only' };
}

const may = (role: Role, asker: Asker): boolean => role === 'owner' || asker === 'reader';
