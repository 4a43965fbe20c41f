'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { BUTTON, FIELD } from '../controls/styles';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** The calendar: a file to take away, or an address that a calendar program asks again and again. */
export function CalendarFeed({ address }: { address: string | null }) {
  const { issues, isSending, sendTo } = useSend();
  const renew = () => void sendTo('/api/calendar', {});
  return (
    <>
      <IssueList issues={issues} />
      <p className="mt-3 flex flex-wrap gap-2">
        <a href="/api/calendar" download className={BUTTON.strong}>
          Take the calendar file
        </a>
        {address === null && (
          <Button kind="plain" disabled={isSending} onClick={renew}>
            Make an address for subscribing
          </Button>
        )}
      </p>
      {address !== null && (
        <>
          <label className="mt-3 block font-bold">
            Address for subscribing
            <input
              className={`${FIELD} font-normal`}
              readOnly
              value={address}
              onFocus={(event) => event.target.select()}
            />
          </label>
          <p className="text-muted mt-1 text-sm">
            Anyone with the address can read it. It answers as far as this machine can be reached.
          </p>
          <p className="mt-2 flex flex-wrap gap-4 text-sm">
            <AskFirst
              trigger={<Button kind="quiet">Give it a new address</Button>}
              title="Give the calendar a new address?"
              body="The present one no longer answers. Subscribe again with the new one."
              yes="New address"
              onYes={renew}
            />
            <AskFirst
              trigger={<Button kind="quiet">End it</Button>}
              title="End the calendar’s address?"
              body="Programs that subscribed to it get nothing any more."
              yes="End it"
              onYes={() => void sendTo('/api/calendar', {}, 'DELETE')}
            />
          </p>
        </>
      )}
    </>
  );
}
