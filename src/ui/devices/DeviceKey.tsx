'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import { send } from '../../device/send';
import { weekdayWords } from '../../words/days';
import type { IssueInWords } from '../../words/issues';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { IssueList } from '../entry/IssueList';

interface Props {
  readonly kind: 'weather' | 'scale';
  readonly ofId: string;
  /** The key in use; null: none. */
  readonly known: { readonly madeAt: string; readonly usedAt: string | null } | null;
}

const EXAMPLES = {
  weather: '{"hours":[{"at":"2027-05-16T14:00","tempC":18.2,"rainMm":0,"windMs":2.4}]}',
  scale: '{"readings":[{"at":"2027-05-16T14:15","kg":41.3}]}',
} as const;

/** The key by which a device on the network brings what it measures: made, shown once, ended. */
export function DeviceKey({ kind, ofId, known }: Props) {
  const router = useRouter();
  const [key, setKey] = useState<string | null>(null);
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const ask = async (method: 'POST' | 'DELETE') => {
    const sent = await send<{ readonly key?: string }>('/api/device-keys', { kind, ofId }, method);
    setIssues(sent.ok ? [] : sent.issues);
    setKey(sent.ok ? (sent.value.key ?? null) : null);
    router.refresh();
  };
  const make = (
    <Button kind="plain" onClick={known ? undefined : () => void ask('POST')}>
      {known ? 'Make a new key' : 'Make a key'}
    </Button>
  );
  return (
    <div className="max-w-xl">
      <p>
        {known
          ? `A key is in use since ${weekdayWords(dayOfMinute(known.madeAt))}; ${known.usedAt ? `last used on ${weekdayWords(dayOfMinute(known.usedAt))}` : 'nothing has come by it yet'}.`
          : `A ${kind === 'weather' ? 'station' : 'scale'} on your network can send by itself, with a key of its own.`}
      </p>
      <IssueList issues={issues} />
      <p className="mt-2 flex flex-wrap gap-3">
        {known ? (
          <AskFirst
            trigger={make}
            title="Make a new key?"
            body="The present one opens nothing any more: the device needs the new one."
            yes="Make it"
            no="Cancel"
            onYes={() => void ask('POST')}
          />
        ) : (
          make
        )}
        {known && (
          <Button kind="quiet" onClick={() => void ask('DELETE')}>
            End the key
          </Button>
        )}
      </p>
      {key && (
        <div role="status" className="mt-2 border-l-4 border-larch pl-3">
          <p className="font-bold">Copy the key now: it is shown this once.</p>
          <p className="break-all font-mono text-sm select-all">{key}</p>
          <p className="text-sm">{`Send it as “Authorization: Bearer …” with a POST to /api/${kind}:`}</p>
          <p className="break-all font-mono text-sm">{EXAMPLES[kind]}</p>
        </div>
      )}
    </div>
  );
}
