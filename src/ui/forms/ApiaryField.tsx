import type { ApiaryEntry } from '../../views/all-apiaries';
import type { IssueInWords } from '../../words/issues';
import { Field, problemOf } from '../controls/Field';

interface Props {
  readonly name: string;
  readonly apiaries: readonly ApiaryEntry[];
  readonly value: string;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (apiaryId: string) => void;
}

/** In which apiary a colony stands. */
export function ApiaryField({ name, apiaries, value, issues, onChange }: Props) {
  return (
    <Field name={name} problem={problemOf(issues, 'apiaryId')}>
      {(props) => (
        <select {...props} value={value} onChange={(event) => onChange(event.target.value)}>
          {apiaries.map((apiary) => (
            <option key={apiary.id} value={apiary.id}>
              {apiary.name}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
