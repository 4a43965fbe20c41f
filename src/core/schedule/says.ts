import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { Thoroughness } from '../cells/thoroughness';
import type { Step } from '../colony/steps';
import type { ReadingName } from '../inspections/reading';
import { type Plain, type Said, sayer } from '../says/said';
import type { Bound } from '../space/bound';
import type { CheckCode } from './check';

interface On {
  readonly on: Day;
}

interface NoEggsBy {
  readonly latest: Day;
  readonly failedOn: Day;
}

interface ByReading {
  readonly reading: ReadingName;
  /** The cells are by all signs there to replace the queen. */
  readonly isReplacing: boolean;
}

/** What is said of what is to be done at a colony: why, and what is to be done where the check's name alone does not say it. */
export interface ScheduleSays {
  advice: ByReading;
  'act-on': ByReading;

  'cells-beside-her-cage': { readonly cells: number };
  'break-down-the-cells': Plain;
  'break-down-cells-above': Plain;
  'caged-in-is-she-out': On;
  'caged-in-eggs-due': On;
  'more-virgins-to-emerge': Plain;
  'sealed-by-now': { readonly since: Day; readonly seenOn: Day };
  'long-without-eggs': { readonly seenOn: Day };
  'look-with-a-test-comb': Plain;
  'one-look': { readonly since: Day; readonly seenOn: Day; readonly until: Day };
  'one-look-at-its-cells': Plain;
  'cast-has-a-virgin': Plain;
  /** `isHived`: she came with a swarm or a nuc. */
  'she-was-seen': { readonly shownOn: Day; readonly latest: Day; readonly isHived: boolean };
  'test-frame-had-no-cells': { readonly shownOn: Day; readonly latest: Day };
  'queen-does-not-lay': Plain;
  'replace-her': Plain;
  'no-eggs-test-frame-tells': On;
  'give-a-test-frame': Plain;
  'mating-may-be-late': { readonly from: Day; readonly to: Day };
  'test-frame-can-wait': { readonly until: Day };
  'keep-one-or-two': { readonly cells: number; readonly virginFrom: Day };
  'swarm-left': On & { readonly virginFrom: Day };
  'one-inspection-finds-all': { readonly goneSince: Day };
  'queenless-since': On;
  'cage-the-bought-queen': Plain;
  'nothing-to-raise-one-from': Plain;
  'give-a-queen-or-cell': Plain;

  'first-full-inspection': { readonly eggsOn: Day };
  'new-nuc': Plain;
  'hived-swarm': Plain;
  'she-is-in-this-half': On;
  'nothing-entered-yet': Plain;
  'nothing-else-due': Plain;
  'see-how-it-stands': Plain;
  'may-be-opened-again': { readonly from: Day };

  'search-for-the-old-queen': Plain;
  'look-at-her-mark': Plain;
  'boxes-may-change-parts': Plain;

  'look-in-both-halves': NoEggsBy;
  'leave-both-shut': { readonly eggsTellTo: Day };
  'open-one-half': Plain;
  'open-one-only': Plain;

  'find-her-above': Plain;
  'eggs-above': On;
  'drones-out': Plain;
  'look-for-eggs-above': Plain;
  'excluder-went-on': On;
  'brood-in-a-super': On;
  'eggs-above-are-new': { readonly from: Day };

  'by-the-frames': { readonly reasons: readonly Said[] };
  'nest-bound': { readonly by: Bound['by'] };
  'short-now': Plain;
  /** `to` null: not before `from`, and not to be told until when. `nectarKg` null: nectar decides nothing. */
  'out-of-room': { readonly out: { readonly from: Day; readonly to: Day | null }; readonly nectarKg: number | null };
  /** Shares from 0 to 1. */
  'time-for-a-box': { readonly covered: number };
  'time-for-a-super': { readonly full: number };

  'first-in-build-up': Plain;
  'outside-the-swarm-season': { readonly interval: number };
  'too-little-seen': Plain;
  'cells-broken-down': { readonly until: Day };
  'cells-not-searched': Plain;
  'search-not-said': Plain;
  'search-never-said': Plain;
  'cells-never-searched': Plain;
  'last-inspection': { readonly thoroughness: Thoroughness; readonly sealedAfter: Day };
  'she-is-clipped': { readonly virginFrom: Day };
  'own-interval': { readonly days: number };
  'later-than-allowed': { readonly days: number };
  'box-above-only': Plain;
  'leave-the-nest-alone': { readonly until: Day };

  'breaking-down-buys': { readonly until: Day };
  'done-in-a-row': { readonly times: number };
  'not-working': Plain;

  'live-cells-above': { readonly virginFrom: Day };
  'moved-for-leave-shut': { readonly from: Day; readonly to: Day };
  'moved-by': On & { readonly what: Step['kind'] };

  'leave-shut-to': { readonly to: Day };
  'after-last-day': { readonly code: CheckCode; readonly day: Day; readonly latest: Day };
  'before-first-day': { readonly code: CheckCode; readonly day: Day; readonly earliest: Day };

  'no-sealed-brood': { readonly likely: DayRange };
}

export const say = sayer<ScheduleSays>('schedule');
