'use client';

import { useRouter } from 'next/navigation';
import { formatDay } from '../../core/calendar/day';
import type { ProgrammeView } from '../../views/programme-view';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { CorrectDay } from './CorrectDay';

/** Gives a programme up or takes it up again, or takes its start back. */
export function EndProgramme({ view, note, today }: { view: ProgrammeView; note: string; today: string }) {
  const { id, colonyId, endedOn, isRunning, title } = view;
  const router = useRouter();
  const { issues, sendTo } = useSend();
  const takeBack = async () => {
    if (await sendTo(`/api/programmes/${id}`, {}, 'DELETE')) router.push(`/colonies/${colonyId}`);
  };
  return (
    <div className="mt-6">
      <IssueList issues={issues} />
      <CorrectDay
        programmeId={id}
        on={formatDay(view.on)}
        to={view.to === null ? null : formatDay(view.to)}
        note={note}
        today={today}
      />
      <div className="mt-3 flex flex-wrap gap-4 text-sm">
        {isRunning && (
          <AskFirst
            trigger={<Button kind="quiet">Stop it</Button>}
            title={`Give up: ${title}?`}
            body="Its checks are dropped. What it did to the queen and the colonies stays so."
            yes="Stop it"
            onYes={() => void sendTo('/api/programme-ends', { id, endedOn: today })}
          />
        )}
        {endedOn !== null && (
          <Button kind="quiet" onClick={() => void sendTo('/api/programme-ends', { id, endedOn: null })}>
            Resume it
          </Button>
        )}
        <AskFirst
          trigger={<Button kind="quiet">It never happened: undo the start</Button>}
          title="Take the start back?"
          body="As if it had not been begun. The colony that came of it goes with it; one for which something was entered stays, with its history. It can be put back on the colony’s page."
          yes="Take it back"
          onYes={() => void takeBack()}
        />
      </div>
    </div>
  );
}
