'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { NamedColony } from '../../views/all-apiaries';
import type { ProgrammeView } from '../../views/programme-view';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useDevice } from '../offline/DeviceProvider';
import { NotSent } from '../offline/NotSent';
import { useSay } from '../offline/useSay';

interface Props {
  readonly programmeId: string;
  readonly title: string;
  /** The colony that it was started on. */
  readonly colony: NamedColony;
  readonly steps: ProgrammeView['steps'];
  readonly minute: string;
}

/** The method step by step, to be ticked at the hive. */
export function Steps({ programmeId, title, colony, steps, minute }: Props) {
  const thisMinute = useThisMinute(minute);
  const { outbox } = useDevice();
  const { issues, say } = useSay(colony);
  // What was tapped here since the page was made, over what waits on the device, over what the server knew.
  const [tapped, setTapped] = useState<ReadonlyMap<number, boolean>>(new Map());
  const ticks = outbox.flatMap((entry) =>
    entry.kind === 'step' && entry.state !== 'refused' && entry.body.programmeId === programmeId ? [entry] : [],
  );
  const kept = new Map(
    ticks.sort((a, b) => (a.savedAt < b.savedAt ? -1 : 1)).map(({ body }) => [body.step, body.isDone]),
  );
  const unsent = ticks.filter(({ state }) => state === 'waiting').length;
  const tick = async (step: number, isDone: boolean) => {
    setTapped((before) => new Map(before).set(step, isDone));
    const words = `${title}, step ${step + 1} ${isDone ? 'done' : 'not done after all'}`;
    const said = await say('step', { id: newId(), programmeId, step, at: thisMinute(), isDone }, words);
    if (said === 'refused') setTapped((before) => new Map(before).set(step, !isDone));
  };
  return (
    <>
      <IssueList issues={issues} />
      {unsent > 0 && <NotSent words={unsent === 1 ? 'one tick' : `${unsent} ticks`} />}
      <ol className="mt-1">
        {steps.map(({ step, words, isDone }) => {
          const isTicked = tapped.get(step) ?? kept.get(step) ?? isDone;
          return (
            <li key={step} className="border-b border-line">
              <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1.5">
                <input
                  type="checkbox"
                  className="size-6 shrink-0 accent-larch"
                  checked={isTicked}
                  onChange={(event) => void tick(step, event.target.checked)}
                />
                <span className={isTicked ? 'text-muted line-through' : ''}>{`${step + 1}. ${words}`}</span>
              </label>
            </li>
          );
        })}
      </ol>
    </>
  );
}
