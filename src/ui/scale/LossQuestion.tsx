'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { ScaleAnswer } from '../../core/facts/scale';
import type { LossView } from '../../views/measured-notes';
import { LOSS_ANSWER_WORDS } from '../../words/scale';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

interface Props {
  readonly loss: LossView;
  readonly colonyName: string;
}

/** A sudden loss on the scale is asked about: it was a swarm, it was none, or the hive is to be looked at first. */
export function LossQuestion({ loss: { colonyId, at, words, isToBeLookedAt }, colonyName }: Props) {
  const [id] = useState(() => newId());
  const { issues, isSending, sendTo } = useSend();
  const answers = (['swarm', 'cast', 'none', 'look'] as const).filter((one) => one !== 'look' || !isToBeLookedAt);
  const say = (answer: ScaleAnswer) => void sendTo('/api/scale-answers', { id, colonyId, at, answer });
  return (
    <div className="mt-1 border-l-4 border-propolis pl-3">
      <p className="text-sm leading-5 font-semibold">{words}</p>
      <IssueList issues={issues} />
      <p className="flex flex-wrap gap-x-4">
        {answers.map((answer) => (
          <button
            key={answer}
            type="button"
            className="min-h-11 text-sm font-bold underline hover:text-willow wide:min-h-8"
            aria-label={`${LOSS_ANSWER_WORDS[answer]}: ${colonyName}`}
            disabled={isSending}
            onClick={() => say(answer)}
          >
            {LOSS_ANSWER_WORDS[answer]}
          </button>
        ))}
      </p>
    </div>
  );
}
