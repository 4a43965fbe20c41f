import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

/** Costs about a tenth of a second and 64 MB a try; the parameters stand with each hash, so that they can grow. */
const COST = { N: 2 ** 16, r: 8, p: 1 } as const;
const KEY_BYTES = 32;
const SALT_BYTES = 16;
const MAX_MEMORY = 256 * 1024 * 1024;

/** The fewest characters: four short words, or a sentence. */
export const LEAST_CHARACTERS = 10;
export const MOST_CHARACTERS = 200;

export interface PassphraseHash {
  readonly salt: string;
  readonly key: string;
  readonly N: number;
  readonly r: number;
  readonly p: number;
}

/** What is wrong with a passphrase before it is taken; null: nothing. */
export function passphraseFault(passphrase: string): string | null {
  if (passphrase.trim().length < LEAST_CHARACTERS) {
    return `Give at least ${LEAST_CHARACTERS} characters: three or four words that do not belong together are good.`;
  }
  return passphrase.length > MOST_CHARACTERS ? `Give at most ${MOST_CHARACTERS} characters.` : null;
}

const derive = (passphrase: string, salt: Buffer, { N, r, p }: Pick<PassphraseHash, 'N' | 'r' | 'p'>) =>
  new Promise<Buffer>((resolve, reject) => {
    // The same letters can be written in two ways; phones and desks differ in it.
    scrypt(passphrase.normalize('NFKC'), salt, KEY_BYTES, { N, r, p, maxmem: MAX_MEMORY }, (error, key) =>
      error ? reject(error) : resolve(key),
    );
  });

/** @param cost less than usual only where what is hashed keeps nothing */
export async function hashPassphrase(
  passphrase: string,
  cost: Pick<PassphraseHash, 'N' | 'r' | 'p'> = COST,
): Promise<PassphraseHash> {
  const salt = randomBytes(SALT_BYTES);
  const key = await derive(passphrase, salt, cost);
  return { salt: salt.toString('base64'), key: key.toString('base64'), ...cost };
}

export async function isPassphrase(passphrase: string, hash: PassphraseHash): Promise<boolean> {
  if (passphrase.length > MOST_CHARACTERS) return false;
  const key = await derive(passphrase, Buffer.from(hash.salt, 'base64'), hash);
  return timingSafeEqual(key, Buffer.from(hash.key, 'base64'));
}
