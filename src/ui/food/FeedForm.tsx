'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { LIMITS } from '../../core/facts/limits';
import { FOOD_KINDS, type FoodFact, type FoodKind } from '../../core/food/food';
import type { NamedColony } from '../../views/all-apiaries';
import { minuteWords } from '../../words/days';
import { FOOD_NAMES, foodWords } from '../../words/food';
import { unitName } from '../../words/measures';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { MeasureInput } from '../controls/MeasureInput';
import { Stepper } from '../controls/Stepper';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

interface Props {
  readonly colony: NamedColony;
  /** Local minute by now. */
  readonly minute: string;
  /** The last that was given and taken, newest first. */
  readonly last: readonly FoodFact[];
}

/** What is tapped first of each, kg, or frames. */
const USUAL: { readonly [F in FoodKind]: number } = { syrup: 2, fondant: 1, 'stores-frame': 1, 'honey-taken': 10 };

/** What is given and taken, said by a few taps, and the last of it. */
export function FeedForm({ colony, minute, last }: Props) {
  const book = useBook();
  const { issues, isSaying, say } = useSay(colony);
  const thisMinute = useThisMinute(minute);
  const [kind, setKind] = useState<FoodKind | null>(null);
  const [amount, setAmount] = useState<number | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const choose = (chosen: FoodKind) => {
    setKind(chosen);
    setAmount(USUAL[chosen]);
    setDone(null);
  };
  const save = async () => {
    if (kind === null || amount === null) return;
    const at = thisMinute();
    const entry = { id: newId(), colonyId: colony.id, at, kind, amount, note: '' };
    const said = await say('food', { kind: 'noted', id: newId(), at, entry }, foodWords(entry));
    if (said === 'refused') return;
    setDone(`${said === 'waiting' ? 'Kept on this device' : 'Saved'}: ${foodWords(entry)}.`);
    setKind(null);
  };
  const takeOut = (entryId: string) =>
    say('food', { kind: 'taken-out', id: newId(), at: thisMinute(), entryId }, 'a food entry taken out');
  return (
    <>
      <IssueList issues={issues} />
      {done !== null && (
        <p role="status" className="text-larch font-semibold">
          {done}
        </p>
      )}
      {book?.isReader !== true && (
        <p className="flex flex-wrap gap-2 py-2">
          {FOOD_KINDS.map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={kind === one}
              className={`min-h-11 border-2 border-ink px-3 text-sm font-semibold ${kind === one ? 'bg-ink text-white' : 'bg-paper hover:bg-tint'}`}
              onClick={() => choose(one)}
            >
              {FOOD_NAMES[one]}
            </button>
          ))}
        </p>
      )}
      {kind !== null && (
        <div className="flex flex-wrap items-end gap-3 pb-2">
          {kind === 'stores-frame' ? (
            <Stepper
              name="frame of stores"
              value={amount ?? 0}
              max={LIMITS.frames}
              onAdd={() => setAmount((amount ?? 0) + 1)}
              onDrop={() => setAmount(Math.max(0, (amount ?? 0) - 1))}
            />
          ) : (
            <Field name={`How much, ${unitName('mass')}`} problem={problemOf(issues, 'amount')}>
              {(props) => (
                <MeasureInput
                  {...props}
                  quantity="mass"
                  value={amount}
                  onChange={setAmount}
                  min={0.01}
                  max={LIMITS.foodAmount}
                  step={0.01}
                />
              )}
            </Field>
          )}
          <Button kind="act" disabled={isSaying || !amount} onClick={() => void save()}>
            Save
          </Button>
        </div>
      )}
      {last.length > 0 && (
        <ul className="pb-2 text-sm">
          {last.map((entry) => (
            <li key={entry.id} className="flex flex-wrap items-center gap-x-3">
              <span>{`${minuteWords(entry.at)}: ${foodWords(entry)}`}</span>
              {book?.isReader !== true && (
                <Button
                  kind="quiet"
                  className="min-h-11 wide:min-h-6"
                  disabled={isSaying}
                  onClick={() => void takeOut(entry.id)}
                >
                  Delete
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
