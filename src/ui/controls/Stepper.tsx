'use client';

interface Props {
  /** What is counted, for those who do not see it: `fat larva`. */
  readonly name: string;
  readonly value: number;
  readonly onAdd: () => void;
  readonly onDrop: () => void;
  readonly max: number;
  readonly small?: boolean;
}

/** Counts up and down by big taps. */
export function Stepper({ name, value, onAdd, onDrop, max, small = false }: Props) {
  const size = small ? 'h-10 w-10' : 'h-12 w-13';
  const button = `${size} border-2 border-ink bg-paper text-xl font-bold hover:bg-tint disabled:text-line`;
  return (
    <fieldset className="flex items-center" aria-label={name}>
      <button type="button" className={button} aria-label={`One ${name} fewer`} disabled={value === 0} onClick={onDrop}>
        −
      </button>
      <output className={`${size} grid place-items-center border-y-2 border-ink bg-paper text-lg font-bold`}>
        {value}
      </output>
      <button type="button" className={button} aria-label={`One ${name} more`} disabled={value >= max} onClick={onAdd}>
        +
      </button>
    </fieldset>
  );
}
