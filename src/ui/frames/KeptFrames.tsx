'use client';

import { useState } from 'react';
import type { KeptFrame } from '../../core/facts/kept-frame';
import { COMB_BASES, type CombBase } from '../../core/space/comb-base';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { useSend } from '../controls/useSend';

const BASE_WORDS: { readonly [B in CombBase]: string } = {
  'wired-wax': 'wired wax foundation',
  'unwired-wax': 'unwired wax foundation',
  plastic: 'plastic foundation',
  'starter-strip': 'a starter strip',
  unknown: 'not known',
};

export interface FollowedFrame extends KeptFrame {
  /** Where it has been, oldest first. */
  readonly history: readonly string[];
}

interface Props {
  readonly followed: readonly FollowedFrame[];
  /** Frames of this hive that could be followed, by their place. */
  readonly choices: readonly { readonly id: string; readonly place: string }[];
  readonly year: number;
}

/** Frames followed by name, with where each has been; and a way to follow another. */
export function KeptFrames({ followed, choices, year }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <section aria-label="Frames followed" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">Frames followed by name</h2>
      {followed.length === 0 && (
        <p className="text-muted text-sm">
          None here. Name a frame to keep its age and what it was built on, and to see where it goes.
        </p>
      )}
      <ul>
        {followed.map(({ id, label, combYear, base, history, note }) => (
          <li key={id} className="border-b border-line py-1.5">
            <b>{label}</b>
            {`, ${combYear === null ? 'comb of unknown age' : `comb of ${combYear} (${ageWords(year - combYear)})`}, built on ${BASE_WORDS[base]}`}
            {note && `. ${note}`}
            <span className="text-muted block text-sm">{history.join(' → ')}</span>
          </li>
        ))}
      </ul>
      {isOpen ? (
        <FollowForm choices={choices} year={year} onDone={() => setOpen(false)} />
      ) : (
        choices.length > 0 && (
          <Button kind="plain" className="mt-2" onClick={() => setOpen(true)}>
            Follow a frame
          </Button>
        )
      )}
    </section>
  );
}

const ageWords = (years: number) => (years <= 0 ? 'of this year' : years === 1 ? 'a year old' : `${years} years old`);

function FollowForm({ choices, year, onDone }: Pick<Props, 'choices' | 'year'> & { onDone: () => void }) {
  const { issues, isSending, sendTo } = useSend();
  const [frame, setFrame] = useState<KeptFrame>({
    id: choices[0]?.id ?? '',
    label: '',
    combYear: year,
    base: 'unknown',
    note: '',
  });
  return (
    <form
      noValidate
      className="max-w-md"
      onSubmit={async (event) => {
        event.preventDefault();
        if (await sendTo('/api/kept-frames', frame)) onDone();
      }}
    >
      <Field name="Which frame" problem={problemOf(issues, 'id')}>
        {(props) => (
          <select {...props} value={frame.id} onChange={(event) => setFrame({ ...frame, id: event.target.value })}>
            {choices.map(({ id, place }) => (
              <option key={id} value={id}>
                {place}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field name="Name on its top bar" problem={problemOf(issues, 'label')}>
        {(props) => (
          <input
            {...props}
            value={frame.label}
            onChange={(event) => setFrame({ ...frame, label: event.target.value })}
          />
        )}
      </Field>
      <Field
        name="Year its comb was built"
        hint="Leave it empty where nobody knows."
        problem={problemOf(issues, 'combYear')}
      >
        {(props) => (
          <input
            {...props}
            type="number"
            inputMode="numeric"
            value={frame.combYear ?? ''}
            onChange={({ target: { value } }) => setFrame({ ...frame, combYear: value === '' ? null : Number(value) })}
          />
        )}
      </Field>
      <Field name="Built on" problem={problemOf(issues, 'base')}>
        {(props) => (
          <select
            {...props}
            value={frame.base}
            onChange={(event) => setFrame({ ...frame, base: event.target.value as CombBase })}
          >
            {COMB_BASES.map((base) => (
              <option key={base} value={base}>
                {BASE_WORDS[base]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <p className="mt-3 flex gap-3">
        <Button type="submit" kind="strong" disabled={isSending}>
          Follow it
        </Button>
        <Button kind="quiet" onClick={onDone}>
          Not now
        </Button>
      </p>
    </form>
  );
}
