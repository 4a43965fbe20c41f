'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { ProgrammeView } from '../../views/programme-view';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

interface Props {
  readonly programmeId: string;
  readonly steps: ProgrammeView['steps'];
  readonly minute: string;
}

/** The method step by step, to be ticked at the hive. */
export function Steps({ programmeId, steps, minute }: Props) {
  const { issues, sendTo } = useSend();
  const [isTicked, setTicked] = useState<ReadonlySet<number>>(
    () => new Set(steps.filter(({ isDone }) => isDone).map(({ step }) => step)),
  );
  const mark = (step: number, isDone: boolean) =>
    setTicked((ticked) => new Set(isDone ? [...ticked, step] : [...ticked].filter((other) => other !== step)));
  const tick = async (step: number, isDone: boolean) => {
    mark(step, isDone);
    const isStored = await sendTo('/api/steps', { id: newId(), programmeId, step, at: minute, isDone });
    if (!isStored) mark(step, !isDone);
  };
  return (
    <>
      <IssueList issues={issues} />
      <ol className="mt-1">
        {steps.map(({ step, words }) => (
          <li key={step} className="border-b border-line">
            <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1.5">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-larch"
                checked={isTicked.has(step)}
                onChange={(event) => void tick(step, event.target.checked)}
              />
              <span className={isTicked.has(step) ? 'text-muted line-through' : ''}>{`${step + 1}. ${words}`}</span>
            </label>
          </li>
        ))}
      </ol>
    </>
  );
}
