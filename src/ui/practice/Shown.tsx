'use client';

import type { Answer, Answers, Exercise } from '../../core/practice/exercise';
import { seenWhen } from '../../core/practice/exercises/find-all';
import { SEARCHES, type Search, THOROUGHNESS_OF } from '../../core/practice/search';
import { CELL_PLACE_WORDS } from '../../words/cells';
import { cellLookWords, patchWords, SEARCH_WORDS, toldWords } from '../../words/practice';
import { Button } from '../controls/Button';
import { DrawnCell } from '../drawn/DrawnCell';
import { DrawnFrame } from '../drawn/DrawnFrame';
import { DrawnPatch } from '../drawn/DrawnPatch';
import { InWords } from './InWords';

interface Props {
  readonly exercise: Exercise;
  readonly answers: Answers;
  readonly isDone: boolean;
  readonly onAnswer: (code: string, answer: Answer) => void;
}

/** How many bees are left on a frame, of those that were there. */
const BEES: { readonly [S in Search]: number } = { 'tip-up': 1, 'bees-on': 0.75, brushed: 0.03, shaken: 0.08 };

/** What stands before the keeper: drawn, and in words for who would rather have them. */
export function Shown({ exercise: { shows, seed }, answers, isDone, onAnswer }: Props) {
  const told = toldWords(shows);
  switch (shows.kind) {
    case 'cell':
      return (
        <>
          <div className="mt-2 flex max-w-xl items-start border-2 border-ink bg-paper px-2 pt-2">
            {shows.looks.map((look, i) => (
              <DrawnCell
                // biome-ignore lint/suspicious/noArrayIndexKey: cells are never re-ordered
                key={i}
                look={look}
                isAsked={i === shows.asked}
                isTipHidden={i === shows.asked && !shows.isTipSeen}
                className={i === shows.asked ? 'w-1/2' : 'w-1/4 opacity-70'}
              />
            ))}
          </div>
          <InWords
            lines={shows.looks.map(
              (look, i) =>
                `${i === shows.asked ? 'The one that is asked about: ' : 'Beside it: '}${cellLookWords(look, i !== shows.asked || shows.isTipSeen)}`,
            )}
          />
        </>
      );
    case 'patch':
      return (
        <>
          <DrawnPatch patch={shows.patch} className="mt-2 w-full max-w-xl border-2 border-ink bg-paper" />
          <InWords lines={[patchWords(shows.patch)]} />
        </>
      );
    case 'cells':
      return (
        <>
          <ul className="mt-2 flex flex-wrap gap-2">
            {shows.cells.map(({ look, place }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: cells are never re-ordered
              <li key={i} className="w-24 border-2 border-line bg-paper text-center text-xs">
                <DrawnCell look={look} className="w-full" />
                {CELL_PLACE_WORDS[place]}
              </li>
            ))}
          </ul>
          <p className="mt-2 font-semibold">{told}</p>
          <InWords lines={shows.cells.map(({ look, place }) => `${CELL_PLACE_WORDS[place]}: ${cellLookWords(look)}`)} />
        </>
      );
    case 'frame': {
      const searched = SEARCHES.find((one) => one === answers.searched) ?? null;
      const seen = searched === null ? [] : seenWhen(shows.things, THOROUGHNESS_OF[searched]);
      const chosen = new Set(Array.isArray(answers.found) ? answers.found : []);
      const toggle = (id: string) => {
        const next = new Set(chosen);
        if (!next.delete(id)) next.add(id);
        onAnswer('found', [...next]);
      };
      return (
        <>
          {searched === null && (
            <fieldset className="mt-2 flex flex-wrap gap-2" aria-label="How do you search it?">
              {SEARCHES.map((one) => (
                <Button key={one} kind="plain" onClick={() => onAnswer('searched', one)}>
                  {SEARCH_WORDS[one]}
                </Button>
              ))}
            </fieldset>
          )}
          {searched !== null && <p className="mt-2 font-semibold">{SEARCH_WORDS[searched]}.</p>}
          <DrawnFrame
            seed={seed}
            things={seen}
            bees={searched === null ? 1 : BEES[searched]}
            chosen={chosen as ReadonlySet<string>}
            onToggle={toggle}
            missed={isDone ? shows.things.filter((thing) => !seen.includes(thing)) : []}
            isDone={isDone}
          />
        </>
      );
    }
    default:
      return told === null ? null : <p className="mt-2 max-w-prose text-lg">{told}</p>;
  }
}
