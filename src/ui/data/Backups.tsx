'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { localMinute } from '../../core/calendar/local-minute';
import { ask, send } from '../../device/send';
import type { BackupLine, BackupLook } from '../../views/backup-view';
import { differsWords, factsWords, REASON_WORDS, sizeWords } from '../../words/backups';
import { minuteWords } from '../../words/days';
import type { IssueInWords } from '../../words/issues';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { UndoReplaced } from './UndoReplaced';

interface Listed {
  readonly folder: string;
  readonly isUsual: boolean;
  readonly missing: string | null;
  readonly list: readonly BackupLine[];
}

const at = (instant: string) => minuteWords(localMinute(new Date(instant)));
const FIRST_SHOWN = 8;

/** All backups: what is in them, what bringing one back would change, and where they go. */
export function Backups() {
  const router = useRouter();
  const [listed, setListed] = useState<Listed | null>(null);
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [undo, setUndo] = useState<string | null>(null);
  const [isAll, setAll] = useState(false);
  const reload = useCallback(async () => {
    const asked = await ask<Listed>('/api/backups');
    setListed(asked.ok ? asked.value : null);
  }, []);
  useEffect(() => {
    void reload();
  }, [reload]);
  if (!listed) return <p role="status">Looking for backups …</p>;
  const make = async () => {
    const sent = await send('/api/backups', {});
    setIssues(sent.ok ? [] : sent.issues);
    await reload();
  };
  const bringBack = async (name: string) => {
    const sent = await send<{ backup: string }>('/api/backups/bring-back', { name });
    setIssues(sent.ok ? [] : sent.issues);
    setUndo(sent.ok ? sent.value.backup : null);
    await reload();
    router.refresh();
  };
  const shown = isAll ? listed.list : listed.list.slice(0, FIRST_SHOWN);
  return (
    <>
      <IssueList issues={issues} />
      {undo && (
        <>
          <p role="status" className="mt-2 font-bold">
            Brought back.
          </p>
          <UndoReplaced key={undo} backup={undo} what="The book is again as it was before." />
        </>
      )}
      {listed.list.length === 0 && <p className="text-muted mt-2">None yet.</p>}
      <ul className="mt-2">
        {shown.map((backup) => (
          <Backup key={backup.name} backup={backup} onBringBack={() => void bringBack(backup.name)} />
        ))}
      </ul>
      {shown.length < listed.list.length && (
        <Button kind="quiet" className="min-h-11" onClick={() => setAll(true)}>
          {`${listed.list.length - shown.length} older ones`}
        </Button>
      )}
      <p className="mt-3">
        <Button kind="plain" onClick={() => void make()}>
          Make one now
        </Button>
      </p>
      <Folder key={listed.folder} listed={listed} onTaken={() => void reload()} />
    </>
  );
}

function Backup({ backup, onBringBack }: { backup: BackupLine; onBringBack: () => void }) {
  const { name, reason, bytes, counts } = backup;
  const [look, setLook] = useState<BackupLook | string | null>(null);
  const lookIn = async () => {
    const asked = await ask<BackupLook>(`/api/backups/look?name=${encodeURIComponent(name)}`);
    setLook(asked.ok ? asked.value : asked.issues.map(({ message }) => message).join(' '));
  };
  const what = counts === null ? 'does not open' : `${counts.colonies} colonies, ${counts.inspections} inspections`;
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <b>{at(backup.at)}</b>
        <span className="flex-1">
          {REASON_WORDS[reason] ?? reason}
          <span className="text-muted text-sm">{`, ${what}, ${sizeWords(bytes)}`}</span>
        </span>
        {counts !== null && (
          <Button
            kind="quiet"
            className="min-h-11"
            aria-expanded={look !== null}
            onClick={() => (look === null ? void lookIn() : setLook(null))}
          >
            Look inside
          </Button>
        )}
      </div>
      {typeof look === 'string' && <p role="alert">{look}</p>}
      {look !== null && typeof look !== 'string' && (
        <Inside look={look} onBringBack={onBringBack} when={at(backup.at)} />
      )}
    </li>
  );
}

function Inside({ look, when, onBringBack }: { look: BackupLook; when: string; onBringBack: () => void }) {
  const differs = differsWords(look.differs);
  const counts = (['apiaries', 'colonies', 'queens', 'inspections', 'programmes'] as const).map((name) =>
    factsWords(name, look.counts[name]),
  );
  return (
    <div className="mt-1 border-l-4 border-line pl-3 text-sm">
      <p>{`In it: ${counts.join(', ')}.`}</p>
      {look.last.length > 0 && (
        <p>{`Last inspections: ${look.last.map(({ colony, at: minute }) => `${colony}, ${minuteWords(minute)}`).join('; ')}.`}</p>
      )}
      {differs.length === 0 ? (
        <p>It is the same as your records now.</p>
      ) : (
        differs.map((words) => <p key={words}>{words}</p>)
      )}
      {differs.length > 0 && (
        <p className="mt-2">
          <AskFirst
            trigger={<Button kind="act">Bring it back …</Button>}
            title={`Bring your records back as they were on ${when}?`}
            body={`${differs.join(' ')} A backup of now is made first, and it can be undone.`}
            yes="Bring it back"
            onYes={onBringBack}
          />
        </p>
      )}
    </div>
  );
}

function Folder({ listed, onTaken }: { listed: Listed; onTaken: () => void }) {
  const [folder, setFolder] = useState(listed.missing ?? (listed.isUsual ? '' : listed.folder));
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const save = async () => {
    const sent = await send('/api/backups/folder', { folder: folder.trim() === '' ? null : folder });
    setIssues(sent.ok ? [] : sent.issues);
    if (sent.ok) onTaken();
  };
  return (
    <form
      noValidate
      className="mt-2 max-w-xl"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {listed.missing !== null && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {listed.missing} is not there now. Until it is, backups go to the folder “backups” beside the book.
        </p>
      )}
      <Field
        name="Folder for backups"
        hint={`A stick, or a folder that is carried elsewhere by itself. ${listed.isUsual && listed.missing === null ? 'They go to the folder “backups” beside the book now.' : 'Empty: the folder “backups” beside the book.'}`}
        problem={problemOf(issues, 'folder')}
      >
        {(props) => <input {...props} value={folder} onChange={(event) => setFolder(event.target.value)} />}
      </Field>
      <Button type="submit" kind="plain" className="mt-2">
        Use this folder
      </Button>
    </form>
  );
}
