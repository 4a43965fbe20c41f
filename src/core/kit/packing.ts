import type { Thing } from '../methods/thing';
import { CAR, type KitPlace } from './kit-entry';
import type { NeedReason } from './needs';
import type { KitRound, MetNeed } from './shortages';

/** A line of a packing list: so many of a thing come along from a place. */
export interface PackedLine {
  readonly thing: Thing;
  readonly count: number;
  readonly from: KitPlace;
  readonly because: readonly NeedReason[];
}

export interface PackingList {
  /** What is to be put in the car, or is to be picked up on the way. */
  readonly toPack: readonly PackedLine[];
  /** In the car by now. */
  readonly inCar: readonly PackedLine[];
  /** At the apiary. */
  readonly there: readonly PackedLine[];
  /** To be picked up there for another apiary. */
  readonly toPickUp: readonly PackedLine[];
  /** What lies nowhere. */
  readonly missing: readonly {
    readonly of: readonly Thing[];
    readonly count: number;
    readonly isUncounted: boolean;
    readonly because: readonly NeedReason[];
  }[];
}

const isSame = (a: KitRound | null, b: KitRound): boolean => a !== null && a.on === b.on && a.apiaryId === b.apiaryId;

/**
 * What comes along on a round: what its own work needs and is not there, what is brought for later work on it, and what is picked up on it
 * for elsewhere.
 */
export function packingList(met: readonly MetNeed[], round: KitRound): PackingList {
  const along = met.flatMap(({ need, fetched }) =>
    fetched.filter(({ comesAlong }) => isSame(comesAlong, round)).map((fetch) => ({ ...fetch, because: need.because })),
  );
  const own = met.filter(({ need }) => need.apiaryId === round.apiaryId && need.on === round.on);
  return {
    toPack: lines(along.filter(({ from }) => from !== CAR)),
    inCar: lines(along.filter(({ from }) => from === CAR)),
    there: lines(
      own.flatMap(({ need, there }) => there.map((one) => ({ ...one, from: round.apiaryId, because: need.because }))),
    ),
    toPickUp: lines(
      met.flatMap(({ need, fetched }) =>
        fetched
          .filter(({ pickedUp, from }) => isSame(pickedUp, round) && from === round.apiaryId)
          .map((fetch) => ({ ...fetch, because: need.because })),
      ),
    ),
    missing: missingOf(own),
  };
}

function missingOf(own: readonly MetNeed[]): PackingList['missing'] {
  const byWanted = new Map<string, PackingList['missing'][number]>();
  for (const { need, missing, isUncounted } of own) {
    if (missing === 0) continue;
    const name = need.wanted.of.join(' ');
    const before = byWanted.get(name);
    byWanted.set(name, {
      of: need.wanted.of,
      count: (before?.count ?? 0) + missing,
      isUncounted: (before?.isUncounted ?? true) && isUncounted,
      because: [...(before?.because ?? []), need.because],
    });
  }
  return [...byWanted.values()];
}

/** Lines of one thing from one place are one. */
function lines(
  parts: readonly (Omit<PackedLine, 'because'> & { readonly because: NeedReason })[],
): readonly PackedLine[] {
  const byThing = new Map<string, PackedLine>();
  for (const { thing, count, from, because } of parts) {
    const name = `${from} ${thing}`;
    const before = byThing.get(name);
    byThing.set(name, {
      thing,
      from,
      count: (before?.count ?? 0) + count,
      because: [...(before?.because ?? []), because],
    });
  }
  return [...byThing.values()];
}
