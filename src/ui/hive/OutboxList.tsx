'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { localMinute } from '../../core/calendar/local-minute';
import { dropFromDevice, keepOnDevice } from '../../device/outbox';
import { minuteOf, type OutboxEntry } from '../../device/outbox-entry';
import { waitingWords } from '../../device/waiting-words';
import { minuteWords } from '../../words/days';
import { type EntryLine, linesAsText, saidLines } from '../../words/entry-lines';
import { inspectionLines } from '../../words/inspection-lines';
import { surveyLines } from '../../words/survey-lines';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { BUTTON } from '../controls/styles';
import { CopyAsText } from '../offline/CopyAsText';
import { useDevice } from '../offline/DeviceProvider';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

// Seldom needed, so that its script comes when it is.
const TwoVersions = dynamic(() => import('../offline/TwoVersions').then((module) => module.TwoVersions), {
  ssr: false,
});

/** What was saved on this device and is not settled: it waits for a signal, or came back with a reason. */
export function OutboxList({ outbox }: { outbox: readonly OutboxEntry[] }) {
  const { sync } = useDevice();
  const [isSending, setSending] = useState(false);
  const refused = outbox.filter(({ state }) => state === 'refused');
  const waiting = outbox.filter(({ state }) => state === 'waiting');
  if (refused.length + waiting.length === 0) return null;
  const now = new Date().toISOString();
  return (
    <section aria-label="On this device" className="mt-6 max-w-2xl border-t-2 border-ink pt-2">
      <h2 className="text-lg">On this device</h2>
      <ul>
        {refused.map((entry) => (
          <li key={entry.id} className="border-b border-line py-2">
            <What entry={entry} />
            <p className="text-propolis font-bold">To fix:</p>
            <ul className="text-sm">
              {entry.issues.map(({ path, code, message }) => (
                <li key={path.join('.') + code}>{message}</li>
              ))}
            </ul>
            <WaysOn entry={entry} />
          </li>
        ))}
        {waiting.map((entry) => (
          <li key={entry.id} className="border-b border-line py-2">
            <What entry={entry} />
            <p className="text-muted text-sm">{waitingWords(entry, now)}</p>
          </li>
        ))}
      </ul>
      {waiting.length > 0 && (
        <Button
          kind="plain"
          className="mt-2 min-h-12"
          disabled={isSending}
          onClick={() => {
            setSending(true);
            void sync().finally(() => setSending(false));
          }}
        >
          {isSending ? 'Sending …' : 'Send now'}
        </Button>
      )}
    </section>
  );
}

const wordsOf = (entry: OutboxEntry) => (entry.kind === 'inspection' ? 'Inspection' : entry.words);

function What({ entry }: { entry: OutboxEntry }) {
  const lines = useLinesOf(entry);
  return (
    <>
      <p>
        <b>{entry.colonyName}</b> <span className="text-muted text-sm">{minuteWords(minuteOf(entry))}</span>
      </p>
      <p className="leading-snug">{`${wordsOf(entry)}.`}</p>
      {lines && (
        <details className="text-sm">
          <summary className="min-h-11 cursor-pointer py-2">All that it says</summary>
          <dl className="grid grid-cols-[auto_1fr] gap-x-3">
            {saidLines(lines).map(({ label, value }) => (
              <div key={label} className="contents">
                <dt className="font-semibold">{label}</dt>
                <dd>{value}</dd>
              </div>
            ))}
          </dl>
          <CopyAsText text={linesAsText(entry.colonyName, lines)} />
        </details>
      )}
    </>
  );
}

/** All that an entry says; null: its words say it. */
function useLinesOf(entry: OutboxEntry): readonly EntryLine[] | null {
  const labelOf = useLabels(entry.colonyId);
  if (entry.kind === 'survey') return surveyLines(entry.body);
  return entry.kind === 'inspection' ? inspectionLines(entry.entry, labelOf) : null;
}

function useLabels(colonyId: string) {
  const { pack } = useDevice();
  const cells = pack?.colonies.find(({ colony }) => colony.id === colonyId)?.facts.cells ?? [];
  return (cellId: string) => cells.find(({ id }) => id === cellId)?.label ?? 'new';
}

/** What came back is opened, put right, sent again or put away, whatever has become of its colony. */
function WaysOn({ entry }: { entry: OutboxEntry }) {
  const { store, pack, sync, reload } = useDevice();
  const lines = useLinesOf(entry);
  const labelOf = useLabels(entry.colonyId);
  const { id, colonyId, kind } = entry;
  if (!store) return null;
  const again = (over: readonly string[] = []) => {
    const next: OutboxEntry = {
      ...entry,
      state: 'waiting',
      issues: [],
      over: [...(entry.over ?? []), ...over],
      savedAt: new Date().toISOString(),
    };
    void keepOnDevice(store, next).then(sync);
  };
  const putAway = () => void dropFromDevice(store, id).then(reload);
  const isAtHand = pack?.colonies.some(({ colony }) => colony.id === colonyId) ?? false;
  const isChanged = entry.issues.some(({ code }) => code === 'changed-meanwhile');
  return (
    <>
      {isChanged && lines && (kind === 'inspection' || kind === 'survey') && (
        <TwoVersions
          kind={kind}
          id={id}
          mine={lines}
          labelOf={labelOf}
          onStored={putAway}
          onMine={(over) => again([over])}
        />
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        {(kind === 'inspection' || kind === 'survey') && !isChanged && <PutRight entry={entry} isAtHand={isAtHand} />}
        {!isChanged && (
          <Button kind="plain" onClick={() => again()}>
            Send again
          </Button>
        )}
        <AskFirst
          trigger={<Button kind="danger">Discard this entry</Button>}
          title="Put this away?"
          body={`${entry.colonyName}, ${wordsOf(entry)}, ${minuteWords(localMinute(new Date(entry.savedAt)))}. It was not taken, and will not be sent any more.`}
          yes="Discard this entry"
          onYes={putAway}
        />
      </div>
    </>
  );
}

/** At the hive from what is kept here; of a colony that is not kept here any more, from its own page. */
function PutRight({ entry: { id, colonyId, kind }, isAtHand }: { entry: OutboxEntry; isAtHand: boolean }) {
  if (!isAtHand) {
    const page = kind === 'survey' ? 'frames/survey' : 'inspect';
    return (
      <a href={`/colonies/${colonyId}/${page}?entry=${id}`} className={BUTTON.plain}>
        Fix it
      </a>
    );
  }
  const to = kind === 'survey' ? hivePlace.refusedSurvey(colonyId, id) : hivePlace.refused(colonyId, id);
  return (
    <HiveLink to={to} className={BUTTON.plain}>
      Fix it
    </HiveLink>
  );
}
