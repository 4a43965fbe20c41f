import type { ReactNode } from 'react';

interface Props {
  readonly title: ReactNode;
  readonly below?: ReactNode;
}

/** The head of a screen whose days are not those of the calendar, or that has a sheet of days of its own: no second ruler over it. */
export function TitleHead({ title, below }: Props) {
  return (
    <div className="border-b-2 border-ink py-2">
      <h1 className="text-2xl wide:text-3xl">{title}</h1>
      {below && <div className="text-muted text-sm">{below}</div>}
    </div>
  );
}
