'use client';

import { useEffect, useState } from 'react';
import { acceptWentBack } from '../../device/about-book';
import { type OtherBook, otherBooks } from '../../device/other-books';
import { Button } from '../controls/Button';
import { useBook } from '../frame/BookContext';
import { ClockOff } from '../offline/ClockOff';
import { useDevice } from '../offline/DeviceProvider';
import { OtherBooks } from './OtherBooks';

/** What has to be known before the first entry of a round: a wrong clock, a book that went back, entries that wait for another. */
export function BeforeEntries() {
  const { store, wentBackAt, reload, sync } = useDevice();
  const bookId = useBook()?.bookId ?? '';
  const [others, setOthers] = useState<readonly OtherBook[]>([]);
  const [isAccepted, setAccepted] = useState(false);
  useEffect(() => {
    void otherBooks(bookId).then(setOthers, () => setOthers([]));
  }, [bookId]);
  return (
    <>
      <ClockOff />
      {wentBackAt !== null && !isAccepted && (
        <div role="alert" className="mt-3 max-w-2xl border-l-4 border-propolis pl-3">
          <p className="text-propolis font-bold">The book went back to an earlier state.</p>
          <p className="text-sm">
            This device had seen a later one: a backup was brought back, or an older file. What was entered in between
            is not in it; what waits on this device is still sent.
          </p>
          <Button
            kind="plain"
            className="mt-1 min-h-11"
            onClick={() => {
              setAccepted(true);
              if (store) void acceptWentBack(store).then(reload).then(sync);
            }}
          >
            I know
          </Button>
        </div>
      )}
      <OtherBooks books={others} />
    </>
  );
}
