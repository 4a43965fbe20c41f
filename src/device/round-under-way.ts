import type { ColonyFacts } from '../core/colony/facts';
import type { RoundFact } from '../core/facts/round';
import type { VisitKind } from '../core/rounds/work';
import type { RoundHive } from '../views/round-view';
import type { StoredDraft } from './stored-draft';

/** A round that was begun on this device. */
export interface RoundUnderWay {
  readonly id: string;
  readonly apiaryId: string;
  /** Local minute. */
  readonly beganAt: string;
  /** What was due when it began. */
  readonly due: readonly { readonly colonyId: string; readonly key: string; readonly kind: VisitKind }[];
}

const KEY = 'round:';

/** It is kept like anything else that is begun: one for each apiary. */
export const asDraft = (round: RoundUnderWay, instant: string): StoredDraft => ({
  key: `${KEY}${round.apiaryId}`,
  begin: null,
  draft: round,
  tappedAt: instant,
});

export const roundKey = (apiaryId: string): string => `${KEY}${apiaryId}`;

/** The round that is under way at an apiary; null: none is. */
export const roundUnderWay = (drafts: readonly StoredDraft[], apiaryId: string): RoundUnderWay | null =>
  (drafts.find(({ key }) => key === roundKey(apiaryId))?.draft as RoundUnderWay | undefined) ?? null;

/** Begins a round with what is due on it. */
export const beginRound = (
  id: string,
  apiaryId: string,
  beganAt: string,
  hives: readonly RoundHive[],
): RoundUnderWay => ({
  id,
  apiaryId,
  beganAt,
  due: hives.flatMap(({ colonyId, due }) =>
    due.flatMap(({ key, kind }) => (kind === null ? [] : [{ colonyId, key, kind }])),
  ),
});

interface HiveSince {
  readonly colony: { readonly id: string };
  readonly facts: Pick<ColonyFacts, 'inspections' | 'surveys' | 'answers'>;
}

/** When a hive was seen to since a minute: from the first entry to the end of the last; null: nothing was entered of it. */
export function seenSince(
  { colony, facts }: HiveSince,
  since: string,
): { readonly from: string; readonly to: string } | null {
  const noted = [
    ...facts.inspections.map(({ at, until }) => ({ at, end: until ?? at })),
    ...facts.surveys.map(({ at }) => ({ at, end: at })),
    ...facts.answers.filter(({ colonyId }) => colonyId === colony.id).map(({ at }) => ({ at, end: at })),
  ].filter(({ at }) => at >= since && at.slice(0, 10) === since.slice(0, 10));
  if (noted.length === 0) return null;
  const [from] = noted.map(({ at }) => at).sort();
  const to = noted
    .map(({ end }) => end)
    .sort()
    .at(-1);
  return { from: from as string, to: to as string };
}

/**
 * A round as it was made: the hives of which something was entered since it began, and of what was due there what is due no longer. A hive
 * of which beginning and end are one minute has no times of its own.
 *
 * @param endedAt local minute; null: it ended with its last entry
 * @param stillDue the keys of what is due by now, by the colony
 */
export function roundMade(
  { id, apiaryId, beganAt, due }: RoundUnderWay,
  hives: readonly HiveSince[],
  stillDue: ReadonlyMap<string, ReadonlySet<string>>,
  endedAt: string | null,
  hadHelp: boolean,
): RoundFact {
  const seen = hives.flatMap((hive) => {
    const span = seenSince(hive, beganAt);
    return span ? [{ colonyId: hive.colony.id, ...span }] : [];
  });
  const last = seen
    .map(({ to }) => to)
    .sort()
    .at(-1);
  return {
    id,
    apiaryId,
    beganAt,
    endedAt: endedAt ?? last ?? null,
    hadHelp,
    note: '',
    hives: seen.map(({ colonyId, from, to }) => ({
      colonyId,
      from: from < to ? from : null,
      to: from < to ? to : null,
      did: [
        ...new Set(
          due
            .filter((one) => one.colonyId === colonyId && !stillDue.get(colonyId)?.has(one.key))
            .map(({ kind }) => kind),
        ),
      ],
    })),
  };
}
