import { localMinute } from '../../core/calendar/local-minute';
import { minuteWords } from '../../words/days';
import { Button } from '../controls/Button';

/** Said of an entry that was begun before and is gone on with. */
export function TakenUp({ from, onAnew }: { from: string; onAnew: () => void }) {
  return (
    <p role="status" className="mt-2 flex flex-wrap items-center gap-x-4 border-l-4 border-line pl-3 text-sm">
      {`Taken up where you left off, ${minuteWords(localMinute(new Date(from)))}.`}
      <Button kind="quiet" className="min-h-11" onClick={onAnew}>
        Begin anew
      </Button>
    </p>
  );
}
