import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { EntryReading } from '../../device/entry-reading';
import type { NamedColony } from '../../views/yard';
import { rangeWords } from '../../words/days';

// Seldom needed, so that its script comes when it is.
const MoveCheck = dynamic(() => import('../due/MoveCheck').then((module) => module.MoveCheck), { ssr: false });

interface Props extends Pick<EntryReading, 'shut' | 'due' | 'leaveShut' | 'isForced'> {
  readonly colony: NamedColony;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
}

/** What this visit is for, and whether the hive is to be opened at all; each check can be put off, with the reason. */
export function DueHere({ shut, due, leaveShut, isForced, colony, minute }: Props) {
  const [moving, setMoving] = useState<string | null>(null);
  const at = { colonyId: colony.id, colonyName: colony.name, leaveShut, halves: [] };
  return (
    <>
      {shut && (
        <p role="note" className="mt-3 border-l-4 border-indigo pl-3 font-bold text-indigo">
          {`Leave shut ${rangeWords(shut)}, both days included: a virgin may be out and flying. ${isForced ? 'It may still be opened for this:' : 'Do not open it now unless you must.'}`}
        </p>
      )}
      {due.length > 0 && (
        <ul aria-label="What this visit is for" className="mt-2 text-sm">
          {due.map((check) => (
            <li key={check.key}>
              {/* Where the reason begins with the order, it is said once. */}
              {!check.why.startsWith(check.order) && <b>{check.order}.</b>} {check.why}{' '}
              <button
                type="button"
                aria-expanded={moving === check.key}
                className="min-h-11 px-1 font-bold underline"
                onClick={() => setMoving(moving === check.key ? null : check.key)}
              >
                put it off
              </button>
              {moving === check.key && (
                <MoveCheck check={check} at={at} minute={minute} onDone={() => setMoving(null)} />
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
