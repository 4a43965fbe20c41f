import { SETTING_LIMITS, type Settings } from '../../core/settings/settings';
import type { IssueInWords } from '../../words/issues';
import { Field } from '../controls/Field';

type Road = Settings['roadMinutes'][number];

interface Props {
  readonly apiaries: readonly { readonly id: string; readonly name: string }[];
  readonly roads: readonly Road[];
  readonly issues: readonly IssueInWords[];
  readonly onChange: (roads: readonly Road[]) => void;
}

/** The minutes from one apiary straight to another, for each two; left empty, it is gone by home. */
export function RoadsBetween({ apiaries, roads, issues, onChange }: Props) {
  const pairs = apiaries.flatMap((one, i) => apiaries.slice(i + 1).map((other) => [one, other] as const));
  if (pairs.length === 0) return null;
  const isOf = ({ a, b }: Road, one: string, other: string) => (a === one && b === other) || (a === other && b === one);
  const problemAt = (i: number) =>
    issues
      .filter(({ path }) => path[0] === 'roadMinutes' && path[1] === i)
      .map(({ message }) => message)
      .join(' ') || null;
  const say = (one: string, other: string, text: string) => {
    const others = roads.filter((road) => !isOf(road, one, other));
    onChange(text === '' ? others : [...others, { a: one, b: other, minutes: Number(text) }]);
  };
  return (
    <fieldset>
      <legend className="mt-5 font-semibold">From one apiary straight to the next, minutes</legend>
      <p className="text-muted text-sm">Then both can be one trip. Left empty, the way is reckoned by home.</p>
      <div className="grid gap-x-4 sm:grid-cols-2">
        {pairs.map(([one, other]) => {
          const at = roads.findIndex((road) => isOf(road, one.id, other.id));
          return (
            <Field key={`${one.id} ${other.id}`} name={`${one.name} to ${other.name}`} problem={problemAt(at)}>
              {(props) => (
                <input
                  {...props}
                  type="number"
                  inputMode="numeric"
                  {...SETTING_LIMITS.wayMinutes}
                  value={roads[at]?.minutes ?? ''}
                  onChange={({ target: { value } }) => say(one.id, other.id, value)}
                />
              )}
            </Field>
          );
        })}
      </div>
    </fieldset>
  );
}
