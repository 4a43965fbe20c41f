import { useState } from 'react';
import { codeOf } from '../../core/spreadsheets/bring-in/code-of';
import type { ColumnSeen } from '../../core/spreadsheets/bring-in/column-seen';
import { type Bringable, type FieldCode, howRead } from '../../core/spreadsheets/bring-in/fields';
import { type ColumnIs, wordOf } from '../../core/spreadsheets/bring-in/matching';
import { codeWordsOf } from '../../words/sheet-fields';
import { FIELD } from '../controls/styles';
import { ShortChoice } from './ShortChoice';

interface Props {
  readonly kind: Bringable;
  /** Of the column. */
  readonly name: string;
  readonly field: FieldCode;
  readonly column: ColumnSeen;
  readonly is: ColumnIs;
  readonly onChange: (is: ColumnIs) => void;
}

/** What a column does not say itself: which comes first in its days, their year, its unit, what its words stand for. */
export function ColumnAsked({ kind, name, field, column, is, onChange }: Props) {
  const how = howRead(kind, field);
  if (how === 'day' || how === 'minute') return <DaysAsked name={name} column={column} is={is} onChange={onChange} />;
  if (how === 'mass')
    return (
      <ShortChoice
        legend={`${name} is in`}
        isOpen={is.unit === null}
        options={[
          { value: 'kg', name: 'kg' },
          { value: 'lb', name: 'lb' },
        ]}
        value={is.unit}
        onChange={(unit) => onChange({ ...is, unit })}
      />
    );
  return Array.isArray(how) ? (
    <WordsAsked kind={kind} name={name} field={field} codes={how} column={column} is={is} onChange={onChange} />
  ) : null;
}

function DaysAsked({ name, column, is, onChange }: Pick<Props, 'name' | 'column' | 'is' | 'onChange'>) {
  const { differ, withoutYear } = column.days;
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
      {differ > 0 && (
        <ShortChoice
          legend={`${name}: what comes first?`}
          isOpen={is.order === null}
          options={[
            { value: 'dmy', name: 'the day' },
            { value: 'mdy', name: 'the month' },
          ]}
          value={is.order}
          onChange={(order) => onChange({ ...is, order })}
        />
      )}
      {withoutYear > 0 && (
        <label className="block">
          <span className={is.year === null ? 'text-propolis font-bold' : ''}>{`${name}: of which year?`}</span>
          <input
            type="number"
            inputMode="numeric"
            min={1900}
            max={2199}
            className={`${FIELD} max-w-28`}
            value={is.year ?? ''}
            onChange={(event) => {
              const year = Number(event.target.value);
              onChange({ ...is, year: Number.isInteger(year) && year >= 1900 && year <= 2199 ? year : null });
            }}
          />
        </label>
      )}
    </div>
  );
}

interface WordsProps extends Props {
  readonly codes: readonly string[];
}

/** Words that nobody has said anything of yet are open to be chosen; the others can be looked at and changed. */
function WordsAsked({ kind, name, field, codes, column, is, onChange }: WordsProps) {
  const open = column.distinct.filter(({ text }) => codeOf(text, codes, is) === null).length;
  const [wasOpen] = useState(open > 0);
  const names = codeWordsOf(kind, field);
  if (column.distinct.length === 0) return null;
  return (
    <details open={wasOpen}>
      <summary className={`cursor-pointer py-2 ${open > 0 ? 'text-propolis font-bold' : ''}`}>
        {open > 0
          ? `${open} of its ${column.distinct.length} words: what do they stand for?`
          : `What its ${column.distinct.length === 1 ? 'word stands' : `${column.distinct.length} words stand`} for`}
      </summary>
      <table className="border-collapse text-left">
        <caption className="sr-only">{`What the words of ${name} stand for`}</caption>
        <tbody>
          {column.distinct.map(({ text, count }) => {
            const code = codeOf(text, codes, is);
            return (
              <tr key={text}>
                <th scope="row" className="pr-3 font-normal wrap-anywhere">
                  {`“${text}” `}
                  <span className="text-muted text-sm">{`${count} ×`}</span>
                </th>
                <td className="py-0.5">
                  <select
                    aria-label={`“${text}” stands for`}
                    className={FIELD}
                    value={code ?? '?'}
                    onChange={(event) =>
                      onChange({ ...is, words: { ...is.words, [wordOf(text)]: event.target.value } })
                    }
                  >
                    {code === null && <option value="?">choose …</option>}
                    <option value="">nothing noted</option>
                    {codes.map((one) => (
                      <option key={one} value={one}>
                        {names[one] ?? one}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {column.isMany && <p className="text-muted text-sm">There are more words; rows with those are refused.</p>}
    </details>
  );
}
