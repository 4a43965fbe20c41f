import { useId } from 'react';
import type { ChoicesAsked, ColonyAsked, PlaceAsked } from '../../core/choices/asked';
import { choose } from '../../core/choices/choose';

export interface Answers {
  readonly found?: ColonyAsked['queenFound'];
  readonly stand?: boolean;
  readonly wanted?: ChoicesAsked['wanted'];
  readonly drones?: PlaceAsked['drones'];
}

interface Props {
  /** As it is known, without what is answered here. */
  readonly asked: ChoicesAsked;
  readonly answers: Answers;
  /** What is said first raises a queen: whether drones fly matters. */
  readonly raisesQueen: boolean;
  readonly onAnswer: (answers: Answers) => void;
}

const orderOf = (asked: ChoicesAsked): string => {
  const { first, others } = choose(asked);
  return [first, ...others.map(({ choice }) => choice)].join(' ');
};

/** Whether the answers to a question give different orders. */
const matters = (ways: readonly ChoicesAsked[]): boolean => new Set(ways.map(orderOf)).size > 1;

/** What nobody looked for or said, as far as it would change the order: answered with a tap, and not stored. */
export function ChoiceQuestions({ asked, answers, raisesQueen, onAnswer }: Props) {
  const { colony, place } = asked;
  const as = (change: Partial<ColonyAsked>, there: Partial<PlaceAsked> = {}): ChoicesAsked => ({
    ...asked,
    wanted: answers.wanted ?? asked.wanted,
    colony: { ...colony, queenFound: answers.found ?? colony.queenFound, ...change },
    place: { ...place, secondStand: answers.stand ?? place.secondStand, ...there },
  });
  const asksFound =
    colony.queenFound === 'not-looked-for' && matters([as({ queenFound: 'today' }), as({ queenFound: 'no' })]);
  const asksStand =
    place.secondStand === null && matters([as({}, { secondStand: true }), as({}, { secondStand: false })]);
  const asksWanted = matters((['honey', 'increase', 'nothing'] as const).map((wanted) => ({ ...as({}), wanted })));
  const asksDrones = raisesQueen && place.drones === 'not-looked-for';
  return (
    <div className="mt-3 grid gap-2">
      {asksFound && (
        <Question
          asks="Is she found?"
          answers={[
            ['today', 'yes'],
            ['no', 'not today'],
          ]}
          is={answers.found ?? null}
          onChange={(found) => onAnswer({ ...answers, found })}
        />
      )}
      {asksWanted && (
        <Question
          asks="What do you want of it?"
          answers={[
            ['honey', 'honey'],
            ['increase', 'another colony'],
            ['nothing', 'neither'],
          ]}
          is={answers.wanted ?? asked.wanted}
          onChange={(wanted) => onAnswer({ ...answers, wanted })}
        />
      )}
      {asksStand && (
        <Question
          asks="A second stand?"
          answers={[
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          is={answers.stand === undefined ? null : answers.stand ? 'yes' : 'no'}
          onChange={(stand) => onAnswer({ ...answers, stand: stand === 'yes' })}
        />
      )}
      {asksDrones && (
        <Question
          asks="Do drones fly?"
          answers={[
            ['flying', 'yes'],
            ['none', 'not yet'],
          ]}
          is={answers.drones ?? null}
          onChange={(drones) => onAnswer({ ...answers, drones })}
        />
      )}
    </div>
  );
}

interface QuestionProps<A extends string> {
  readonly asks: string;
  readonly answers: readonly (readonly [A, string])[];
  readonly is: string | null;
  readonly onChange: (answer: A) => void;
}

function Question<A extends string>({ asks, answers, is, onChange }: QuestionProps<A>) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="float-left mr-2 font-semibold">{asks}</legend>
      {answers.map(([answer, words]) => (
        <label
          key={answer}
          className="flex min-h-11 cursor-pointer items-center border-2 border-line px-3 font-bold has-checked:border-ink has-checked:bg-ink has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-indigo"
        >
          <input
            type="radio"
            className="sr-only"
            name={name}
            checked={is === answer}
            onChange={() => onChange(answer)}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
