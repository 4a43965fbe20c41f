'use client';

import { useState } from 'react';
import { type Hemisphere, SETTING_LIMITS, type Settings } from '../../core/settings/settings';
import { Choice } from '../controls/Choice';
import { Field, problemOf } from '../controls/Field';
import { BUTTON } from '../controls/styles';
import { useSave } from '../controls/useSave';
import { IssueList } from '../entry/IssueList';

/** What the keeper may decide; every setting says what it changes. */
export function SettingsForm({ settings }: { settings: Settings }) {
  const [draft, setDraft] = useState(settings);
  const { issues, isSaving, save } = useSave('/api/settings');
  const number = (key: keyof typeof SETTING_LIMITS, name: string, hint: string, mayBeEmpty = false) => (
    <Field name={name} hint={hint} problem={problemOf(issues, key)}>
      {(props) => (
        <input
          {...props}
          type="number"
          inputMode="numeric"
          min={SETTING_LIMITS[key].min}
          max={SETTING_LIMITS[key].max}
          placeholder={mayBeEmpty ? 'by what was seen' : undefined}
          value={draft[key] ?? ''}
          onChange={(event) =>
            setDraft({ ...draft, [key]: event.target.value === '' ? null : Number(event.target.value) })
          }
        />
      )}
    </Field>
  );
  return (
    <form
      noValidate
      className="max-w-xl"
      onSubmit={(event) => {
        event.preventDefault();
        void save(draft, '/');
      }}
    >
      <h1 className="mt-6 text-3xl">Settings</h1>
      <IssueList issues={issues} />
      <Choice<Hemisphere>
        legend="Swarm season"
        options={[
          { value: 'north', name: 'April to July', hint: 'northern hemisphere' },
          { value: 'south', name: 'October to January', hint: 'southern hemisphere' },
        ]}
        value={draft.hemisphere}
        onChange={(hemisphere) => setDraft({ ...draft, hemisphere })}
      />
      {number(
        'leaveShutDays',
        'Days to leave shut',
        'A hive with a virgin stays shut from her earliest emergence until this many days after the latest. Ubbet’s default is 10.',
      )}
      {number(
        'matingFailedDays',
        'Mating failed after',
        'Days after the latest emergence with no eggs and nothing else seen. Default 28.',
      )}
      {number(
        'fixedIntervalDays',
        'Fixed interval in the swarm season',
        'Days between looks. Left empty, the date follows from how well you looked; with a number, the risk it takes is shown.',
        true,
      )}
      <button type="submit" className={`${BUTTON.act} mt-5`} disabled={isSaving}>
        Save
      </button>
    </form>
  );
}
