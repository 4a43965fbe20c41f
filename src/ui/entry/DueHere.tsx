import { rangeWords } from '../../core/calendar/words';
import type { EntryReading } from '../../device/entry-reading';

/** What this visit is for, and whether the hive is to be opened at all. */
export function DueHere({ shut, due, isForced }: Pick<EntryReading, 'shut' | 'due' | 'isForced'>) {
  return (
    <>
      {shut && (
        <p role="note" className="mt-3 border-l-4 border-indigo pl-3 font-bold text-indigo">
          {`Leave shut ${rangeWords(shut)}, both days included: a virgin may be out and flying. ${isForced ? 'It may still be opened for this:' : 'Do not open it now unless you must.'}`}
        </p>
      )}
      {due.length > 0 && (
        <ul aria-label="What this visit is for" className="mt-2 text-sm">
          {due.map(({ key, order, why }) => (
            <li key={key}>
              <b>{order}.</b> {why}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
