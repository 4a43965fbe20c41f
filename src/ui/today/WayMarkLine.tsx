'use client';

import { v7 as newId } from 'uuid';
import type { YardMarkFact, YardSaid } from '../../core/facts/yard';
import type { YardToday } from '../../views/today-view';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';

/** Before which hives a way-mark is put; once it is, it stands on the map. */
export function WayMarkLine({ note: { apiaryId, words, places } }: { readonly note: YardToday['wayMarks'][number] }) {
  const isReader = useBook()?.isReader === true;
  const { issues, isSending, sendTo } = useSend();
  const put = () => {
    const marks = places.map(
      ({ x, y }): YardMarkFact => ({ id: newId(), apiaryId, kind: 'way-mark', x1: x, y1: y, x2: x, y2: y }),
    );
    void sendTo('/api/yard', { stands: [], marks, gone: [] } satisfies YardSaid);
  };
  return (
    <div className="max-w-prose text-sm leading-5">
      {words}
      <IssueList issues={issues} />
      {!isReader && (
        <p>
          <Button kind="quiet" className="min-h-11 text-sm wide:min-h-0" disabled={isSending} onClick={put}>
            {places.length === 1 ? 'it is there' : 'they are there'}
          </Button>
        </p>
      )}
    </div>
  );
}
