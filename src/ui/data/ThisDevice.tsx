'use client';

import { useEffect, useState } from 'react';
import { askToPersist, roomOnDevice, type StorageRoom, storageRoom } from '../../device/storage-room';
import { Button } from '../controls/Button';
import { useDevice } from '../offline/DeviceProvider';

const KEPT_WORDS = {
  yes: 'The browser keeps it until you take it away.',
  no: 'The browser may throw it away when room is short: send what waits before you go home.',
  unknown: 'The browser does not say whether it keeps it for good.',
} as const;

/** What this device holds, how much room is left, and whether its browser keeps it. */
export function ThisDevice() {
  const { store, outbox, pack } = useDevice();
  const [room, setRoom] = useState<StorageRoom | null>(null);
  useEffect(() => {
    void storageRoom().then(setRoom);
  }, []);
  const ask = async () => {
    await askToPersist();
    setRoom(await storageRoom());
  };
  const waiting = outbox.filter(({ state }) => state !== 'sent').length;
  const isKept = room?.isPersisted ?? null;
  return (
    <ul className="mt-1 list-disc pl-5">
      <li>
        {pack
          ? `${pack.colonies.length} colonies are kept here for the hive.`
          : 'Nothing is kept here for the hive yet.'}
      </li>
      <li>
        {waiting === 0
          ? 'Nothing waits to be sent.'
          : `${waiting} not sent or come back: they are on the page At the hive.`}
      </li>
      {!store && <li>This browser keeps nothing of what is entered; it goes straight to the server.</li>}
      {room && (
        <li>
          {isKept === null ? KEPT_WORDS.unknown : isKept ? KEPT_WORDS.yes : KEPT_WORDS.no}{' '}
          {isKept === false && (
            <Button kind="quiet" className="min-h-11" onClick={() => void ask()}>
              Ask it to keep it
            </Button>
          )}
        </li>
      )}
      {room && roomOnDevice(room) && <li>{`Room: ${roomOnDevice(room)}.`}</li>}
    </ul>
  );
}
