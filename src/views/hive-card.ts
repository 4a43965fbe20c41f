import type { Day } from '../core/calendar/day';
import { shutOn } from '../core/schedule/leave-shut-wins';
import { dayWords, weekdayWords } from '../words/days';
import type { StandingColony } from './all-apiaries';
import { dueViews } from './due-view';

/** What lies on a hive's top: whether it is to be left shut, why, what comes next. */
export interface HiveCard {
  readonly colonyId: string;
  readonly name: string;
  readonly place: string;
  /** The last day on which it is to be left shut; null: it may be opened. */
  readonly shutUntil: string | null;
  readonly next: readonly { readonly key: string; readonly words: string; readonly why: string }[];
  readonly made: string;
}

/** So much has room on a card. */
const NEXT_AT_MOST = 2;

export function hiveCard({ colony, apiary, state }: StandingColony, today: Day): HiveCard {
  const shut = shutOn(state.schedule.leaveShut, today);
  return {
    colonyId: colony.id,
    name: colony.name,
    place: [apiary.name, colony.stand].filter(Boolean).join(' · '),
    shutUntil: shut && weekdayWords(shut.to),
    next: dueViews(state)
      .slice(0, NEXT_AT_MOST)
      .map(({ key, words, why }) => ({ key, words, why })),
    made: dayWords(today),
  };
}
