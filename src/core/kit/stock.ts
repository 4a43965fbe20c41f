import type { Day } from '../calendar/day';
import type { Thing, Wanted } from '../methods/thing';
import { CAR, type KitEntry, type KitPlace } from './kit-entry';
import type { KitUse } from './kit-use';

/** What lies at a place of one thing. */
export interface Lying {
  readonly count: number;
  /** The minute at which it was last counted there; null: never, and there may be more. */
  readonly countedAt: string | null;
  readonly frozenSince: Day | null;
}

export interface Stock {
  readonly lying: (place: KitPlace, thing: Thing) => Lying;
  /** How many of what is in the car were packed for an apiary, and not used since. */
  readonly packedFor: (apiaryId: string, thing: Thing) => number;
  /** More was taken there than was counted: the count was wrong. */
  readonly overdrawn: readonly { readonly place: KitPlace; readonly thing: Thing; readonly count: number }[];
  /** Of a thing everywhere: at all places, on hives, and what came in less what went out, which make nothing together. */
  readonly accounts: (thing: Thing) => { readonly places: number; readonly hives: number; readonly outside: number };
}

const NOTHING: Lying = { count: 0, countedAt: null, frozenSince: null };

type Account =
  | { readonly kind: 'place'; readonly place: KitPlace }
  | { readonly kind: 'hive'; readonly colonyId: string }
  | { readonly kind: 'outside' };
const OUTSIDE: Account = { kind: 'outside' };

const nameOf = (account: Account): string =>
  account.kind === 'place' ? `at ${account.place}` : account.kind === 'hive' ? `on ${account.colonyId}` : 'outside';

/**
 * What lies where, by what was counted and carried and by what was done at the hives, in order of time. Whatever moves leaves one place for
 * another. A count sets right what was reckoned until then. Where more is taken than lies there, the rest came from outside: of what was
 * counted that is told, what never was may have been there.
 */
export function stockOf(entries: readonly KitEntry[], uses: readonly KitUse[]): Stock {
  const books = new Map<Thing, Map<string, number>>();
  const lying = new Map<string, Lying>();
  const overdrawn = new Map<string, { place: KitPlace; thing: Thing; count: number }>();
  const wasSeen = new Set<string>();
  const packed = new Map<string, number>();
  const key = (place: KitPlace, thing: Thing) => `${place} ${thing}`;

  const bookOf = (thing: Thing) => {
    const book = books.get(thing) ?? new Map<string, number>();
    books.set(thing, book);
    return book;
  };
  const add = (account: Account, thing: Thing, count: number) => {
    const book = bookOf(thing);
    book.set(nameOf(account), (book.get(nameOf(account)) ?? 0) + count);
    if (account.kind !== 'place') return;
    const before = lying.get(key(account.place, thing)) ?? NOTHING;
    lying.set(key(account.place, thing), { ...before, count: before.count + count });
  };
  const move = (thing: Thing, count: number, from: Account, to: Account) => {
    if (count === 0) return;
    add(from, thing, -count);
    add(to, thing, count);
  };
  const at = (place: KitPlace): Account => ({ kind: 'place', place });
  const there = (place: KitPlace, thing: Thing) => lying.get(key(place, thing)) ?? NOTHING;
  /** What lies there goes, at most so many; gives back how many are wanting. */
  const takeFrom = (place: KitPlace, thing: Thing, count: number, to: Account): number => {
    const taken = Math.min(count, Math.max(0, there(place, thing).count));
    move(thing, taken, at(place), to);
    return count - taken;
  };
  /** Of what was packed for an apiary so many are there; of others no more than the car still holds. */
  const unpack = (apiaryId: string | null, thing: Thing, count: number) => {
    if (apiaryId !== null)
      packed.set(key(apiaryId, thing), Math.max(0, (packed.get(key(apiaryId, thing)) ?? 0) - count));
    for (const [name, bound] of packed)
      if (name.endsWith(` ${thing}`)) packed.set(name, Math.min(bound, there(CAR, thing).count));
  };
  const take = ({ of, count }: Wanted, apiaryId: string, to: Account) => {
    let wanting = count;
    // What lies at the apiary first, then what was in the car.
    for (const place of [apiaryId, CAR])
      for (const thing of of) {
        const before = wanting;
        wanting = takeFrom(place, thing, wanting, to);
        if (place === CAR) unpack(apiaryId, thing, before - wanting);
      }
    const thing = of.find((one) => there(apiaryId, one).countedAt !== null) ?? (of[0] as Thing);
    overdraw(apiaryId, thing, wanting);
    move(thing, wanting, OUTSIDE, to);
  };
  const overdraw = (place: KitPlace, thing: Thing, count: number) => {
    if (count === 0 || there(place, thing).countedAt === null) return;
    const before = overdrawn.get(key(place, thing))?.count ?? 0;
    overdrawn.set(key(place, thing), { place, thing, count: before + count });
  };

  for (const step of inOrder(entries, uses)) {
    switch (step.kind) {
      case 'counted': {
        const { to, thing, count, at: minute, frozenSince } = step;
        move(thing, count - there(to, thing).count, OUTSIDE, at(to));
        // Who counts says nothing of the cold: what lay frozen still does.
        const frozen = frozenSince ?? there(to, thing).frozenSince;
        lying.set(key(to, thing), { count, countedAt: minute, frozenSince: count === 0 ? null : frozen });
        overdrawn.delete(key(to, thing));
        if (to === CAR) unpack(null, thing, 0);
        break;
      }
      case 'carried': {
        const { from, to, thing, count, frozenSince, packedFor = null } = step;
        const target = to === null ? OUTSIDE : at(to);
        if (from === null) move(thing, count, OUTSIDE, target);
        else {
          const wanting = takeFrom(from, thing, count, target);
          overdraw(from, thing, wanting);
          move(thing, wanting, OUTSIDE, target);
        }
        if (from === CAR) unpack(to, thing, count);
        if (to === CAR && packedFor !== null)
          packed.set(key(packedFor, thing), (packed.get(key(packedFor, thing)) ?? 0) + count);
        if (to !== null)
          lying.set(key(to, thing), { ...there(to, thing), frozenSince: frozenSince ?? there(to, thing).frozenSince });
        break;
      }
      case 'taken':
        take(step.wanted, step.apiaryId, { kind: 'hive', colonyId: step.colonyId });
        break;
      case 'came-free': {
        const { colonyId, apiaryId, wanted } = step;
        const hive: Account = { kind: 'hive', colonyId };
        let count = wanted.count;
        for (const thing of wanted.of) {
          const on = Math.min(count, Math.max(0, bookOf(thing).get(nameOf(hive)) ?? 0));
          move(thing, on, hive, at(apiaryId));
          count -= on;
        }
        break;
      }
      case 'seen': {
        const { colonyId, apiaryId, things, isOfStore } = step;
        const hive: Account = { kind: 'hive', colonyId };
        const isFirst = !isOfStore && !wasSeen.has(colonyId);
        wasSeen.add(colonyId);
        for (const [thing, count] of things) {
          const more = count - (bookOf(thing).get(nameOf(hive)) ?? 0);
          // What stood on a hive before it was first seen came from no store.
          if (isFirst) move(thing, more, OUTSIDE, hive);
          else if (more > 0) take({ of: [thing], count: more }, apiaryId, hive);
          else move(thing, -more, hive, at(apiaryId));
        }
        break;
      }
    }
  }
  return {
    lying: there,
    packedFor: (apiaryId, thing) => packed.get(key(apiaryId, thing)) ?? 0,
    overdrawn: [...overdrawn.values()],
    accounts(thing) {
      const sum = { places: 0, hives: 0, outside: 0 };
      for (const [name, count] of bookOf(thing))
        sum[name.startsWith('at ') ? 'places' : name.startsWith('on ') ? 'hives' : 'outside'] += count;
      return sum;
    },
  };
}

/** Of one minute what was done at the hives comes before what was counted: who counts, counts what is left. */
function inOrder(entries: readonly KitEntry[], uses: readonly KitUse[]): readonly (KitEntry | KitUse)[] {
  const said = [...entries].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));
  return [...uses, ...said]
    .map((step, i) => ({ step, i }))
    .sort((a, b) => (a.step.at < b.step.at ? -1 : a.step.at > b.step.at ? 1 : a.i - b.i))
    .map(({ step }) => step);
}
