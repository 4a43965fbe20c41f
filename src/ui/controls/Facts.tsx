import type { ReactNode } from 'react';

export interface FactLine {
  readonly name: string;
  readonly value: ReactNode;
}

/** What a thing comes to, point by point; in lists under one another the same point always stands in the same place. */
export function Facts({ facts }: { facts: readonly FactLine[] }) {
  return (
    <dl className="grid grid-cols-2 gap-x-4 gap-y-1.5 text-sm leading-5 sm:grid-cols-3 wide:grid-cols-[5rem_1.6fr_1.1fr_1.2fr_1.2fr]">
      {facts.map(({ name, value }) => (
        <div key={name}>
          <dt className="text-muted text-xs">{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
