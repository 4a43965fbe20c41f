'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { FramePlan } from '../../core/facts/frame-plan';
import type { NamedColony } from '../../views/all-apiaries';
import { minuteWords } from '../../words/days';
import { storedWords } from '../../words/stored-words';
import { AskFirst } from '../controls/AskFirst';
import { Button, ButtonLink } from '../controls/Button';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useDevice } from '../offline/DeviceProvider';
import { NotSent } from '../offline/NotSent';
import { useSay } from '../offline/useSay';
import { PageHead } from '../time/PageHead';

interface Props {
  readonly plan: FramePlan;
  readonly colony: NamedColony;
  readonly title: string;
  readonly cautions: readonly string[];
  /** The method that is begun once the list is worked off; null: none is, or it was. */
  readonly begins: string | null;
  /** Where the method is started that makes the new colony of this plan; null: none is needed, or it runs already. */
  readonly startPath: string | null;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
}

/** The list to work off at the hive: ticked one by one, printed, and said to be done. */
export function PlanPage({ plan, colony, title, cautions, begins, startPath, minute }: Props) {
  const { id, steps, finishedAt } = plan;
  const router = useRouter();
  const thisMinute = useThisMinute(minute);
  const { outbox } = useDevice();
  const { issues, isSaying, say } = useSay(colony);
  const [tapped, setTapped] = useState<ReadonlySet<number> | null>(null);
  const kept = outbox.find((entry) => entry.kind === 'frame-moves' && entry.id === id && entry.state !== 'refused');
  const said = kept?.kind === 'frame-moves' ? kept : null;
  const done = tapped ?? new Set(said?.body.done ?? plan.done);
  const isOver = finishedAt !== null;
  const isSaid = said?.state === 'waiting' && (said.body.isFinished || said.body.isDropped);
  const progress = (ticked: ReadonlySet<number>, fields: { isFinished?: boolean; isDropped?: boolean } = {}) => {
    const { isFinished = false, isDropped = false } = fields;
    const how = isDropped ? 'given up' : isFinished ? 'all done' : `${ticked.size} of ${steps.length} moves done`;
    const body = { id, at: thisMinute(), done: [...ticked], isFinished, isDropped };
    return say('frame-moves', body, `${title}: ${how}`);
  };
  const tick = async (step: number, isDone: boolean) => {
    const next = new Set(isDone ? [...done, step] : [...done].filter((one) => one !== step));
    setTapped(next);
    if ((await progress(next)) === 'refused') setTapped(done);
  };
  const giveUp = async () => {
    if ((await progress(done, { isDropped: true })) === 'sent') router.push(`/colonies/${colony.id}/frames`);
  };
  return (
    <>
      <PageHead
        isSticky={false}
        title={`${title}: at ${colony.name}`}
        below={
          <p className="flex flex-wrap gap-x-5 print:hidden">
            <Link prefetch={false} href={`/colonies/${colony.id}/frames`}>
              {`Frames of ${colony.name}`}
            </Link>
            <Button kind="quiet" onClick={() => window.print()}>
              print
            </Button>
          </p>
        }
      />
      <IssueList issues={issues} />
      {said?.state === 'waiting' && <NotSent words={said.words} />}
      {isOver && (
        <p role="status" className="text-larch mt-3 border-l-4 border-larch pl-3 font-bold">
          {`Done on ${minuteWords(finishedAt)}. The frames are now where the list says; the next survey begins from there.`}
        </p>
      )}
      <ul className="text-muted mt-3 max-w-2xl text-sm">
        {cautions.map((words) => (
          <li key={words} className="before:mr-2 before:content-['–']">
            {words}
          </li>
        ))}
      </ul>
      <ol aria-label="Steps" className="mt-3 max-w-2xl">
        {steps.map(({ text }, step) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a step is told by its place in the list
          <li key={step} className="border-b border-line">
            <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1.5">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-larch"
                disabled={isOver || isSaid}
                checked={isOver || done.has(step)}
                onChange={(event) => void tick(step, event.target.checked)}
              />
              <span
                className={done.has(step) && !isOver ? 'text-muted line-through' : ''}
              >{`${step + 1}. ${storedWords(text)}`}</span>
            </label>
          </li>
        ))}
      </ol>
      {begins !== null && (
        <p className="mt-3 max-w-prose">
          {`When all is done, “${begins}” is started on that day${plan.begins?.start.newColony ? `, with the new colony ${plan.begins.start.newColony.name}` : ''}. Its checks follow from there.`}
        </p>
      )}
      {!isOver && (
        <div className="mt-4 flex flex-wrap items-center gap-3 print:hidden">
          {startPath ? (
            <>
              <p className="max-w-prose">
                A new colony comes of this. Start the method first, so that it has a name; then say here that the frames
                are moved.
              </p>
              <ButtonLink href={startPath} kind="act">
                {`Start: ${title}`}
              </ButtonLink>
            </>
          ) : (
            <Button
              kind="act"
              className="min-h-12"
              disabled={isSaying || isSaid}
              onClick={() => void progress(new Set(steps.map((_, i) => i)), { isFinished: true })}
            >
              All done: the frames are there now
            </Button>
          )}
          <AskFirst
            trigger={
              <Button kind="quiet" className="min-h-12">
                Give this plan up
              </Button>
            }
            title="Give this plan up?"
            body="Nothing is moved by it. What was done differently is best told by a survey of the frames."
            yes="Stop it"
            onYes={() => void giveUp()}
          />
        </div>
      )}
    </>
  );
}
