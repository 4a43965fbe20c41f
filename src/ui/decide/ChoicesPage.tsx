'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import type { ChoicesAsked } from '../../core/choices/asked';
import type { Choice } from '../../core/choices/choice';
import { type Choices, choose } from '../../core/choices/choose';
import type { MethodName } from '../../core/methods/method';
import type { NamedColony } from '../../views/all-apiaries';
import { type ChoicesView, keepsACell, type MethodOffered } from '../../views/choices-view';
import {
  choiceNamed,
  choiceTitle,
  choiceWhy,
  givesAway,
  STAND_IN_WORDS,
  WHEN_WORDS,
  WHY_NOT_WORDS,
} from '../../words/choices-made';
import { choicesPhrases } from '../../words/pages/choices';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';
import { BUTTON } from '../controls/styles';
import { type Answers, ChoiceQuestions } from './ChoiceQuestions';
import { OfferedMethod } from './OfferedMethod';
import { SchoolQuestion } from './SchoolQuestion';

interface Props {
  readonly colony: NamedColony;
  readonly situation: string;
  readonly view: ChoicesView;
}

const methodOf = ({ methods }: ChoicesView, choice: Choice): MethodOffered | null =>
  choice in methods ? methods[choice as MethodName] : null;

/** What is done by entering what was seen. */
const ENTERED: ReadonlySet<Choice> = new Set<Choice>(['inspect', 'thin-cells', 'break-cups', 'feed', 'remove-queen']);

/** What an experienced keeper would do with a colony as it stands: one thing, whole; two or three others; the rest behind one line. */
export function ChoicesPage({ colony, situation, view }: Props) {
  const [answers, setAnswers] = useState<Answers>({});
  const asked = useMemo(() => withAnswers(view.asked, answers), [view.asked, answers]);
  const choices = useMemo(() => choose(asked), [asked]);
  const { first, others, folded } = choices;
  const method = methodOf(view, first);
  // What a method under way asks for now is what is waited for.
  const leads = first === 'wait' ? view.now : null;
  return (
    <div className="wide:grid wide:grid-cols-2 wide:items-start wide:gap-x-12">
      <div>
        <p className="text-muted mt-3">
          <Link prefetch={false} href={`/colonies/${colony.id}`}>
            {colony.name}
          </Link>
          {`: ${situation}`}
        </p>
        <div aria-live="polite">
          <h1 className="text-2xl wide:text-3xl">{leads ? leads.order : choiceTitle(first)}</h1>
          <p className="mt-1">{leads ? leads.why : choiceWhy(first, asked)}</p>
          <div className="mt-3 border-2 border-ink p-3">
            <p className="font-semibold">{whenOf(first, view, asked)}</p>
            {method?.days && <p className="text-muted mt-1 text-sm">{method.days}</p>}
            {keepsACell(first, asked) && view.keep && <p className="mt-1">{view.keep}</p>}
            {shortOf(choices, first, view).map((words) => (
              <p key={words} className="text-propolis mt-1 text-sm font-semibold">
                {words}
              </p>
            ))}
            {asked.place.drones === 'none' && method?.raisesQueen && (
              <p className="text-propolis mt-1 text-sm font-semibold">{choicesPhrases.noDrones}</p>
            )}
          </div>
        </div>
        <p className="mt-3 flex flex-wrap gap-2">
          {method ? (
            <StartLink colony={colony} choice={first} look={BUTTON.act} />
          ) : (
            <ButtonLink
              href={ENTERED.has(first) ? `/colonies/${colony.id}/inspect` : `/colonies/${colony.id}`}
              kind="act"
            >
              {ENTERED.has(first) ? 'Enter an inspection' : `Back to ${colony.name}`}
            </ButtonLink>
          )}
        </p>
        {(method?.needsQueen || first === 'remove-queen') && (
          <Row title="How to find her">
            <ol className="list-decimal pl-5">
              {choicesPhrases.findHer.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
            <p className="mt-1 font-semibold">{choicesPhrases.notFound}</p>
          </Row>
        )}
        {method && (
          <Row title="Kit, and if it fails">
            <OfferedMethod method={method} short={[]} />
            {method.doesMoveFrames && <BoardLink colony={colony} choice={first} />}
          </Row>
        )}
        {keepsACell(first, asked) && view.keep && <SchoolQuestion school="cells-kept" answered={view.schoolsAsked} />}
        {asked.reading === 'early-preparing' && <SchoolQuestion school="early-first" answered={view.schoolsAsked} />}
        <ChoiceQuestions
          asked={view.asked}
          answers={answers}
          raisesQueen={method?.raisesQueen === true}
          onAnswer={setAnswers}
        />
      </div>
      <div className="wide:mt-8">
        {others.length > 0 && (
          <section aria-label="Or" className="mt-4">
            <h2 className="border-b-2 border-ink text-lg">Or</h2>
            {others.map(({ choice, when }) => (
              <Row key={choice} title={choiceNamed(choice, asked)} below={WHEN_WORDS[when]}>
                <p>{choiceWhy(choice, asked)}</p>
                <Offered colony={colony} choice={choice} view={view} short={shortOf(choices, choice, view)} />
              </Row>
            ))}
          </section>
        )}
        <Row title={`${folded.length} others, and why not`}>
          <ul>
            {folded.map(({ choice, why }) => (
              <li key={choice} className="border-line border-b py-1.5">
                <b>{choiceTitle(choice)}.</b> {WHY_NOT_WORDS[why]}{' '}
                {methodOf(view, choice) && (
                  <ButtonLink
                    href={`/colonies/${colony.id}/start/${choice}`}
                    kind="quiet"
                    className="inline-block py-1 text-sm"
                    aria-label={`See the dates: ${choiceTitle(choice)}`}
                  >
                    dates anyway
                  </ButtonLink>
                )}
              </li>
            ))}
          </ul>
        </Row>
        <p className="mt-3">
          <ButtonLink href={`/season/what-if?colony=${colony.id}`} kind="quiet">
            Compare them
          </ButtonLink>
        </p>
      </div>
    </div>
  );
}

function withAnswers(asked: ChoicesAsked, { found, stand, wanted, drones }: Answers): ChoicesAsked {
  return {
    ...asked,
    wanted: wanted ?? asked.wanted,
    colony: { ...asked.colony, queenFound: found ?? asked.colony.queenFound },
    place: { ...asked.place, secondStand: stand ?? asked.place.secondStand, drones: drones ?? asked.place.drones },
  };
}

/** When it is done: by its order's days, once it is over, or with what comes next. */
function whenOf(first: Choice, { by, next }: ChoicesView, { colony: { leaveShutTo } }: ChoicesAsked): string {
  if (first === 'leave-shut' && leaveShutTo !== null) return choicesPhrases.shutTo(leaveShutTo);
  if (first === 'nothing' || first === 'wait' || first === 'leave-shut' || first === 'inspect') {
    return next ?? choicesPhrases.noDay;
  }
  return by ?? choicesPhrases.noDay;
}

/** What of its kit is not at hand, where it lies, and what does instead. */
function shortOf({ missing }: Choices, of: Choice, { things, elsewhere }: ChoicesView): readonly string[] {
  return missing
    .filter(({ choice }) => choice === of)
    .map(({ thing, standIn }) => {
      const name = things[thing] ?? thing;
      const place = elsewhere[thing];
      if (place) return choicesPhrases.lies(name, place);
      return standIn ? choicesPhrases.alsoShort(name, STAND_IN_WORDS[standIn]) : choicesPhrases.short(name);
    });
}

interface OfferedProps {
  readonly colony: NamedColony;
  readonly choice: Choice;
  readonly view: ChoicesView;
  readonly short: readonly string[];
}

function Offered({ colony, choice, view, short }: OfferedProps) {
  if (givesAway(choice, view.asked)) {
    return (
      <p className="mt-2">
        <ButtonLink href="/cells" kind="plain">
          Who needs one?
        </ButtonLink>
      </p>
    );
  }
  const method = methodOf(view, choice);
  if (!method) return null;
  return (
    <>
      {method.days && <p className="text-muted text-sm">{method.days}</p>}
      {keepsACell(choice, view.asked) && view.keep && <p className="mt-1">{view.keep}</p>}
      <OfferedMethod method={method} short={short} />
      <p className="mt-2 flex flex-wrap gap-2">
        <StartLink colony={colony} choice={choice} look={BUTTON.plain} />
        {method.doesMoveFrames && <BoardLink colony={colony} choice={choice} />}
      </p>
    </>
  );
}

interface LinkProps {
  readonly colony: NamedColony;
  readonly choice: Choice;
}

const StartLink = ({ colony, choice, look }: LinkProps & { readonly look: string }) => (
  <Link
    prefetch={false}
    href={`/colonies/${colony.id}/start/${choice}`}
    className={look}
    aria-label={`See the dates: ${choiceTitle(choice)}`}
  >
    See the dates
  </Link>
);

const BoardLink = ({ colony, choice }: LinkProps) => (
  <ButtonLink
    href={`/colonies/${colony.id}/board/${choice}`}
    kind="quiet"
    className="inline-block py-2.5 text-sm"
    aria-label={`Which frame goes where: ${choiceTitle(choice)}`}
  >
    which frame goes where?
  </ButtonLink>
);
