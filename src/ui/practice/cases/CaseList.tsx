'use client';

import { CASE_NAMES, type CaseName } from '../../../core/cases/case';
import { lastDay } from '../../../core/cases/ending';
import type { CaseKept } from '../../../device/case-at-hand';
import { CASE_WORDS, caseName, dayOfSeason } from '../../../words/cases';
import { Button } from '../../controls/Button';

interface Props {
  readonly kept: readonly CaseKept[] | null;
  readonly onOpen: (kept: CaseKept) => void;
  readonly onBegin: (name: CaseName | null) => void;
}

const stateOf = ({ of, today }: CaseKept): string =>
  today >= lastDay(of) ? 'played to its end' : `begun: ${dayOfSeason(today, of.from, of.days)}`;

/** Whole seasons to be kept: those that go by a name, those begun, and another of which nobody knows anything. */
export function CaseList({ kept, onOpen, onBegin }: Props) {
  const others = kept?.filter(({ of }) => of.name === null) ?? [];
  const named = (name: CaseName) => kept?.find(({ of }) => of.name === name);
  return (
    <section aria-label="Whole seasons" className="mt-6">
      <h2 className="text-lg">Whole seasons</h2>
      <p className="text-muted max-w-prose text-sm">
        A colony from spring to summer, with its own luck. You say when you look, how well, and what is done; at the end
        you see what went on inside, and what else might have come of it.
      </p>
      <ul className="mt-1 grid gap-x-8 wide:grid-cols-2">
        {CASE_NAMES.map((name) => {
          const begun = named(name);
          return (
            <li key={name} className="border-b border-line py-1.5">
              <button
                type="button"
                disabled={kept === null}
                className="min-h-11 text-left font-bold underline hover:text-willow"
                onClick={() => (begun ? onOpen(begun) : onBegin(name))}
              >
                {CASE_WORDS[name].name}
              </button>
              <span className="text-muted block text-sm">
                {CASE_WORDS[name].about}
                {begun && ` ${stateOf(begun)[0]?.toUpperCase()}${stateOf(begun).slice(1)}.`}
              </span>
              {begun && (
                <Button
                  kind="quiet"
                  className="min-h-11 text-sm"
                  aria-label={`${CASE_WORDS[name].name}: from the beginning`}
                  onClick={() => onBegin(name)}
                >
                  from the beginning
                </Button>
              )}
            </li>
          );
        })}
        {others.map((one) => (
          <li key={one.of.seed} className="border-b border-line py-1.5">
            <button
              type="button"
              className="min-h-11 text-left font-bold underline hover:text-willow"
              onClick={() => onOpen(one)}
            >
              {caseName(one.of)}
            </button>
            <span className="text-muted block text-sm">{stateOf(one)}</span>
          </li>
        ))}
      </ul>
      <p className="mt-3">
        <Button kind="plain" disabled={kept === null} onClick={() => onBegin(null)}>
          A new season
        </Button>
      </p>
    </section>
  );
}
