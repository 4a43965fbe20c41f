'use client';

import { v7 as newId } from 'uuid';
import { allSizes, type Settings } from '../../core/settings/settings';
import type { FrameSize } from '../../core/space/frame-size';
import type { IssueInWords } from '../../words/issues';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { FIELD } from '../controls/styles';

type Sizes = Pick<Settings, 'broodSize' | 'superSize' | 'ownSizes'>;

interface Props {
  readonly settings: Sizes;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (sizes: Partial<Sizes>) => void;
}

/** The frames that the keeper uses, and sizes of the keeper’s own. */
export function SizeSettings({ settings, issues, onChange }: Props) {
  const { ownSizes } = settings;
  const sizes = allSizes(settings);
  const inUse = new Set([settings.broodSize, settings.superSize]);
  const change = (id: string, fields: Partial<FrameSize>) =>
    onChange({ ownSizes: ownSizes.map((size) => (size.id === id ? { ...size, ...fields } : size)) });
  const choice = (key: 'broodSize' | 'superSize', name: string) => (
    <Field name={name} problem={problemOf(issues, key)}>
      {(props) => (
        <select {...props} value={settings[key]} onChange={(event) => onChange({ [key]: event.target.value })}>
          {sizes.map(({ id, name: words, cells }) => (
            <option key={id} value={id}>{`${words}, ${cells} cells`}</option>
          ))}
        </select>
      )}
    </Field>
  );
  return (
    <>
      <h2 className="mt-8 border-t-2 border-ink pt-2 text-xl">Frames</h2>
      {choice('broodSize', 'Frames of a new brood box')}
      {choice('superSize', 'Frames of a new super')}
      <h3 className="mt-4 text-lg">Sizes of your own</h3>
      {problemOf(issues, 'ownSizes') && (
        <p role="alert" className="text-propolis font-bold">
          {problemOf(issues, 'ownSizes')}
        </p>
      )}
      <ul className="mt-1 grid gap-3">
        {ownSizes.map((size, i) => (
          <li key={size.id} className="grid grid-cols-[1fr_6rem_4.5rem] items-end gap-2">
            <label className="text-sm">
              Name
              <input
                className={FIELD}
                value={size.name}
                onChange={(event) => change(size.id, { name: event.target.value })}
              />
            </label>
            <label className="text-sm">
              Cells
              <input
                type="number"
                className={FIELD}
                value={size.cells}
                onChange={(event) => change(size.id, { cells: Number(event.target.value) })}
              />
            </label>
            <label className="text-sm">
              A box
              <input
                type="number"
                className={FIELD}
                value={size.places}
                onChange={(event) => change(size.id, { places: Number(event.target.value) })}
              />
            </label>
            {!inUse.has(size.id) && (
              <Button
                kind="quiet"
                className="col-span-3 justify-self-start text-sm"
                aria-label={`Leave out size ${i + 1}`}
                onClick={() => onChange({ ownSizes: ownSizes.filter(({ id }) => id !== size.id) })}
              >
                leave out
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Button
        kind="plain"
        className="mt-3"
        onClick={() => onChange({ ownSizes: [...ownSizes, { id: newId(), name: '', cells: 5000, places: 10 }] })}
      >
        Add a size
      </Button>
      <p className="text-muted mt-1 text-sm">Worker cells on both sides of a frame, fully drawn; frames in a box.</p>
    </>
  );
}
