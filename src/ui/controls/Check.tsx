'use client';

import type { ReactNode } from 'react';

interface Props {
  readonly name: string;
  readonly hint?: ReactNode;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** A yes or no with a box big enough for a glove. */
export function Check({ name, hint, value, onChange }: Props) {
  return (
    <label className="mt-3 flex min-h-12 cursor-pointer items-center gap-3">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-ink"
        checked={value}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span className="leading-tight">
        <b>{name}</b>
        {hint && <span className="text-muted block text-sm">{hint}</span>}
      </span>
    </label>
  );
}
