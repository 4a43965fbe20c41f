import type { Day } from '../core/calendar/day';
import type { LeaveShut } from '../core/schedule/check';
import { rangeWords, weekdayWords } from '../words/days';
import { RIBBON_WORDS } from '../words/marks';
import { seasonPhrases } from '../words/pages/season';
import type { SeasonRow, SeasonView } from './season-view';

export interface SeasonLine {
  readonly key: string;
  readonly colonyId: string;
  readonly colony: string;
  readonly what: string;
  readonly when: string;
  readonly from: Day;
}

/** The same as a table: everything of every colony in order of time. */
export function seasonLines({ groups }: SeasonView): readonly SeasonLine[] {
  return groups.flatMap(({ rows }) => rows.flatMap(rowLines));
}

function rowLines(row: SeasonRow): readonly SeasonLine[] {
  const { colonyId, name: colony, ribbons, shut, programmes, looks, checks, meant } = row;
  const line = (key: string, what: string, from: Day, when: string): SeasonLine => ({
    key: `${colonyId}${key}`,
    colonyId,
    colony,
    what,
    when,
    from,
  });
  const span = ({ from, to }: LeaveShut) => rangeWords({ from, to });
  return [
    ...looks.map((on) => line(`look${on}`, 'inspected', on, weekdayWords(on))),
    ...programmes.map(({ id, label, from, to }) => line(id, label, from, span({ from, to }))),
    ...ribbons.map(({ kind, window: { earliest, latest } }) =>
      line(kind, RIBBON_WORDS[kind], earliest, span({ from: earliest, to: latest })),
    ),
    ...shut.map((one) => line(`shut${one.from}`, seasonPhrases.leaveShut, one.from, span(one))),
    ...checks.map(({ key, label, window: { earliest, ideal, latest }, plannedFor }) =>
      line(
        key,
        label,
        plannedFor ?? ideal,
        seasonPhrases.anyDay(plannedFor ?? ideal, span({ from: earliest, to: latest })),
      ),
    ),
    ...(meant?.intentions ?? []).map(({ key, label, on, window }) =>
      line(
        `meant${key}`,
        seasonPhrases.meant(label),
        on,
        seasonPhrases.anyDay(on, span({ from: window.earliest, to: window.latest })),
      ),
    ),
  ].sort((a, b) => a.from - b.from);
}
