import { BUTTON } from './styles';

/** What was begun here before is gone on with; it can be begun anew. */
export function TakenUpAgain({ onBeginAnew }: { onBeginAnew: () => void }) {
  return (
    <p role="note" className="mt-3 border-l-4 border-indigo pl-3">
      Taken up again where you left it.{' '}
      <button type="button" className={BUTTON.quiet} onClick={onBeginAnew}>
        Begin anew
      </button>
    </p>
  );
}
