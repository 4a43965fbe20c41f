'use client';

import { useEffect, useRef, useState } from 'react';
import {
  type Answer,
  type Answers,
  type Ask,
  type Exercise,
  type Marked,
  mark,
  NO_DAY,
} from '../../core/practice/exercise';
import { afterSearch } from '../../core/practice/exercises/find-all';
import { isSearch } from '../../core/practice/search';
import {
  ASK_WORDS,
  answerWords,
  becauseWords,
  choiceWords,
  EXERCISE_WORDS,
  frameWords,
  markedWords,
  NO_DAY_WORDS,
  placeOnFrame,
  rightWords,
} from '../../words/practice';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';
import { Shown } from './Shown';

interface Props {
  readonly exercise: Exercise;
  readonly onMarked: (marked: readonly Marked[]) => void;
  readonly onNext: () => void;
  readonly onEnd: () => void;
}

/** One exercise: what stands before the keeper, what is asked, and once it is answered what is right and why. */
export function ExerciseCard({ exercise, onMarked, onNext, onEnd }: Props) {
  const { kind, level, asks, because, shows } = exercise;
  const [answers, setAnswers] = useState<Answers>({});
  const [marked, setMarked] = useState<readonly Marked[] | null>(null);
  const result = useRef<HTMLHeadingElement>(null);
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  useEffect(() => {
    if (marked) result.current?.focus();
  }, [marked]);
  const put = (code: string, answer: Answer) => setAnswers((before) => ({ ...before, [code]: answer }));
  const check = () => {
    const all = mark(exercise, answers);
    setMarked(all);
    onMarked(all);
  };
  // On a frame the keeper says first how he searches it.
  const mayAnswer = shows.kind !== 'frame' || answers.searched !== undefined;
  const nameOf = (id: string): string => {
    if (shows.kind === 'frames') return `frame ${Number(id) + 1}`;
    const thing = shows.kind === 'frame' ? shows.things.find((one) => one.id === id) : undefined;
    return thing ? placeOnFrame(thing.place, thing.x) : id;
  };
  const { searched } = answers;
  const ofSearch = shows.kind === 'frame' && isSearch(searched) ? afterSearch(shows.things, searched) : [];
  return (
    <section aria-label={EXERCISE_WORDS[kind].name} className="mt-3 max-w-3xl">
      <h2 ref={head} tabIndex={-1} className="text-lg outline-none">
        {EXERCISE_WORDS[kind].name}
        <span className="text-muted text-sm font-normal">{` · ${['plain', 'harder', 'as at the hive'][level - 1]}`}</span>
      </h2>
      <Shown exercise={exercise} answers={answers} isDone={marked !== null} onAnswer={put} />
      <form
        onSubmit={(event) => {
          event.preventDefault();
          check();
        }}
      >
        {mayAnswer &&
          marked === null &&
          asks.map((ask) => (
            <AskField
              key={ask.code}
              ask={ask}
              exercise={exercise}
              answer={answers[ask.code]}
              onAnswer={(answer) => put(ask.code, answer)}
            />
          ))}
        {marked === null && (
          <p className="mt-4 flex flex-wrap gap-3">
            <Button type="submit" kind="act" disabled={!mayAnswer}>
              Check it
            </Button>
            <Button kind="quiet" className="min-h-11" onClick={onEnd}>
              Enough
            </Button>
          </p>
        )}
      </form>
      {marked !== null && (
        <>
          <h3 ref={result} tabIndex={-1} className="mt-4 text-lg outline-none">
            {marked.every(({ isRight }) => isRight) ? 'Right' : 'Not all of it'}
          </h3>
          <ul>
            {marked.map((one) => (
              <li key={one.code} className="border-b border-line py-1">
                <b>{ASK_WORDS[one.code]}</b> You said: {answerWords(one.code, answers[one.code], nameOf)}.{' '}
                <span className={one.isRight ? 'text-larch font-semibold' : 'text-propolis font-semibold'}>
                  {markedWords(one)}.
                </span>
                {!one.isRight && ` It is: ${rightWords(one.code, one.right, nameOf)}.`}
              </li>
            ))}
          </ul>
          <ul className="mt-2 max-w-prose text-sm">
            {[...ofSearch, ...because].map((one) => (
              <li key={one.code}>{becauseWords(one)}</li>
            ))}
          </ul>
          <p className="mt-4 flex flex-wrap gap-3">
            <Button kind="act" onClick={onNext}>
              Next
            </Button>
            <Button kind="plain" onClick={onEnd}>
              Enough
            </Button>
          </p>
        </>
      )}
    </section>
  );
}

interface AskProps {
  readonly ask: Ask;
  readonly exercise: Exercise;
  readonly answer: Answer | undefined;
  readonly onAnswer: (answer: Answer) => void;
}

function AskField({ ask: { code, kind, options }, exercise: { shows }, answer, onAnswer }: AskProps) {
  if (kind === 'choice')
    return (
      <Choice
        legend={ASK_WORDS[code] ?? ''}
        options={options.map((value) => ({ value, name: choiceWords(value) }))}
        value={typeof answer === 'string' ? answer : ''}
        onChange={onAnswer}
      />
    );
  if (kind === 'days') {
    const noDay = NO_DAY_WORDS[code];
    return (
      <>
        <Field name={ASK_WORDS[code] ?? ''} problem={null}>
          {(props) => (
            <input
              {...props}
              className={`${props.className} max-w-40`}
              type="number"
              inputMode="numeric"
              min={0}
              max={60}
              value={typeof answer === 'number' ? answer : ''}
              onChange={({ target: { value } }) => onAnswer(value === '' ? '' : Number(value))}
            />
          )}
        </Field>
        {noDay && (
          <label className="mt-1 flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={answer === NO_DAY}
              onChange={({ target }) => onAnswer(target.checked ? NO_DAY : '')}
            />
            {noDay}
          </label>
        )}
      </>
    );
  }
  // Cells on a frame are chosen in the picture.
  if (shows.kind !== 'frames')
    return <p className="mt-3 font-display text-lg font-bold">{ASK_WORDS[code]} Tap them on the frame.</p>;
  const chosen = Array.isArray(answer) ? (answer as readonly string[]) : [];
  return (
    <fieldset className="mt-4">
      <legend className="font-display text-lg font-bold">{ASK_WORDS[code]}</legend>
      {shows.frames.map((frame, i) => (
        <label key={frame.id} className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            checked={chosen.includes(frame.id)}
            onChange={({ target }) =>
              onAnswer(target.checked ? [...chosen, frame.id] : chosen.filter((id) => id !== frame.id))
            }
          />
          {`Frame ${i + 1}: ${frameWords(frame)}`}
        </label>
      ))}
    </fieldset>
  );
}
