import { readEntry } from '../device/entry-reading';
import { roundsAtHand } from '../device/rounds-at-hand';

/** What is reckoned beside a page, so that no tap waits for it. */
export const HIVE_RECKONER = { roundsAtHand, readEntry };

export type HiveReckoner = typeof HIVE_RECKONER;
