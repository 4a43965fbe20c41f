import type { ReactNode } from 'react';
import type { WorkStep } from '../../core/space/work-list/work-list';
import { boardWords } from '../../words/board-words';
import { Button } from '../controls/Button';

interface Props {
  /** Null: a moment, they are not known yet. */
  readonly steps: readonly WorkStep[] | null;
  /** Something on the board must not be. */
  readonly isStopped: boolean;
  readonly isSaving: boolean;
  readonly onTake: () => void;
  /** What it begins. */
  readonly children: ReactNode;
}

/** What to do at the hive to come to the board as it is. */
export function AtTheHive({ steps, isStopped, isSaving, onTake, children }: Props) {
  return (
    <section aria-label="What to do at the hive" className="mt-4">
      <h2 className="border-t-2 border-ink pt-1 text-lg">At the hive</h2>
      {!steps || steps.length === 0 ? (
        <p className="text-muted text-sm">{steps ? 'Nothing is moved yet.' : '…'}</p>
      ) : (
        <ol className="list-decimal pl-6 text-sm">
          {steps.map(({ text }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps are told by their place in the list
            <li key={i}>{boardWords(text)}</li>
          ))}
        </ol>
      )}
      {children}
      <Button
        kind="strong"
        className="mt-3"
        disabled={isSaving || !steps || steps.length === 0 || isStopped}
        onClick={onTake}
      >
        Take the list to the hive
      </Button>
      {isStopped && <p className="text-propolis mt-1 text-sm font-bold">Fix what is not allowed first.</p>}
    </section>
  );
}
