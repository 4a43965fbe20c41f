'use client';

import { useEffect, useMemo, useState } from 'react';
import type { CaseEnding, CaseOutcome, OtherChoice } from '../../../core/cases/ending';
import type { CaseKept } from '../../../device/case-at-hand';
import { choiceName, eventWords, lossWords, outcomeWords } from '../../../words/cases';
import { wholeMassWords } from '../../../words/measures';
import { PlainTable } from '../../controls/PlainTable';
import { useReckoned } from '../../reckon/useReckoned';
import { caseReckoner } from './case-reckoner';

interface Props {
  readonly kept: CaseKept;
  readonly name: (colonyId: string) => string;
}

interface Reckoned {
  readonly choice: OtherChoice;
  /** Null: it is still being reckoned. */
  readonly outcome: CaseOutcome | null;
}

/** The end of a season: what happened, what could have been known of it when, and what else might have come of it under the same luck. */
export function CaseEnd({ kept: { of, moves }, name }: Props) {
  const ask = useMemo(() => () => caseReckoner().ending(of, moves), [of, moves]);
  const ending = useReckoned<CaseEnding | null>(ask, null);
  const others = useOutcomes(of, moves);
  const own = others.find(({ choice }) => choice.kind === 'as-played')?.outcome ?? null;
  return (
    <section aria-label="How it ended" className="mt-3">
      <h2 className="text-xl">How it ended</h2>
      <p className="max-w-prose text-lg">{own === null ? '…' : outcomeWords(own)}</p>
      {ending && ending.losses.length > 0 && (
        <>
          <h3 className="mt-4 text-lg">What was lost, and what could have been known</h3>
          <ul>
            {ending.losses.map((loss) => (
              <li
                key={`${loss.event.colonyId}${loss.event.on}${loss.event.kind}`}
                className="border-b border-line py-2"
              >
                {lossWords(loss, name(loss.event.colonyId)).map((line, i) => (
                  <p key={line} className={i === 0 ? 'font-bold' : 'text-sm'}>
                    {line}
                  </p>
                ))}
              </li>
            ))}
          </ul>
        </>
      )}
      <PlainTable
        caption="Under the same luck"
        head={['What is done', 'Swarms', 'Casts', 'Colonies', 'Laying', 'Honey', 'Days at the hives']}
        rows={others.map(({ choice, outcome }) => ({
          key: choice.kind === 'instead' ? choice.method : choice.kind,
          cells: outcome
            ? [
                choiceName(choice),
                outcome.swarms,
                outcome.casts,
                outcome.colonies,
                outcome.laying,
                wholeMassWords(outcome.honeyKg),
                outcome.visits,
              ]
            : [choiceName(choice), '…', '', '', '', '', ''],
        }))}
      />
      <p className="text-muted mt-1 max-w-prose text-sm">
        After another choice the checks are done as they fall due. One season proves nothing: with other luck the same
        choice can come to something else.
      </p>
      {ending && (
        <details className="mt-4" open>
          <summary className="cursor-pointer py-2 font-bold">What went on inside</summary>
          <ol className="text-sm">
            {ending.events.map(({ on, colonyId, kind }) => (
              <li key={`${on}${colonyId}${kind}`} className="border-b border-line py-1">
                {eventWords({ on, kind }, name(colonyId))}
              </li>
            ))}
          </ol>
          {ending.events.length === 0 && <p className="text-sm">Nothing out of the ordinary.</p>}
        </details>
      )}
    </section>
  );
}

/** What each choice comes to, one after the other as they are reckoned. */
function useOutcomes(of: CaseKept['of'], moves: CaseKept['moves']): readonly Reckoned[] {
  const [all, setAll] = useState<readonly Reckoned[]>([]);
  useEffect(() => {
    let isCurrent = true;
    const reckon = async () => {
      const choices = await caseReckoner().otherChoices(of, moves);
      if (isCurrent) setAll(choices.map((choice) => ({ choice, outcome: null })));
      for (const choice of choices) {
        if (!isCurrent) return;
        const outcome = await caseReckoner().outcome(of, moves, choice);
        if (isCurrent) setAll((before) => before.map((one) => (one.choice === choice ? { choice, outcome } : one)));
      }
    };
    void reckon();
    return () => {
      isCurrent = false;
    };
  }, [of, moves]);
  return all;
}
