'use client';

import { DEFAULT_SETTINGS, SETTING_LIMITS, type Settings } from '../../core/settings/settings';
import { MEASURE_WORDS, massWords, temperatureWords, unitName } from '../../words/measures';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Choice } from '../controls/Choice';
import { Field, problemOf } from '../controls/Field';
import { MeasureInput } from '../controls/MeasureInput';
import { MonthsChoice } from '../controls/MonthsChoice';
import { IssueList } from '../entry/IssueList';
import { PageHead } from '../time/PageHead';
import { SizeSettings } from './SizeSettings';
import { UnitSettings } from './UnitSettings';
import { useEntryForm } from './useEntryForm';

/** What is taken, in the keeper's units. */
const limits = (key: MeasureKey, words: (si: number) => string) =>
  `From ${words(SETTING_LIMITS[key].min)} to ${words(SETTING_LIMITS[key].max)}.`;

type MeasureKey = 'interleaveNightC' | 'onlySealedUpNightC' | 'lightFlowKg' | 'strongFlowKg';

/** What the keeper may decide; every setting says what it changes. */
export function SettingsForm({ settings }: { settings: Settings }) {
  const {
    values: draft,
    set,
    issues,
    tries,
    isSaving,
    submit,
  } = useEntryForm<Settings>({
    values: settings,
    path: '/api/settings',
    schema: () => import('../../core/facts/setting').then(({ settingsEntry }) => settingsEntry),
    // What has a page of its own is not said here: that page may have been saved meanwhile.
    body: ({
      freeWeek,
      away,
      extraHours,
      wayMinutes,
      roadMinutes,
      workMinutes,
      latitude,
      longitude,
      calendarShows,
      calendarReminds,
      schoolsAsked,
      ...entry
    }) => entry,
    goTo: () => '/',
  });
  const number = (key: keyof typeof SETTING_LIMITS, name: string, hint: string, mayBeEmpty = false, step = 1) => (
    <Field name={name} hint={hint} problem={problemOf(issues, key)}>
      {(props) => (
        <input
          {...props}
          type="number"
          inputMode={step < 1 ? 'decimal' : 'numeric'}
          min={SETTING_LIMITS[key].min}
          max={SETTING_LIMITS[key].max}
          step={step}
          placeholder={mayBeEmpty ? 'by what was seen' : undefined}
          value={draft[key] ?? ''}
          onChange={(event) => set({ [key]: event.target.value === '' ? null : Number(event.target.value) })}
        />
      )}
    </Field>
  );
  const measure = (key: MeasureKey, quantity: 'mass' | 'temperature', name: string, hint: string, step: number) => (
    <Field
      name={`${name}, ${unitName(quantity)}`}
      hint={`${hint} ${limits(key, MEASURE_WORDS[quantity])}`}
      problem={problemOf(issues, key)}
    >
      {(props) => (
        <MeasureInput
          {...props}
          quantity={quantity}
          {...SETTING_LIMITS[key]}
          step={step}
          value={draft[key]}
          onChange={(si) => set({ [key]: si })}
        />
      )}
    </Field>
  );
  return (
    <>
      <PageHead title={'Settings'} />
      <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <MonthsChoice
          legend="When do swarms come where you are?"
          hint="In these months you are asked to inspect by the cells that may have been missed; outside them less often, and never in the rest of winter."
          value={draft.swarmMonths}
          onChange={(swarmMonths) => set({ swarmMonths })}
          problem={problemOf(issues, 'swarmMonths')}
        />
        <Field
          name="Time zone"
          hint="For the calendar, and for a device that does not say its own. Empty: that of the machine Ubbet runs on."
          problem={problemOf(issues, 'timeZone')}
        >
          {(props) => (
            <input
              {...props}
              placeholder="such as Europe/London"
              value={draft.timeZone ?? ''}
              onChange={(event) => set({ timeZone: event.target.value.trim() || null })}
            />
          )}
        </Field>
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
          'Days between inspections. Left empty, the date follows from how thoroughly you checked; with a number, the risk it takes is shown.',
          true,
        )}
        <p className="mt-4">
          <a href="/free-time" className="inline-flex min-h-11 items-center">
            When you are free: hours, days away, ways, minutes
          </a>
        </p>
        <h2 className="mt-8 border-t-2 border-ink pt-2 text-xl">Methods</h2>
        <Choice<'1' | '2'>
          legend="Cells kept"
          options={[
            { value: '1', name: 'one', hint: 'fewer casts; Ubbet’s default' },
            { value: '2', name: 'two', hint: 'in case one is a dud' },
          ]}
          value={draft.cellsKept === 2 ? '2' : '1'}
          onChange={(value) => set({ cellsKept: Number(value) })}
        />
        <Choice
          legend="At the first signs of swarming"
          options={[
            { value: 'room', name: 'make room', hint: 'by its cause; Ubbet’s default' },
            { value: 'cups', name: 'break the cups', hint: 'it buys some days' },
            { value: 'act', name: 'act at once', hint: 'with a nuc' },
          ]}
          value={draft.earlyFirst}
          onChange={(earlyFirst) => set({ earlyFirst })}
        />
        <Check
          name="Thin the cells once more after a week"
          hint="Ubbet’s default: eggs left behind have become cells by then. Some leave the parent alone and accept casts."
          value={draft.secondThinning}
          onChange={(secondThinning) => set({ secondThinning })}
        />
        {number(
          'leastBroodNuc',
          'Frames of brood for a nuc',
          'Least for a nuc swarm or a queen-and-brood split. Default 4.',
        )}
        {number('leastBroodSplit', 'Frames of brood for a split', 'Least for an old-site swarm or a split. Default 5.')}
        {number(
          'leastBroodDemaree',
          'Frames of brood for a Demaree',
          'Least for a Demaree, a vertical split or interleaving. Default 6.',
        )}
        {number('leastSeamsDemaree', 'Covered seams for a Demaree', 'Least for a Demaree or interleaving. Default 8.')}
        {number(
          'mainFlowNearDays',
          'Main flow within',
          'Days in which the main flow must come for a Demaree to be worth it. Default 14.',
        )}
        {measure(
          'interleaveNightC',
          'temperature',
          'Warm nights for interleaving',
          `The next five nights must stay at this for empty frames in the brood nest. Default ${temperatureWords(DEFAULT_SETTINGS.interleaveNightC)}.`,
          1,
        )}
        {measure(
          'onlySealedUpNightC',
          'temperature',
          'Cold nights for open brood',
          `Below this only sealed brood goes up in a Demaree. Default ${temperatureWords(DEFAULT_SETTINGS.onlySealedUpNightC)}.`,
          1,
        )}
        <h2 className="mt-8 border-t-2 border-ink pt-2 text-xl">Room</h2>
        {measure(
          'lightFlowKg',
          'mass',
          'Stored in a day on some flow',
          `What a hive puts by when some nectar comes in. It takes room from her. Default ${massWords(DEFAULT_SETTINGS.lightFlowKg)}.`,
          0.01,
        )}
        {measure(
          'strongFlowKg',
          'mass',
          'Stored in a day on the main flow',
          `What a strong hive puts by on the main flow. Default ${massWords(DEFAULT_SETTINGS.strongFlowKg)}.`,
          0.01,
        )}
        <SizeSettings settings={draft} issues={issues} onChange={(sizes) => set({ ...sizes })} />
        <h2 className="mt-8 border-t-2 border-ink pt-2 text-xl">Units</h2>
        <p className="text-muted text-sm">What is said and asked for. What you entered stays what it was.</p>
        <UnitSettings units={draft.units} onChange={(units) => set({ units })} />
        <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
          Save
        </Button>
      </form>
    </>
  );
}
