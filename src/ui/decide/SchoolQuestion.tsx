'use client';

import type { School, Schools } from '../../core/settings/schools';
import { choicesPhrases } from '../../words/pages/choices';
import { Row } from '../controls/Row';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly school: School;
  readonly answered: readonly School[];
}

/** What keepers differ on and Ubbet goes by from then on: asked once, when it first matters, with both reasons. */
export function SchoolQuestion({ school, answered }: Props) {
  const { sendTo, issues } = useSend();
  const isReader = useBook()?.isReader === true;
  if (answered.includes(school) || isReader) return null;
  const { asks, ways } = choicesPhrases.schools[school];
  const say = (value: Partial<Schools>) => sendTo('/api/schools', { ...value, schoolsAsked: [...answered, school] });
  return (
    <Row title={asks}>
      <div className="mt-1 grid gap-2 sm:grid-cols-2">
        {ways.map(({ name, why, value }) => (
          <button
            key={name}
            type="button"
            className="min-h-12 border-2 border-ink bg-paper px-3 py-1.5 text-left hover:bg-tint"
            onClick={() => void say(value)}
          >
            <b>{name}</b> <span className="text-sm">{why}</span>
          </button>
        ))}
      </div>
      {issues[0] && (
        <p role="alert" className="text-propolis mt-1 text-sm font-semibold">
          {issues[0].message}
        </p>
      )}
    </Row>
  );
}
