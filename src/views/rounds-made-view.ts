import { minutesOf } from '../core/calendar/minute';
import type { RoundFact } from '../core/facts/round';
import { weekPhrases } from '../words/pages/week';
import type { ApiaryEntry } from './all-apiaries';

export interface RoundMadeView {
  readonly id: string;
  /** When it was, where, at how many hives, for how long. */
  readonly words: string;
}

/** Only the last are of use: minutes are learned from them. */
const SHOWN = 12;

/** Rounds that were made, the last first. */
export const roundsMadeView = (
  rounds: readonly RoundFact[],
  apiaries: readonly Pick<ApiaryEntry, 'id' | 'name'>[],
): readonly RoundMadeView[] =>
  rounds.slice(0, SHOWN).map(({ id, apiaryId, beganAt, endedAt, hives, hadHelp }) => ({
    id,
    words: weekPhrases.roundMade(
      beganAt,
      apiaries.find((one) => one.id === apiaryId)?.name ?? '',
      hives.length,
      endedAt === null ? null : minutesOf(endedAt) - minutesOf(beganAt),
      hadHelp,
    ),
  }));
