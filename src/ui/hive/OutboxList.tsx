'use client';

import type { OutboxEntry } from '../../device/outbox-entry';
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
        {refused.map(({ id, colonyId, colonyName, entry, issues }) => (
          <li key={id} className="border-b border-line py-2">
            <b className="text-propolis">{colonyName}</b>, {entry.at.replace('T', ', ')}: came back.
            <ul className="text-sm">
              {issues.map(({ path, code, message }) => (
                <li key={path.join('.') + code}>{message}</li>
              ))}
            </ul>
            <HiveLink to={hivePlace.refused(colonyId, id)} className={`${BUTTON.plain} mt-1`}>
              Put it right
            </HiveLink>
          </li>
        ))}
        {waiting.map(({ id, colonyName, entry }) => (
          <li key={id} className="border-b border-line py-2">
            <b>{colonyName}</b>, {entry.at.replace('T', ', ')}: saved here, not sent yet.
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
