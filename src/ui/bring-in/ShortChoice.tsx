import { useId } from 'react';

interface Props<V extends string> {
  readonly legend: string;
  /** Nothing was said yet. */
  readonly isOpen: boolean;
  readonly options: readonly { readonly value: V; readonly name: string }[];
  readonly value: V | null;
  readonly onChange: (value: V) => void;
}

/** One of two or three, in a line. */
export function ShortChoice<V extends string>({ legend, isOpen, options, value, onChange }: Props<V>) {
  const name = useId();
  return (
    <fieldset>
      <legend className={isOpen ? 'text-propolis font-bold' : ''}>{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {options.map((option) => (
          <label key={option.value} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              className="size-5 accent-ink"
              name={name}
              value={option.value}
              checked={value === option.value}
              onChange={() => onChange(option.value)}
            />
            {option.name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
