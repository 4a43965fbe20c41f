'use client';

import type { ApiaryEntry, ColonyEntry } from '../../views/all-apiaries';
import type { IssueInWords } from '../../words/issues';
import { Field, problemOf } from '../controls/Field';
import { ApiaryField } from '../forms/ApiaryField';
import type { StartDraft } from './start-draft';

interface Props {
  /** What the new colony gets, and where it stands; null: not told. */
  readonly unit: { readonly gets: string; readonly stands: string } | null;
  readonly colony: ColonyEntry;
  readonly apiaries: readonly ApiaryEntry[];
  readonly newColony: NonNullable<StartDraft['newColony']>;
  readonly stand: string;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (fields: Partial<StartDraft>) => void;
}

/** The colony that comes of a method: its name and place, and where the one it came from stands from now on. */
export function NewColonyFields({ unit, colony, apiaries, newColony, stand, issues, onChange }: Props) {
  const set = (fields: Partial<Props['newColony']>) => onChange({ newColony: { ...newColony, ...fields } });
  return (
    <fieldset className="mt-5 border-t-2 border-ink pt-2">
      <legend className="font-display pr-3 text-lg font-bold">The new colony</legend>
      {unit && <p className="text-muted text-sm">{`Gets ${unit.gets}. Stands ${unit.stands}.`}</p>}
      <Field name="Its name" problem={problemOf(issues, 'name')}>
        {(props) => <input {...props} value={newColony.name} onChange={(event) => set({ name: event.target.value })} />}
      </Field>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <ApiaryField
          name="Its apiary"
          apiaries={apiaries}
          value={newColony.apiaryId}
          issues={issues}
          onChange={(apiaryId) => set({ apiaryId })}
        />
        <Field name="Its stand" problem={null}>
          {(props) => (
            <input {...props} value={newColony.stand} onChange={(event) => set({ stand: event.target.value })} />
          )}
        </Field>
      </div>
      <Field name={`Where ${colony.name} stands from now on`} problem={problemOf(issues, 'stand')}>
        {(props) => <input {...props} value={stand} onChange={(event) => onChange({ stand: event.target.value })} />}
      </Field>
    </fieldset>
  );
}
