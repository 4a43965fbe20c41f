'use client';

import { useCallback, useEffect, useState } from 'react';
import { localMinute } from '../../core/calendar/local-minute';
import { ask, send } from '../../device/send';
import { minuteWords } from '../../words/days';
import type { IssueInWords } from '../../words/issues';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { CopyAsText } from '../offline/CopyAsText';

interface AccessInfo {
  readonly hasPassphrase: boolean;
  readonly onThisMachine: boolean;
  readonly readerLinkMadeAt: string | null;
  readonly devices: readonly {
    readonly id: string;
    readonly name: string;
    readonly role: 'owner' | 'reader';
    readonly signedInAt: string;
    readonly lastSeenAt: string;
    readonly isThis: boolean;
  }[];
}

const at = (instant: string) => minuteWords(localMinute(new Date(instant)));

/** The passphrase, the devices that are signed in, and the link for a reader. */
export function AccessPanel({ isNetwork }: { isNetwork: boolean }) {
  const [info, setInfo] = useState<AccessInfo | 'signed-out' | null>(null);
  const reload = useCallback(async () => {
    const asked = await ask<AccessInfo>('/api/access');
    if (asked.ok) return setInfo(asked.value);
    setInfo(asked.issues.some(({ code }) => code === 'signed-out') ? 'signed-out' : null);
  }, []);
  useEffect(() => {
    void reload();
  }, [reload]);
  if (info === 'signed-out') {
    return <p role="status">This device is signed out now. Reload the page to sign in again.</p>;
  }
  if (!info) return <p role="status">Asking who may come in …</p>;
  return (
    <>
      <Passphrase key={String(info.hasPassphrase)} info={info} onSet={() => void reload()} />
      <h3 className="mt-5 text-lg">Devices that are signed in</h3>
      {info.devices.length === 0 && (
        <p className="text-muted">None.{isNetwork ? '' : ' On this machine none is needed.'}</p>
      )}
      <ul>
        {info.devices.map(({ id, name, role, signedInAt, lastSeenAt, isThis }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
            <span className="flex-1">
              <b>{name}</b>
              {isThis && ' (this one)'}
              {role === 'reader' && ', may look only'}
              <span className="text-muted block text-sm">{`since ${at(signedInAt)}, last here ${at(lastSeenAt)}`}</span>
            </span>
            <AskFirst
              trigger={
                <Button kind="quiet" className="min-h-11">
                  Shut it out
                </Button>
              }
              title={`Shut ${name} out?`}
              body="It has to give the passphrase again. What waits on it is not lost: it is sent once it is signed in."
              yes="Shut it out"
              onYes={() => void send('/api/access/shut-out', { id }).then(reload)}
            />
          </li>
        ))}
      </ul>
      <ReaderLink madeAt={info.readerLinkMadeAt} onChange={() => void reload()} />
    </>
  );
}

function Passphrase({ info, onSet }: { info: AccessInfo; onSet: () => void }) {
  const [passphrase, setPassphrase] = useState('');
  const [onThisMachine, setOnThisMachine] = useState(info.onThisMachine);
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSet, setSet] = useState(false);
  const save = async () => {
    const sent = await send('/api/access/passphrase', { passphrase, onThisMachine });
    setIssues(sent.ok ? [] : sent.issues);
    setSet(sent.ok);
    if (sent.ok) {
      setPassphrase('');
      onSet();
    }
  };
  return (
    <form
      noValidate
      className="max-w-xl"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="mt-1">
        {info.hasPassphrase
          ? 'There is a passphrase. A new one shuts every other device out.'
          : 'There is no passphrase yet. From the network nobody comes in without one.'}
      </p>
      <IssueList issues={issues} />
      <Field
        name={info.hasPassphrase ? 'New passphrase' : 'Passphrase'}
        hint="Three or four words that do not belong together."
        problem={problemOf(issues, 'passphrase')}
      >
        {(props) => (
          <input
            {...props}
            type="password"
            autoComplete="new-password"
            value={passphrase}
            onChange={(event) => setPassphrase(event.target.value)}
          />
        )}
      </Field>
      <Check
        name="Ask for it on this machine too"
        hint="Where others use the same machine."
        value={onThisMachine}
        onChange={setOnThisMachine}
      />
      <Button type="submit" kind="plain" className="mt-3" disabled={passphrase === ''}>
        Set the passphrase
      </Button>
      {isSet && (
        <p role="status" className="mt-1 font-bold">
          It is set.
        </p>
      )}
    </form>
  );
}

function ReaderLink({ madeAt, onChange }: { madeAt: string | null; onChange: () => void }) {
  const [link, setLink] = useState<string | null>(null);
  const make = async () => {
    const sent = await send<{ path: string }>('/api/access/reader-link', {});
    if (sent.ok) setLink(`${location.origin}${sent.value.path}`);
    onChange();
  };
  const end = async () => {
    await send('/api/access/reader-link', {}, 'DELETE');
    setLink(null);
    onChange();
  };
  return (
    <>
      <h3 className="mt-5 text-lg">For a mentor: a link to look only</h3>
      <p>
        {madeAt ? `There is one, made ${at(madeAt)}.` : 'Whoever opens it can look at everything and write nothing.'}
      </p>
      {link && (
        <p className="mt-1">
          <code className="break-all">{link}</code> <CopyAsText text={link} />
        </p>
      )}
      <p className="mt-2 flex flex-wrap gap-2">
        <Button kind="plain" onClick={() => void make()}>
          {madeAt ? 'Make another; the old one ends' : 'Make a link'}
        </Button>
        {madeAt && (
          <Button kind="danger" onClick={() => void end()}>
            End it
          </Button>
        )}
      </p>
    </>
  );
}
