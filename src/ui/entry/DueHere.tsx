import dynamic from 'next/dynamic';
import { useState } from 'react';
import { ASKED_IN_WORDS } from '../../core/programmes/asked-in-words';
import type { EntryReading } from '../../device/entry-reading';
import type { NamedColony } from '../../views/all-apiaries';
import { rangeWords } from '../../words/days';
import { SmallPanel } from '../controls/SmallPanel';

// Seldom needed, so that its script comes when it is.
const AnswerCheck = dynamic(() => import('../due/AnswerCheck').then((module) => module.AnswerCheck), { ssr: false });
const MoveCheck = dynamic(() => import('../due/MoveCheck').then((module) => module.MoveCheck), { ssr: false });

interface Props extends Pick<EntryReading, 'shut' | 'due' | 'leaveShut' | 'isForced'> {
  readonly colony: NamedColony;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
  /** Neither put off nor answered from here. */
  readonly isOnlyTold: boolean;
}

/**
 * What this visit is for, and whether the hive is to be opened at all; what the inspection itself does not tell is answered here, and each
 * check can be put off, with the reason.
 */
export function DueHere({ shut, due, leaveShut, isForced, colony, minute, isOnlyTold }: Props) {
  const [open, setOpen] = useState<{ readonly key: string; readonly what: 'move' | 'answer' } | null>(null);
  const [answered, setAnswered] = useState<readonly string[]>([]);
  const isOpen = (key: string, what: 'move' | 'answer') => open?.key === key && open.what === what;
  const toggle = (key: string, what: 'move' | 'answer') => setOpen(isOpen(key, what) ? null : { key, what });
  const opener = (key: string, what: 'move' | 'answer', name: string) => (
    <button
      type="button"
      aria-expanded={isOpen(key, what)}
      className="min-h-11 font-bold underline"
      onClick={() => toggle(key, what)}
    >
      {name}
    </button>
  );
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
              {answered.includes(check.key) ? (
                <b role="status">Noted.</b>
              ) : isOnlyTold ? null : (
                <span className="flex gap-4">
                  {check.asks &&
                    ASKED_IN_WORDS.has(check.asks.code) &&
                    opener(check.key, 'answer', 'record the result')}
                  {opener(check.key, 'move', 'put it off')}
                </span>
              )}
              {isOpen(check.key, 'answer') && check.asks && (
                <SmallPanel onClose={() => setOpen(null)}>
                  {(done) => (
                    <AnswerCheck
                      order={check.order}
                      asks={check.asks as NonNullable<typeof check.asks>}
                      at={at}
                      minute={minute}
                      onDone={() => {
                        setAnswered([...answered, check.key]);
                        done();
                      }}
                    />
                  )}
                </SmallPanel>
              )}
              {isOpen(check.key, 'move') && (
                <SmallPanel onClose={() => setOpen(null)}>
                  {(done) => <MoveCheck check={check} at={at} minute={minute} onDone={done} />}
                </SmallPanel>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
