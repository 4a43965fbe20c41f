import { LIMITS } from '../../core/facts/limits';
import type { Matching } from '../../core/spreadsheets/bring-in/matching';
import type { UnknownHive } from '../../core/spreadsheets/bring-in/plan';
import type { NamedColony } from '../../views/all-apiaries';
import { Button } from '../controls/Button';
import { FIELD } from '../controls/styles';

interface Props {
  readonly unknown: readonly UnknownHive[];
  readonly colonies: readonly NamedColony[];
  readonly apiaries: readonly { readonly id: string; readonly name: string }[];
  readonly matching: Matching;
  readonly onChange: (matching: Matching) => void;
}

const NEW_APIARY = 'new';

/** Hives of the sheet that the book does not have: which they are, or that they are added, and where. */
export function HivesAsked({ unknown, colonies, apiaries, matching, onChange }: Props) {
  const { hives, apiary } = matching;
  const isAdding = unknown.some(({ key, apiary: inSheet }) => hives[key] === 'new' && inSheet === null);
  const say = (said: Readonly<Record<string, string>>) => onChange({ ...matching, hives: { ...hives, ...said } });
  const isNewApiary = apiary !== null && 'name' in apiary;
  const isAsked = apiaries.length > 0;
  return (
    <section aria-label="Hives that are not in your book" className="mt-8 max-w-3xl">
      <h2 className="border-t-2 border-ink pt-2 text-xl">Hives that are not in your book</h2>
      <p className="mt-2">
        <Button
          kind="plain"
          onClick={() => say(Object.fromEntries(unknown.map(({ key }) => [key, hives[key] ?? 'new'])))}
        >
          {unknown.length === 1 ? 'Add it' : `Add all ${unknown.length}`}
        </Button>
      </p>
      <ul className="mt-2 max-h-96 overflow-y-auto">
        {unknown.map(({ key, name, apiary: inSheet, rows }) => (
          <li key={key} className="grid items-center gap-x-4 border-b border-line py-1 wide:grid-cols-2">
            <span>
              <b>{name}</b>
              <span className="text-muted text-sm">{`${inSheet ? ` at ${inSheet}` : ''}, ${rows} ${rows === 1 ? 'row' : 'rows'}`}</span>
            </span>
            <select
              aria-label={`${name} is`}
              className={FIELD}
              value={hives[key] ?? ''}
              onChange={(event) => {
                const { [key]: _, ...others } = hives;
                if (event.target.value === '') onChange({ ...matching, hives: others });
                else say({ [key]: event.target.value });
              }}
            >
              <option value="">choose …</option>
              <option value="new">a colony to add</option>
              {colonies.map((colony) => (
                <option key={colony.id} value={colony.id}>
                  {colony.name}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
      {isAdding && (
        <div className="mt-3 flex flex-wrap items-end gap-4">
          {isAsked && (
            <label className="block">
              <span className={apiary === null ? 'text-propolis font-bold' : ''}>Where do they stand?</span>
              <select
                className={FIELD}
                value={apiary === null ? '' : isNewApiary ? NEW_APIARY : apiary.id}
                onChange={({ target: { value } }) =>
                  onChange({
                    ...matching,
                    apiary: value === '' ? null : value === NEW_APIARY ? { name: 'New apiary' } : { id: value },
                  })
                }
              >
                <option value="">choose …</option>
                {apiaries.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
                <option value={NEW_APIARY}>in a new apiary</option>
              </select>
            </label>
          )}
          {(isNewApiary || !isAsked) && (
            <label className="block">
              <span className={apiary === null ? 'text-propolis font-bold' : ''}>Name of the apiary</span>
              <input
                className={FIELD}
                maxLength={LIMITS.name}
                value={isNewApiary ? apiary.name : ''}
                onChange={({ target: { value } }) =>
                  onChange({ ...matching, apiary: value.trim() === '' ? null : { name: value } })
                }
              />
            </label>
          )}
        </div>
      )}
    </section>
  );
}
