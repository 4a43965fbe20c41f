'use client';

import { ChevronLeft } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { addDays, type Day, day as dayOf, formatDay } from '../../../core/calendar/day';
import type { CaseMove } from '../../../core/cases/case';
import { lastDay } from '../../../core/cases/ending';
import { THOROUGHNESS, type Thoroughness } from '../../../core/cells/thoroughness';
import { type CaseHiveView, type CaseKept, nameIn } from '../../../device/case-at-hand';
import { caseName, dayOfSeason, LOOK_WORDS } from '../../../words/cases';
import { Button } from '../../controls/Button';
import { DayField } from '../../controls/DayField';
import { Field } from '../../controls/Field';
import { useReckoned } from '../../reckon/useReckoned';
import { axisAround } from '../../time/axis';
import { RulerHead } from '../../time/RulerHead';
import { CaseChoices } from './CaseChoices';
import { CaseEnd } from './CaseEnd';
import { CaseHive } from './CaseHive';
import { CaseLook } from './CaseLook';
import { caseReckoner } from './case-reckoner';

interface Props {
  readonly begin: CaseKept;
  readonly onChange: (kept: CaseKept) => void;
  readonly onLeave: () => void;
}

type Place =
  | { readonly at: 'hives' }
  | { readonly at: 'look'; readonly colonyId: string; readonly searched: Thoroughness }
  | { readonly at: 'choices'; readonly colonyId: string };

const HIVES: Place = { at: 'hives' };

/** A whole season: the hives as the book has them, day by day, and whatever the keeper does. */
export function CasePage({ begin, onChange, onLeave }: Props) {
  const [kept, setKept] = useState(begin);
  const [place, setPlace] = useState<Place>(HIVES);
  const [said, setSaid] = useState('');
  const [isWaiting, setWaiting] = useState(false);
  const head = useRef<HTMLHeadingElement>(null);
  const { of, moves, today } = kept;
  const last = lastDay(of);
  const isOver = today >= last;
  const ask = useMemo(() => (isOver ? null : () => caseReckoner().atHand(kept)), [kept, isOver]);
  const hives = useReckoned<readonly CaseHiveView[] | null>(ask, null);
  const name = nameIn(kept);

  const change = (next: CaseKept) => {
    setKept(next);
    onChange(next);
  };
  const passTo = (day: Day) => {
    const to = Math.min(day, last) as Day;
    change({ ...kept, today: to });
    setSaid(dayOfSeason(to, of.from, of.days));
  };
  const goOn = async () => {
    setWaiting(true);
    passTo(await caseReckoner().nextDueDay(kept, last));
    setWaiting(false);
  };
  const done = (move: CaseMove, words: string) => {
    change({ ...kept, moves: [...moves, move] });
    setPlace(HIVES);
    setSaid(words);
  };
  // Who comes back from a hive stands where the hives begin.
  const isAtHives = place.at === 'hives';
  useEffect(() => {
    if (isAtHives && said !== '') head.current?.focus();
  }, [isAtHives, said]);

  if (place.at === 'look')
    return (
      <CaseLook
        kept={kept}
        colonyId={place.colonyId}
        colonyName={name(place.colonyId)}
        searched={place.searched}
        onBack={() => setPlace(HIVES)}
        onDone={(move) => done(move, `${name(place.colonyId)} is written down.`)}
      />
    );
  if (place.at === 'choices')
    return (
      <CaseChoices
        kept={kept}
        colonyId={place.colonyId}
        colonyName={name(place.colonyId)}
        onBack={() => setPlace(HIVES)}
        onDone={(move, words) => done(move, words)}
      />
    );
  return (
    <>
      <RulerHead
        axis={axisAround(today)}
        isSticky={false}
        isInvented
        title={
          <span ref={head} tabIndex={-1} className="outline-none">
            {caseName(of)}
          </span>
        }
        below={dayOfSeason(today, of.from, of.days)}
      />
      <p className="mt-2 flex flex-wrap items-center gap-4">
        <Button kind="quiet" className="min-h-11" onClick={onLeave}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          All seasons and exercises
        </Button>
        <span role="status" className="font-semibold">
          {said}
        </span>
      </p>
      {isOver ? (
        <CaseEnd kept={kept} name={name} />
      ) : (
        <>
          <section aria-label="Time" className="mt-2 flex flex-wrap items-end gap-2">
            <Button kind="act" disabled={isWaiting} onClick={() => void goOn()}>
              {isWaiting ? 'Days go by …' : 'Until something is due'}
            </Button>
            <Button kind="plain" onClick={() => passTo(addDays(today, 1))}>
              One day on
            </Button>
            <Button kind="plain" onClick={() => passTo(addDays(today, 7))}>
              A week on
            </Button>
            <Field name="Or to a day" problem={null}>
              {(props) => (
                <DayField
                  {...props}
                  value=""
                  min={formatDay(addDays(today, 1))}
                  max={formatDay(last)}
                  onChange={(value) => value !== '' && passTo(dayOf(value))}
                />
              )}
            </Field>
          </section>
          {hives === null ? (
            <p className="mt-4">…</p>
          ) : (
            <ul className="mt-3">
              {hives.map((hive) => (
                <CaseHive
                  key={hive.id}
                  hive={hive}
                  axis={axisAround(today)}
                  onLook={(searched) => setPlace({ at: 'look', colonyId: hive.id, searched })}
                  onChoices={() => setPlace({ at: 'choices', colonyId: hive.id })}
                  onAnswer={(answer, words) => done(answer, words)}
                  ways={THOROUGHNESS.map((searched) => ({ searched, words: LOOK_WORDS[searched] }))}
                />
              ))}
            </ul>
          )}
        </>
      )}
    </>
  );
}
