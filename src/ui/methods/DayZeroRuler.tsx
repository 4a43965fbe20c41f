import type { HandbookCheck, HandbookPage } from '../../views/handbook';

const STEP = 7;
/** A figure is as wide as so many days on the narrowest ruler. */
const ROOM = 3;

/** The checks of a method from day 0, each as the span in which it is done with its best day; hatched while it is to be left shut. */
export function DayZeroRuler({ checks, leaveShut }: Pick<HandbookPage, 'checks' | 'leaveShut'>) {
  const last = Math.max(STEP, ...checks.map(({ to }) => to), ...leaveShut.map(({ to }) => to)) + 1;
  const at = (days: number) => `${(days / last) * 100}%`;
  const weeks = Array.from({ length: Math.floor(last / STEP) + 1 }, (_, i) => i * STEP);
  const bar = ({ from, to }: Pick<HandbookCheck, 'from' | 'to'>) => ({ left: at(from), width: at(to - from + 1) });
  return (
    <div aria-hidden="true" className="relative mt-2 border-t-2 border-ink pt-6 pb-1">
      {weeks.map((days) => (
        <span
          key={days}
          className="absolute top-0 bottom-0 w-0 border-l border-line text-sm"
          style={{ left: at(days) }}
        >
          {/* The last stands before its line where there is no room behind it. */}
          <span className={`absolute top-0 whitespace-nowrap ${days + ROOM > last ? 'right-1' : 'left-1'}`}>
            {days === 0 ? 'day 0' : days}
          </span>
        </span>
      ))}
      {leaveShut.map((shut) => (
        <div key={`${shut.part}${shut.from}`} className="relative h-5">
          <span className="hatch-shut absolute h-4 border border-indigo" style={bar(shut)} />
        </div>
      ))}
      {checks.map((check) => (
        <div key={check.key} className="relative h-5">
          <span className="absolute h-4 border-2 border-larch bg-tint" style={bar(check)} />
          <span className="absolute h-4 bg-larch" style={{ left: at(check.best), width: at(1) }} />
        </div>
      ))}
    </div>
  );
}
