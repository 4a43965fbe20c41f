import type { ColonyView } from '../../views/colony-view';
import type { DueAt } from '../../views/due-view';
import { DueList } from '../due/DueList';
import { TONE_TEXT } from '../time/tones';

/** The reading as a headline, and what to do. */
export function ReadingPanel({ view, at, minute }: { view: ColonyView; at: DueAt; minute: string }) {
  const { situation, isWhyInHeadline, due, leaveShut, isShutToday, notDone, seen, contradictions } = view;
  const tone = due[0]?.tone ?? 'fine';
  const shut = leaveShut && <p className="text-indigo mt-1 font-bold">{leaveShut}</p>;
  return (
    <section aria-label="Reading">
      {seen !== situation && <p className="text-muted text-sm">{seen}</p>}
      <h2 className={`text-xl ${TONE_TEXT[tone]}`}>{situation}</h2>
      {contradictions.map((words) => (
        <p key={words} role="note" className="text-propolis mt-1 border-l-4 border-propolis pl-2 text-sm">
          {words}
        </p>
      ))}
      {/* What is to be done before it begins comes first. */}
      {isShutToday && shut}
      <DueList due={due} at={at} minute={minute} whys={isWhyInHeadline ? 'none' : 'first'} />
      {!isShutToday && shut}
      {notDone.map((words) => (
        <p key={words} className="text-muted text-sm">
          {words}
        </p>
      ))}
    </section>
  );
}
