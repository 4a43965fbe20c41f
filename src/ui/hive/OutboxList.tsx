'use client';

import { minuteWords } from '../../core/calendar/words';
import { dropFromDevice, keepOnDevice } from '../../device/outbox';
import { minuteOf, type OutboxEntry } from '../../device/outbox-entry';
import { AskFirst } from '../controls/AskFirst';
import { BUTTON } from '../controls/styles';
import { useDevice } from '../offline/DeviceProvider';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

/** What was saved on this device and is not settled: it waits for a signal, or came back with a reason. */
export function OutboxList({ outbox }: { outbox: readonly OutboxEntry[] }) {
  const { sync } = useDevice();
  const refused = outbox.filter(({ state }) => state === 'refused');
  const waiting = outbox.filter(({ state }) => state === 'waiting');
  if (refused.length + waiting.length === 0) return null;
  return (
    <section aria-label="On this device" className="mt-6 max-w-2xl border-t-2 border-ink pt-2">
      <h2 className="text-lg">On this device</h2>
      <ul>
        {refused.map((entry) => (
          <li key={entry.id} className="border-b border-line py-2">
            <What entry={entry} />
            <p className="text-propolis font-bold">Came back:</p>
            <ul className="text-sm">
              {entry.issues.map(({ path, code, message }) => (
                <li key={path.join('.') + code}>{message}</li>
              ))}
            </ul>
            <div className="mt-1 flex flex-wrap gap-2">
              <WaysOn entry={entry} />
            </div>
          </li>
        ))}
        {waiting.map((entry) => (
          <li key={entry.id} className="border-b border-line py-2">
            <What entry={entry} />
            <p className="text-muted text-sm">Saved here, not sent yet.</p>
          </li>
        ))}
      </ul>
      {waiting.length > 0 && (
        <button type="button" className={`${BUTTON.plain} mt-2 min-h-12`} onClick={() => void sync()}>
          Send now
        </button>
      )}
    </section>
  );
}

const wordsOf = (entry: OutboxEntry) => (entry.kind === 'inspection' ? 'Inspection' : entry.words);

function What({ entry }: { entry: OutboxEntry }) {
  return (
    <>
      <p>
        <b>{entry.colonyName}</b> <span className="text-muted text-sm">{minuteWords(minuteOf(entry))}</span>
      </p>
      <p className="leading-snug">{`${wordsOf(entry)}.`}</p>
    </>
  );
}

/** What came back is put right where it has a form; what was a tap is sent again once its reason is gone, or put away. */
function WaysOn({ entry }: { entry: OutboxEntry }) {
  const { store, sync, reload } = useDevice();
  const { id, colonyId, kind } = entry;
  if (kind === 'inspection' || kind === 'survey') {
    const to = kind === 'survey' ? hivePlace.refusedSurvey(colonyId, id) : hivePlace.refused(colonyId, id);
    return (
      <HiveLink to={to} className={BUTTON.plain}>
        Put it right
      </HiveLink>
    );
  }
  if (!store) return null;
  return (
    <>
      <button
        type="button"
        className={BUTTON.plain}
        onClick={() => void keepOnDevice(store, { ...entry, state: 'waiting', issues: [] }).then(sync)}
      >
        Send again
      </button>
      <AskFirst
        trigger={
          <button type="button" className={BUTTON.danger}>
            Put it away
          </button>
        }
        title="Put this away?"
        body={`${entry.colonyName}, ${wordsOf(entry)}. It was not taken, and will not be sent any more.`}
        yes="Put it away"
        onYes={() => void dropFromDevice(store, id).then(reload)}
      />
    </>
  );
}
