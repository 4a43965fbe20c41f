import { QUEEN_HANDLED, QUEEN_SEEN_AS, type QueenHandled, type QueenSeenAs } from '../../core/colony/facts';
import type { Change, Draft } from '../../device/draft';
import { HANDLED_WORDS, SEEN_AS_WORDS } from '../../words/choices';
import { Choice } from '../controls/Choice';

/** Which queen was seen, and what was done with a virgin: it decides what is proven by her. */
export function WhichQueen({ draft, change }: { draft: Draft; change: (change: Change) => void }) {
  const set = (fields: Partial<Draft>) => change({ type: 'set', fields });
  return (
    <>
      <Choice<QueenSeenAs>
        legend="Which queen was it?"
        options={QUEEN_SEEN_AS.map((value) => ({ value, name: SEEN_AS_WORDS[value] }))}
        value={draft.queenSeenAs}
        onChange={(queenSeenAs) =>
          set({ queenSeenAs, queenHandled: queenSeenAs === 'virgin' ? draft.queenHandled : 'left' })
        }
      />
      {draft.queenSeenAs === 'virgin' && (
        <Choice<QueenHandled>
          legend="What did you do with her?"
          options={QUEEN_HANDLED.map((value) => ({ value, name: HANDLED_WORDS[value] }))}
          value={draft.queenHandled}
          onChange={(queenHandled) => set({ queenHandled })}
        />
      )}
    </>
  );
}
