'use client';

import { formatDay } from '../../core/calendar/day';
import { WhenFields } from '../controls/WhenFields';
import { Problem } from './Problem';
import type { EntryUnderWay } from './useInspectionEntry';

/** An inspection is over on the day on which it began. */
const onDayOf = (at: string, until: string | null) => until && `${at.slice(0, 10)}${until.slice(10)}`;

/** The day and the minutes of an inspection. */
export function WhenInspected({ entry: { draft, set, today, problemAt } }: { readonly entry: EntryUnderWay }) {
  return (
    <div className="mt-4 grid grid-cols-2 gap-2">
      <WhenFields
        at={draft.at}
        to={draft.to}
        latestDay={formatDay(today)}
        onChange={(at) => set({ at, until: onDayOf(at, draft.until ?? null) })}
        until={draft.until ?? null}
        onUntil={(until) => set({ until })}
        onTo={(to) => set({ to })}
      />
      <span className="col-span-2">
        <Problem text={problemAt('at') ?? problemAt('until') ?? problemAt('to')} />
      </span>
    </div>
  );
}
