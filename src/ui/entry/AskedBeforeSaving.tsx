'use client';

import { type Day, yearOf } from '../../core/calendar/day';
import { dayWords, distanceWords } from '../../words/days';
import { AskFirst } from '../controls/AskFirst';

/** What is asked before an entry is saved: whether it was on that far-off day, opened though left shut, or all cells broken down. */
export type AskedFirst = 'day' | 'opening' | 'all';

/** What the keeper is sure of. */
export interface SureOf {
  readonly ofDay: boolean;
  readonly ofOpening: boolean;
  readonly ofAll: boolean;
}

export const NOT_SURE: SureOf = { ofDay: false, ofOpening: false, ofAll: false };
export const SURE: SureOf = { ofDay: true, ofOpening: true, ofAll: true };
/** The questions come one after the other: who answers a later one has answered those before it. */
export const SURE_OF: { readonly [A in AskedFirst]: SureOf } = {
  day: { ...NOT_SURE, ofDay: true },
  opening: { ...SURE, ofAll: false },
  all: SURE,
};

interface Props {
  readonly asked: AskedFirst | null;
  /** The day of the entry. */
  readonly on: Day;
  readonly today: Day;
  readonly isBeforeRecords: boolean;
  /** The last day on which it is to be left shut; null: it is not. */
  readonly shutTo: Day | null;
  readonly onClose: () => void;
  readonly onYes: (what: AskedFirst) => void;
}

export function AskedBeforeSaving({ asked, on, today, isBeforeRecords, shutTo, onClose, onYes }: Props) {
  const question = (what: AskedFirst) => ({ isOpen: asked === what, onClose, onYes: () => onYes(what) });
  return (
    <>
      <AskFirst
        {...question('day')}
        title={`Was it on ${dayWords(on)} ${yearOf(on)}?`}
        body={
          isBeforeRecords
            ? 'That is before anything else in this colony’s records.'
            : `That is ${distanceWords(on, today)}.`
        }
        yes="Yes, save it"
        no="No, change the day"
      />
      <AskFirst
        {...question('all')}
        title="Break down every cell without eggs or queen seen?"
        body="If the queen is gone there may be nothing to raise another from: no eggs of hers, and no cell left. Look for eggs first, or keep one good cell."
        yes="All are broken down: save"
        no="Cancel"
      />
      <AskFirst
        {...question('opening')}
        title="Did you open it anyway?"
        body={
          shutTo === null
            ? ''
            : `Leave it shut up to and including ${dayWords(shutTo)}: a virgin may be out, and opening it can lose her.`
        }
        yes="I opened it: save"
        no="Not yet"
      />
    </>
  );
}
