'use client';

import { FIELD } from '../controls/styles';

/** What keepers write again and again. */
const PHRASES = [
  'Calm.',
  'Touchy.',
  'Good pattern.',
  'Patchy brood.',
  'Fed.',
  'Super given.',
  'Wind got up.',
  'Drone comb.',
];

interface Props {
  readonly note: string;
  readonly onChange: (note: string) => void;
}

/** A note, by a tap on a ready phrase or by typing. */
export function NoteField({ note, onChange }: Props) {
  const add = (phrase: string) => onChange(note.trim() === '' ? phrase : `${note.trimEnd()} ${phrase}`);
  return (
    <div className="mt-4">
      <label className="block">
        <span className="font-display text-lg font-bold">Note</span>
        <textarea className={FIELD} rows={3} value={note} onChange={(event) => onChange(event.target.value)} />
      </label>
      <fieldset className="mt-2 flex flex-wrap gap-2" aria-label="Quick notes">
        {PHRASES.map((phrase) => (
          <button
            key={phrase}
            type="button"
            className="min-h-12 border-2 border-line bg-paper px-2.5 font-semibold hover:border-ink"
            onClick={() => add(phrase)}
          >
            {phrase}
          </button>
        ))}
      </fieldset>
    </div>
  );
}
