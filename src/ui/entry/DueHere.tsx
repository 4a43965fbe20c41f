import type { Day } from '../../core/calendar/day';
import { rangeWords } from '../../core/calendar/words';
import type { ColonyState } from '../../core/colony/fold';
import { orderOf } from '../../core/schedule/due-words';
import { shutOn } from '../../core/schedule/leave-shut-wins';

/** What this visit is for, and whether the hive is to be opened at all. */
export function DueHere({ before, on }: { before: ColonyState; on: Day }) {
  const { checks, leaveShut } = before.schedule;
  const shut = shutOn(leaveShut, on);
  const due = checks.filter(({ window }) => window.earliest <= on);
  return (
    <>
      {shut && (
        <p role="note" className="mt-3 border-l-4 border-indigo pl-3 font-bold text-indigo">
          {`Leave shut ${rangeWords(shut)}: a virgin may be out and flying. Do not open it now unless you must.`}
        </p>
      )}
      {due.length > 0 && (
        <ul aria-label="What this visit is for" className="mt-2 text-sm">
          {due.map((check) => (
            <li key={check.key}>
              <b>{orderOf(check)}.</b> {check.why}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
