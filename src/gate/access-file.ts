import { readFileSync, renameSync, statSync } from 'node:fs';
import { z } from 'zod';
import { writePrivately } from '../files/private-file';

const hash = z.object({ salt: z.string(), key: z.string(), N: z.number(), r: z.number(), p: z.number() });
const device = z.object({
  id: z.string(),
  /** Of its session's secret, SHA-256: the file opens no session. */
  secretHash: z.string(),
  name: z.string(),
  role: z.enum(['owner', 'reader']),
  signedInAt: z.string(),
  lastSeenAt: z.string(),
  /** UTC instant from which it has to sign in again. */
  until: z.string(),
});
const readerLink = z.object({ secretHash: z.string(), madeAt: z.string() });
/** A device on which the passphrase was right once: it is let try again where strangers have used up all tries. */
const knownDevice = z.object({ id: z.string(), secretHash: z.string() });
const content = z.object({
  passphrase: hash.nullable(),
  /** It is asked for on this machine itself too. */
  onThisMachine: z.boolean(),
  devices: z.array(device),
  readerLink: readerLink.nullable(),
  known: z.array(knownDevice).default([]),
});

export type Access = z.infer<typeof content>;
export type AccessDevice = z.infer<typeof device>;
export type Role = AccessDevice['role'];

const NOTHING: Access = { passphrase: null, onThisMachine: false, devices: [], readerLink: null, known: [] };

/** Who may talk to the book, in a file beside it: neither in the book, nor in a backup, nor in a season file. */
export const accessFileOf = (book: string): string => `${book.replace(/\.sqlite$/, '')}.access.json`;

/** The file, read again whenever it was changed by another process. */
export class AccessFile {
  #known: { readonly access: Access; readonly changed: number } | null = null;

  constructor(readonly file: string) {}

  /** Why the file cannot be read, in sentences, and the way on; null: it can, or is not there. */
  fault(): readonly string[] | null {
    try {
      this.read();
      return null;
    } catch {
      return [
        `${this.file}, which says who may come in, is damaged.`,
        'Set the passphrase anew, and every device signs in again: npm run passphrase',
      ];
    }
  }

  /** Puts a damaged file aside, so that another can be written. */
  setAside(): void {
    renameSync(this.file, `${this.file}.damaged`);
    this.#known = null;
  }

  read(): Access {
    const changed = changedAt(this.file);
    if (changed === null) return NOTHING;
    if (this.#known?.changed !== changed) {
      this.#known = { access: content.parse(JSON.parse(readFileSync(this.file, 'utf8'))), changed };
    }
    return this.#known.access;
  }

  change(by: (access: Access) => Access): Access {
    const access = by(this.read());
    writePrivately(this.file, `${JSON.stringify(access, null, 1)}\n`);
    this.#known = null;
    return access;
  }
}

function changedAt(file: string): number | null {
  try {
    return statSync(file).mtimeMs;
  } catch {
    return null;
  }
}
