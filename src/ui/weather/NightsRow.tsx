'use client';

import { useState } from 'react';
import { formatDay } from '../../core/calendar/day';
import { METRIC, toUnit } from '../../core/units/units';
import type { NightAhead } from '../../core/weather/nights-ahead';
import { weekdayWords } from '../../words/days';
import { degrees } from '../../words/measures';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly apiaryId: string;
  readonly nights: readonly NightAhead[];
  /** The coldest of them and who says so; null: not all of them are known. */
  readonly coldest: string | null;
}

/** Where nothing is known of a night, the first tap begins here, °C. */
const BEGINS_AT_C = 8;

/** The next five nights in one row of taps: as the forecast has them, overruled by a tap, and taken back. */
export function NightsRow({ apiaryId, nights, coldest }: Props) {
  const [said, setSaid] = useState<ReadonlyMap<number, number | null>>(new Map());
  const { issues, isSending, sendTo } = useSend();
  // One degree as the keeper counts them.
  const { temperature } = useBook()?.units ?? METRIC;
  const degree = 1 / (toUnit(1, temperature) - toUnit(0, temperature));
  const say = (on: number, lowC: number | null) => setSaid(new Map([...said, [on, lowC]]));
  const lowOf = ({ on, lowC }: NightAhead) => (said.has(on) ? (said.get(on) ?? null) : lowC);
  const save = async () => {
    const entry = {
      apiaryId,
      nights: [...said].map(([on, lowC]) => ({ on: formatDay(on as NightAhead['on']), lowC })),
    };
    if (await sendTo('/api/nights', entry)) setSaid(new Map());
  };
  return (
    <section aria-label="The next five nights" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">The next five nights</h2>
      <p className="max-w-prose text-sm">
        {coldest === null
          ? 'Interleaving, a Demaree and supers ask for the coldest of them. Say what is not known: tap plus or minus.'
          : `The coldest: ${coldest}. Interleaving, a Demaree and supers ask for it.`}
      </p>
      <ul className="mt-2 grid grid-cols-5 gap-x-2 wide:flex wide:gap-x-4">
        {nights.map((night) => {
          const low = lowOf(night);
          const isSaid = said.has(night.on) ? said.get(night.on) !== null : night.by === 'keeper';
          const name = weekdayWords(night.on);
          const step = (by: number) => say(night.on, low === null ? BEGINS_AT_C : round(low + by * degree));
          return (
            <li key={night.on}>
              <p className="text-sm leading-5 font-bold">{name}</p>
              <fieldset
                className="flex w-14 flex-col-reverse items-stretch wide:w-auto wide:flex-row wide:items-center"
                aria-label={`Night of ${name}`}
              >
                <button type="button" className={TAP} aria-label={`Colder, night of ${name}`} onClick={() => step(-1)}>
                  −
                </button>
                <output className="grid h-11 w-14 place-items-center border-x-2 border-ink bg-paper text-lg font-bold wide:border-x-0 wide:border-y-2">
                  {low === null ? '?' : `${degrees(low)}°`}
                </output>
                <button type="button" className={TAP} aria-label={`Warmer, night of ${name}`} onClick={() => step(1)}>
                  +
                </button>
              </fieldset>
              {isSaid ? (
                <Button kind="quiet" className="min-h-8 text-sm" onClick={() => say(night.on, null)}>
                  as you said; take back
                </Button>
              ) : (
                <p className="text-muted min-h-8 text-sm">
                  {low === null ? 'not known' : said.has(night.on) ? 'taken back' : 'forecast'}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      <IssueList issues={issues} />
      {said.size > 0 && (
        <p className="mt-1 flex flex-wrap items-center gap-3">
          <Button kind="act" disabled={isSending} onClick={() => void save()}>
            Save the nights
          </Button>
          <Button kind="quiet" onClick={() => setSaid(new Map())}>
            As they were
          </Button>
        </p>
      )}
    </section>
  );
}

const TAP = 'h-11 w-14 border-2 border-ink bg-paper text-xl font-bold hover:bg-tint wide:w-11';
const round = (c: number) => Math.round(c * 10) / 10;
