import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { dayWords, distanceWords, rangeWords, weekdayWords } from '../days';

/** The last day on which she was seen, or eggs of hers were; null: nobody noted either. */
type Proof = { readonly by: 'seen' | 'eggs'; readonly on: Day } | null;

/** A colony's queen, in a line and in a sentence. */
export const queenPhrases = {
  proof: (proof: Proof, today: Day) =>
    proof === null
      ? ' Nobody has noted seeing her or her eggs.'
      : ` Last sign of her: ${proof.by} on ${weekdayWords(proof.on)}, ${distanceWords(proof.on, today)}.`,
  eitherHalf: (since: Day) => ({
    brief: 'in this half or the other',
    words: `Not known: since ${weekdayWords(since)} she is in this half or in the other.`,
  }),
  none: (since: Day | null) => ({
    brief: since === null ? 'none' : `none since ${weekdayWords(since)}`,
    words: `No queen since ${since === null ? 'an unknown day' : weekdayWords(since)}.`,
  }),
  /** `emptyOn` null: there is no reason yet to think that she does not lay. */
  virgin: (out: DayRange, emptyOn: Day | null) =>
    emptyOn === null
      ? {
          brief: `a virgin, out ${rangeWords(out)}`,
          words: `A virgin, out ${rangeWords(out)}. Do not disturb her.`,
        }
      : {
          brief: `a virgin, and no eggs by ${dayWords(emptyOn)}`,
          words: `A virgin, out ${rangeWords(out)}, and no eggs by ${weekdayWords(emptyOn)}.`,
        },
  caged: (on: Day) => ({
    brief: `caged in on ${weekdayWords(on)}`,
    words: `A queen was caged in on ${weekdayWords(on)}; not yet known to lay.`,
  }),
  going: (proof: string) => ({
    brief: 'probably left with a swarm',
    words: `She has probably left with a swarm.${proof}`,
  }),
  notLookedFor: {
    brief: 'not looked for yet',
    words: 'Not known: nobody has inspected it yet, nor noted a queen.',
  },
  laying: (clipped: boolean, last: Proof, proof: string) => ({
    brief: last === null ? 'nobody has noted seeing her or her eggs' : `laying; ${last.by} on ${weekdayWords(last.on)}`,
    words: `Laying, going by what was last seen${clipped ? '; one wing clipped' : ''}.${proof}`,
  }),
};
