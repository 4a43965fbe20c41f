'use client';

import { useState } from 'react';
import type { CaseAnswer } from '../../../core/cases/case';
import type { Thoroughness } from '../../../core/cells/thoroughness';
import type { CaseHiveView } from '../../../device/case-at-hand';
import { rangeWords } from '../../../words/days';
import { Button } from '../../controls/Button';
import { Verdict } from '../../entry/Verdict';
import type { Axis } from '../../time/axis';
import { TimeStrip } from '../../time/TimeStrip';

interface Props {
  readonly hive: CaseHiveView;
  readonly axis: Axis;
  readonly ways: readonly { readonly searched: Thoroughness; readonly words: string }[];
  readonly onLook: (searched: Thoroughness) => void;
  readonly onChoices: () => void;
  readonly onAnswer: (answer: CaseAnswer, words: string) => void;
}

/** One hive of a season: what the book says of it, its days, and what can be done with it. */
export function CaseHive({ hive, axis, ways, onLook, onChoices, onAnswer }: Props) {
  const { name, verdict, due, shut, marks, toDo, isToOpen, isToAct } = hive;
  const [isOpening, setOpening] = useState(false);
  return (
    <li className="lane" data-hive={name}>
      <div className="lane-words py-2">
        <h2 className="text-lg">{name}</h2>
        <Verdict verdict={verdict} short />
        {shut && (
          <p role="note" className="mt-1 border-l-4 border-indigo pl-3 font-bold text-indigo">
            {`Leave shut ${rangeWords(shut)}, both days included.`}
          </p>
        )}
        <div className="mt-2 flex flex-wrap gap-2">
          <Button
            kind={isToOpen && !isToAct ? 'strong' : 'plain'}
            data-due={isToOpen ? '' : undefined}
            aria-expanded={isOpening}
            aria-label={`Open ${name}`}
            onClick={() => setOpening(!isOpening)}
          >
            Open it
          </Button>
          <Button
            kind={isToAct ? 'strong' : 'plain'}
            data-due={isToAct ? '' : undefined}
            aria-label={`What can be done with ${name}`}
            onClick={onChoices}
          >
            What can be done
          </Button>
        </div>
        {isOpening && (
          <fieldset aria-label={`How do you search ${name}?`} className="mt-2 grid gap-2">
            {ways.map(({ searched, words }) => (
              <Button key={searched} kind="plain" onClick={() => onLook(searched)}>
                {words}
              </Button>
            ))}
          </fieldset>
        )}
        {toDo.map(({ key, order, answer, comesTo }) => (
          <p key={key} className="mt-2">
            <Button data-testid="to-do" kind="plain" onClick={() => onAnswer(answer, `${order}: ${comesTo}.`)}>
              {order}
            </Button>
          </p>
        ))}
      </div>
      <div className="pb-2">
        <TimeStrip axis={axis} marks={marks} name={name} />
        {due.length > 0 && (
          <ul aria-label={`Due at ${name}`} className="mt-1 text-sm">
            {due.map(({ key, words, why }) => (
              <li key={key}>
                {words !== verdict.next?.words && <b>{`${words}. `}</b>}
                {why}
              </li>
            ))}
          </ul>
        )}
      </div>
    </li>
  );
}
