'use client';

import { type ReactNode, useId } from 'react';

interface Props<V extends string> {
  readonly legend: ReactNode;
  readonly options: readonly {
    readonly value: V;
    readonly name: string;
    /** A part of the name, for a phone. */
    readonly short?: string;
    readonly hint?: string;
  }[];
  readonly value: V | null;
  readonly onChange: (value: V) => void;
  /** One under the other, for long names. */
  readonly stacked?: boolean;
  /** Several rows of them, where they are many. */
  readonly wraps?: boolean;
  /** On a phone the question stands beside the answers, which are few and short. */
  readonly inline?: boolean;
  readonly problem?: string | null;
}

/** One of a few: big buttons that are a radio group to keyboard and screen reader. */
export function Choice<V extends string>({
  legend,
  options,
  value,
  onChange,
  stacked = false,
  wraps = false,
  inline = false,
  problem,
}: Props<V>) {
  const name = useId();
  return (
    <fieldset className={inline ? 'mt-3 wide:mt-4' : 'mt-4'} aria-describedby={problem ? `${name}-problem` : undefined}>
      <legend className={inline ? 'mb-1.5 max-wide:float-left max-wide:mt-2.5 max-wide:mb-0 max-wide:w-18' : 'mb-1.5'}>
        <h2 className={inline ? 'text-base wide:text-lg' : 'text-lg'}>{legend}</h2>
      </legend>
      <div
        className={`${wraps ? 'flex flex-wrap gap-2' : stacked ? 'grid gap-2 max-wide:grid-cols-2' : 'grid grid-flow-col auto-cols-fr gap-2'} ${inline ? 'max-wide:ml-18 max-wide:text-sm' : ''}`}
      >
        {options.map((option) => (
          <label
            key={option.value}
            className="flex min-h-12 cursor-pointer flex-col justify-center border-2 border-ink bg-paper px-2 py-1 text-center leading-tight font-bold has-checked:bg-ink has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-indigo"
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              value={option.value}
              aria-label={option.short && option.name}
              checked={value === option.value}
              onChange={() => onChange(option.value)}
            />
            <span className={option.short && 'max-wide:hidden'}>{option.name}</span>
            {option.short && <span className="wide:hidden">{option.short}</span>}
            {option.hint && <span className="text-sm font-normal max-wide:hidden">{option.hint}</span>}
          </label>
        ))}
      </div>
      {problem && (
        <p id={`${name}-problem`} role="alert" className="text-propolis mt-1 font-bold">
          {problem}
        </p>
      )}
    </fieldset>
  );
}
