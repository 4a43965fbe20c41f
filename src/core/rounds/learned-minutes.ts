import { figure } from '../biology/figure';
import { minutesOf } from '../calendar/minute';
import { OPENING_MINUTES, USUAL_MINUTES, VISIT_KINDS, type VisitKind } from './work';

/** A round that was made. */
export interface RoundMade {
  /** Local minutes. */
  readonly beganAt: string;
  /** Null: not noted. */
  readonly endedAt: string | null;
  readonly hives: readonly {
    readonly colonyId: string;
    /** When the keeper came to it and left it, local minutes; null: not noted. */
    readonly from: string | null;
    readonly to: string | null;
    readonly did: readonly VisitKind[];
  }[];
}

export interface LearnedMinutes {
  readonly minutes: number;
  /** Out of so many rounds. */
  readonly of: number;
}

/** Only the last so many of a kind tell how long it takes. */
export const LEARNED_FROM = figure('minutes-are-learned-from-the-last', 10, 'rounds', 'setting').value;

/** How long each kind of work took, the last rounds first. */
export function minutesTaken(rounds: readonly RoundMade[]): ReadonlyMap<VisitKind, readonly number[]> {
  const taken = new Map<VisitKind, number[]>();
  const inOrder = [...rounds].sort((a, b) => (a.beganAt < b.beganAt ? 1 : -1));
  for (const round of inOrder) {
    for (const { did, minutes } of hivesTimed(round)) {
      const usual = did.reduce((sum, kind) => sum + USUAL_MINUTES[kind], 0);
      const opening = did.some((kind) => kind !== 'doors') ? OPENING_MINUTES : 0;
      for (const kind of new Set(did)) {
        const share = ((minutes - opening) * USUAL_MINUTES[kind]) / usual;
        taken.set(kind, [...(taken.get(kind) ?? []), Math.max(1, share)]);
      }
    }
  }
  return taken;
}

/**
 * What each kind of work takes by the rounds that were made: the median of the last {@link LEARNED_FROM} of a kind, in whole minutes, without
 * the opening of the hive. Of a hive at which several things were done its time is shared in proportion to what they usually take; hives
 * of which no times are noted share what is left of their round.
 */
export function learnedMinutes(rounds: readonly RoundMade[]): ReadonlyMap<VisitKind, LearnedMinutes> {
  const taken = minutesTaken(rounds);
  return new Map(
    VISIT_KINDS.flatMap((kind) => {
      const last = (taken.get(kind) ?? []).slice(0, LEARNED_FROM);
      return last.length === 0 ? [] : [[kind, { minutes: Math.round(medianOf(last)), of: last.length }] as const];
    }),
  );
}

/** The minutes of each hive of a round at which something was done, as far as they can be told. */
function hivesTimed({ beganAt, endedAt, hives }: RoundMade): readonly { did: readonly VisitKind[]; minutes: number }[] {
  const done = hives.filter(({ did }) => did.length > 0);
  const own = (hive: RoundMade['hives'][number]) =>
    hive.from !== null && hive.to !== null && hive.to > hive.from ? minutesOf(hive.to) - minutesOf(hive.from) : null;
  const timed = hives.reduce((sum, hive) => sum + (own(hive) ?? 0), 0);
  const untimed = done.filter((hive) => own(hive) === null);
  const left = endedAt === null ? 0 : minutesOf(endedAt) - minutesOf(beganAt) - timed;
  const usual = (did: readonly VisitKind[]) =>
    did.reduce((sum, kind) => sum + USUAL_MINUTES[kind], 0) + OPENING_MINUTES;
  const all = untimed.reduce((sum, { did }) => sum + usual(did), 0);
  return done.flatMap((hive) => {
    const minutes = own(hive) ?? (left > 0 ? (left * usual(hive.did)) / all : null);
    return minutes === null ? [] : [{ did: hive.did, minutes }];
  });
}

function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const upper = sorted[middle] as number;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] as number) + upper) / 2;
}
