import type { ColumnSeen } from '../../core/spreadsheets/bring-in/column-seen';
import { type FieldCode, fieldsOf } from '../../core/spreadsheets/bring-in/fields';
import { type ColumnIs, type Matching, NOTHING } from '../../core/spreadsheets/bring-in/matching';
import { proposeColumn } from '../../views/propose-matching';
import { FIELD_WORDS } from '../../words/sheet-fields';
import { FIELD } from '../controls/styles';
import { ColumnAsked } from './ColumnAsked';

interface Props {
  readonly columns: readonly ColumnSeen[];
  readonly matching: Matching;
  readonly onChange: (matching: Matching) => void;
}

/** So many of a column's cells are shown. */
const EXAMPLES = 3;
/** A cell of which more is shown would hide the others. */
const SHOWN = 32;
const short = (text: string) => (text.length > SHOWN ? `${text.slice(0, SHOWN)} …` : text);

/** Each column of the sheet with what it holds, and what it does not say itself. */
export function ColumnsMatched({ columns, matching, onChange }: Props) {
  const { kind } = matching;
  const change = (at: number, column: ColumnIs) =>
    onChange({ ...matching, columns: columns.map((_, i) => (i === at ? column : (matching.columns[i] ?? NOTHING))) });
  return (
    <section aria-label="Its columns" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-xl">What its columns are</h2>
      <ul className="mt-2">
        {columns.map((column, at) => {
          const own = matching.columns[at] ?? NOTHING;
          const name = column.head === '' ? `column ${at + 1}` : column.head;
          const examples = column.distinct.slice(0, EXAMPLES).map(({ text }) => `“${short(text)}”`);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: two columns may have one heading, and they stay in their order
            <li key={at} className="grid gap-x-6 gap-y-1 border-b border-line py-2 wide:grid-cols-[16rem_18rem_1fr]">
              <div className="min-w-0">
                <p className="font-bold wrap-anywhere">{name}</p>
                <p className="text-muted text-sm wrap-anywhere">
                  {examples.length === 0 ? 'empty' : examples.join(', ')}
                </p>
              </div>
              <div>
                <select
                  aria-label={`${name} is`}
                  className={FIELD}
                  value={own.field ?? ''}
                  onChange={(event) => {
                    const field = fieldsOf(kind).find((one) => one === event.target.value);
                    change(at, field === undefined ? NOTHING : proposeColumn(kind, field, column));
                  }}
                >
                  <option value="">not brought in</option>
                  {fieldsOf(kind).map((field) => (
                    <option key={field} value={field}>
                      {FIELD_WORDS[field]}
                    </option>
                  ))}
                </select>
              </div>
              {own.field !== null && (
                <ColumnAsked
                  kind={kind}
                  name={name}
                  field={own.field as FieldCode}
                  column={column}
                  is={own}
                  onChange={(next) => change(at, next)}
                />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
