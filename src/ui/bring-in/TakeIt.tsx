import { useState } from 'react';
import type { FateCounts } from '../../core/spreadsheets/bring-in/plan';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { ShortChoice } from './ShortChoice';

interface Props {
  readonly counts: FateCounts;
  readonly isOverBook: boolean;
  readonly onOverBook: (isOverBook: boolean) => void;
  readonly isSending: boolean;
  readonly done: object | null;
  readonly onYes: (isRefusedLeftOut: boolean) => void;
}

const rowsWords = (count: number) => `${count} ${count === 1 ? 'row' : 'rows'}`;

/** The last word on a sheet: what stands where it and the book differ, that wrong rows are left out, and that it is brought in. */
export function TakeIt({ counts, isOverBook, onOverBook, isSending, done, onYes }: Props) {
  const [isLeftOut, setLeftOut] = useState(false);
  const taken = counts.new + (isOverBook ? counts.conflict : 0);
  const hasRefused = counts.refused > 0;
  if (done && taken === 0) return null;
  return (
    <div className="mt-3 max-w-2xl">
      {counts.conflict > 0 && (
        <ShortChoice
          legend={`Where your book says otherwise (${rowsWords(counts.conflict)}), what is right?`}
          isOpen={false}
          options={[
            { value: 'book', name: 'the book: leave it' },
            { value: 'sheet', name: 'the spreadsheet: correct the book' },
          ]}
          value={isOverBook ? 'sheet' : 'book'}
          onChange={(right) => onOverBook(right === 'sheet')}
        />
      )}
      {hasRefused && taken > 0 && (
        <Check
          name={`Leave out the ${rowsWords(counts.refused)} refused`}
          hint="Or put them right: in the columns above, or in the spreadsheet itself."
          value={isLeftOut}
          onChange={setLeftOut}
        />
      )}
      <p className="mt-3">
        {taken === 0 ? (
          <span className="font-bold">
            {hasRefused ? 'No row can be brought in as it is.' : 'Your book has all of this already.'}
          </span>
        ) : (
          <Button kind="act" disabled={isSending || (hasRefused && !isLeftOut)} onClick={() => onYes(isLeftOut)}>
            {isSending ? 'Bringing it in …' : `Bring in ${rowsWords(taken)}`}
          </Button>
        )}
      </p>
    </div>
  );
}
