import type { Day } from '../calendar/day';
import type { Thing } from '../methods/thing';
import { CAR, HOME, type KitPlace } from './kit-entry';
import type { Need } from './needs';
import type { Stock } from './stock';

/** A round that is planned. */
export interface KitRound {
  readonly on: Day;
  readonly apiaryId: string;
}

/** Something that lies elsewhere, and how it comes. */
export interface Fetch {
  readonly thing: Thing;
  readonly count: number;
  readonly from: KitPlace;
  /** The round on which it is picked up; null: it lies at home or in the car. */
  readonly pickedUp: KitRound | null;
  /** The round on which it comes along; null: none is planned in time. */
  readonly comesAlong: KitRound | null;
}

/** A need, and from where it is met. */
export interface MetNeed {
  readonly need: Need;
  /** What of it lies there. */
  readonly there: readonly { readonly thing: Thing; readonly count: number }[];
  readonly fetched: readonly Fetch[];
  /** What lies nowhere. */
  readonly missing: number;
  /** Of that nothing can be said: none of what would do was ever counted anywhere. */
  readonly isUncounted: boolean;
}

interface Asked {
  readonly stock: Stock;
  readonly apiaries: readonly string[];
  /** Apiaries under suspicion of brood disease: nothing is lent from them. */
  readonly suspected: ReadonlySet<string>;
  /** In order of time. */
  readonly rounds: readonly KitRound[];
}

/** Needs by day; of one day in the order given, and what is to be in hand last: it gives way to what has a use. */
const inOrder = (needs: readonly Need[]): readonly Need[] =>
  [...needs].sort((a, b) => rank(a) - rank(b) || a.on - b.on);
const rank = ({ because }: Need) => (because.kind === 'spare-nuc' ? 1 : 0);

/**
 * Where each need is met from: what lies at its apiary, then what is in the car, at home, and at other apiaries that it can be fetched from;
 * each thing serves one need. Nothing comes from an apiary under suspicion of brood disease; what a suspected apiary needs may come from
 * home or the car, and stays there. What lies at an apiary that needs it itself is not lent.
 */
export function meetNeeds(needs: readonly Need[], asked: Asked): readonly MetNeed[] {
  const { stock, apiaries, suspected } = asked;
  const left = new Map<string, number>();
  const key = (place: KitPlace, thing: Thing) => `${place} ${thing}`;
  const leftAt = (place: KitPlace, thing: Thing) => left.get(key(place, thing)) ?? stock.lying(place, thing).count;
  /** Packed for an apiary, and not given to one of its needs yet. */
  const packedLeft = new Map<string, number>();
  const packedFor = (apiaryId: string, thing: Thing) =>
    packedLeft.get(key(apiaryId, thing)) ?? stock.packedFor(apiaryId, thing);
  /** What of a place is free for an apiary: of what is in the car not what was packed for others. */
  const freeAt = (place: KitPlace, thing: Thing, apiaryId: string) =>
    place === CAR
      ? leftAt(place, thing) -
        apiaries.reduce((sum, other) => sum + (other === apiaryId ? 0 : packedFor(other, thing)), 0)
      : leftAt(place, thing);
  const take = (place: KitPlace, thing: Thing, most: number, apiaryId: string) => {
    const count = Math.max(0, Math.min(most, freeAt(place, thing, apiaryId)));
    if (place === CAR) packedLeft.set(key(apiaryId, thing), Math.max(0, packedFor(apiaryId, thing) - count));
    left.set(key(place, thing), leftAt(place, thing) - count);
    return count;
  };
  const shared = new Set<string>();
  const ordered = inOrder(needs.filter((need) => !isSharedAgain(need, shared)));

  // What lies where it is needed stays there, before any of it is lent.
  const own = ordered.map((need) => {
    let wanting = need.wanted.count;
    const there = need.wanted.of.flatMap((thing) => {
      const count = take(need.apiaryId, thing, wanting, need.apiaryId);
      wanting -= count;
      return count > 0 ? [{ thing, count }] : [];
    });
    return { need, there, wanting };
  });
  return own.map(({ need, there, wanting }): MetNeed => {
    let missing = wanting;
    const fetched: Fetch[] = [];
    const elsewhere = [CAR, HOME, ...apiaries.filter((id) => id !== need.apiaryId && !suspected.has(id))];
    for (const thing of need.wanted.of)
      for (const from of elsewhere) {
        if (missing === 0) break;
        const count = take(from, thing, missing, need.apiaryId);
        if (count === 0) continue;
        missing -= count;
        fetched.push({ thing, count, from, ...wayOf(from, need, asked) });
      }
    const places = [need.apiaryId, CAR, HOME, ...apiaries];
    const isUncounted =
      missing > 0 &&
      need.wanted.of.every((thing) => places.every((place) => stock.lying(place, thing).countedAt === null));
    return { need, there, fetched, missing, isUncounted };
  });
}

function isSharedAgain({ isShared, apiaryId, on, wanted }: Need, met: Set<string>): boolean {
  if (!isShared) return false;
  const name = `${apiaryId} ${on} ${wanted.of.join(' ')}`;
  const isAgain = met.has(name);
  met.add(name);
  return isAgain;
}

/** The last round to the apiary up to the day, and the last one before it to where the thing lies; of one day either may be first. */
function wayOf(
  from: KitPlace,
  { apiaryId, on, because }: Need,
  { rounds }: Pick<Asked, 'rounds'>,
): Pick<Fetch, 'pickedUp' | 'comesAlong'> {
  const to = (place: string, until: Day) => rounds.filter((one) => one.apiaryId === place && one.on <= until);
  // What is to be in hand comes along on the first round there is.
  const along =
    because.kind === 'spare-nuc' ? rounds.filter((one) => one.apiaryId === apiaryId) : [...to(apiaryId, on)].reverse();
  if (from === HOME || from === CAR) return { pickedUp: null, comesAlong: along[0] ?? null };
  for (const round of along) {
    const pickedUp = to(from, round.on).at(-1);
    if (pickedUp) return { pickedUp, comesAlong: round };
  }
  return { pickedUp: null, comesAlong: null };
}
