import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Access, AccessDevice, AccessFile, Role } from './access-file';

const HOUR_MS = 3_600_000;
/** A device that the keeper trusts signs in again after this. */
export const TRUSTED_FOR_DAYS = 90;
/** Any other, after this. */
export const OTHERWISE_FOR_HOURS = 12;
/** When a device was last here is written down no more often than this. */
const SEEN_EVERY_MS = HOUR_MS;
const SECRET_BYTES = 32;

const sha256 = (text: string): string => createHash('sha256').update(text).digest('base64');
const isSame = (a: string, b: string): boolean => {
  const [x, y] = [Buffer.from(a), Buffer.from(b)];
  return x.length === y.length && timingSafeEqual(x, y);
};
const newSecret = (): string => randomBytes(SECRET_BYTES).toString('base64url');

export interface Session {
  readonly token: string;
  readonly maxAgeSeconds: number | null;
}

/** Signs a device in. Its token is the id and a secret; the file keeps a hash of the secret alone. */
export function signIn(
  file: AccessFile,
  { name, role, isTrusted }: { readonly name: string; readonly role: Role; readonly isTrusted: boolean },
  now: Date,
): Session {
  const [id, secret] = [randomUUID(), newSecret()];
  const hours = isTrusted ? TRUSTED_FOR_DAYS * 24 : OTHERWISE_FOR_HOURS;
  const device: AccessDevice = {
    id,
    secretHash: sha256(secret),
    name,
    role,
    signedInAt: now.toISOString(),
    lastSeenAt: now.toISOString(),
    until: new Date(now.getTime() + hours * HOUR_MS).toISOString(),
  };
  file.change((access) => ({
    ...access,
    // A reader's link is of one device: the one on which it was opened last.
    devices: [...standing(access, now).filter((one) => role === 'owner' || one.role === 'owner'), device],
  }));
  return { token: `${id}.${secret}`, maxAgeSeconds: isTrusted ? hours * 3600 : null };
}

/** So many devices are known, the last ones. */
const MOST_KNOWN = 50;

/**
 * Knows a device again on which the passphrase was right, whatever becomes of its session. Gives the token that it keeps; the one that
 * it has already where that still holds.
 */
export function knowDevice(file: AccessFile, token: string | undefined): string {
  if (isKnown(file, token)) return token as string;
  const [id, secret] = [randomUUID(), newSecret()];
  file.change((access) => ({
    ...access,
    known: [...access.known, { id, secretHash: sha256(secret) }].slice(-MOST_KNOWN),
  }));
  return `${id}.${secret}`;
}

export function isKnown(file: AccessFile, token: string | undefined): boolean {
  const [id, secret] = (token ?? '').split('.', 2);
  if (!id || !secret) return false;
  const known = file.read().known.find((one) => one.id === id);
  return known !== undefined && isSame(known.secretHash, sha256(secret));
}

const standing = ({ devices }: Access, now: Date): Access['devices'] =>
  devices.filter(({ until }) => until > now.toISOString());

/** The device that a token is of; null: it is none, it was shut out, or its time is over. */
export function deviceOf(file: AccessFile, token: string | undefined, now: Date): AccessDevice | null {
  const [id, secret] = (token ?? '').split('.', 2);
  if (!id || !secret) return null;
  const access = file.read();
  const device = standing(access, now).find((one) => one.id === id);
  if (!device || !isSame(device.secretHash, sha256(secret))) return null;
  // A reader's device goes with the reader's link.
  if (device.role === 'reader' && access.readerLink === null) return null;
  if (now.getTime() - Date.parse(device.lastSeenAt) > SEEN_EVERY_MS) {
    try {
      file.change((so) => ({
        ...so,
        devices: so.devices.map((one) => (one.id === id ? { ...one, lastSeenAt: now.toISOString() } : one)),
      }));
    } catch {
      // A full disk is no reason to let nobody in: it is only noted.
    }
  }
  return device;
}

export function shutOut(file: AccessFile, id: string): void {
  file.change((access) => ({ ...access, devices: access.devices.filter((device) => device.id !== id) }));
}

/** Makes the reader's link anew: an older one, and all that came in by it, are shut out. Gives the secret of the new one. */
export function makeReaderLink(file: AccessFile, now: Date): string {
  const secret = newSecret();
  file.change((access) => ({
    ...withoutReaders(access),
    readerLink: { secretHash: sha256(secret), madeAt: now.toISOString() },
  }));
  return secret;
}

export const endReaderLink = (file: AccessFile): void => {
  file.change((access) => ({ ...withoutReaders(access), readerLink: null }));
};

export function isReaderLink(file: AccessFile, secret: string): boolean {
  const { readerLink } = file.read();
  return readerLink !== null && isSame(readerLink.secretHash, sha256(secret));
}

const withoutReaders = (access: Access): Access => ({
  ...access,
  devices: access.devices.filter(({ role }) => role !== 'reader'),
});
