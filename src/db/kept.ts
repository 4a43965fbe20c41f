import 'server-only';
/** A kind of thing that is reckoned of a book and kept: a token with the type of what is kept under it. */
export interface KeptKind<T> {
  readonly name: string;
  readonly of?: T;
}

export const keptKind = <T>(name: string): KeptKind<T> => ({ name });

/** What something was reckoned from: while each part is the very same (or an equal text or number), so is what follows. */
export type Versions = readonly unknown[];

interface Entry {
  readonly versions: Versions;
  readonly value: unknown;
}

/** More than the colonies and apiaries of anybody, some kinds of each. */
const MOST = 20_000;

/**
 * What was reckoned of one opened book, kept while nothing that it follows from has changed. It belongs to the book and ends with it.
 * Bounded: where it is full, what was asked for least lately goes.
 */
export class Kept {
  readonly #entries = new Map<string, Entry>();
  readonly #most: number;

  constructor(most = MOST) {
    this.#most = most;
  }

  /** The value as last reckoned from the same versions, else reckoned now. One that throws is not kept. */
  value<T>(kind: KeptKind<T>, id: string, versions: Versions, reckon: () => T): T {
    const last = this.last(kind, id);
    if (last && isSame(last.versions, versions)) {
      this.put(kind, id, versions, last.value);
      return last.value;
    }
    const value = reckon();
    this.put(kind, id, versions, value);
    return value;
  }

  /** What was kept last, from whatever it was reckoned. */
  last<T>(kind: KeptKind<T>, id: string): { readonly versions: Versions; readonly value: T } | null {
    return (this.#entries.get(keyOf(kind, id)) as { versions: Versions; value: T } | undefined) ?? null;
  }

  put<T>(kind: KeptKind<T>, id: string, versions: Versions, value: T): void {
    const key = keyOf(kind, id);
    this.#entries.delete(key);
    this.#entries.set(key, { versions, value });
    for (const oldest of this.#entries.keys()) {
      if (this.#entries.size <= this.#most) break;
      this.#entries.delete(oldest);
    }
  }

  drop(kind: KeptKind<unknown>, id: string): void {
    this.#entries.delete(keyOf(kind, id));
  }
}

const keyOf = (kind: KeptKind<unknown>, id: string): string => `${kind.name} ${id}`;

const isSame = (one: Versions, other: Versions): boolean =>
  one.length === other.length && one.every((part, i) => Object.is(part, other[i]));
