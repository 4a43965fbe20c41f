'use client';

import type { ReactNode } from 'react';
import { goInHive } from './place';

/** A link within the hive's page; it needs no signal. */
export function HiveLink({
  to,
  className,
  label,
  children,
}: {
  to: string;
  className: string;
  label?: string;
  children: ReactNode;
}) {
  return (
    <a
      href={to}
      className={className}
      aria-label={label}
      onClick={(event) => {
        if (event.metaKey || event.ctrlKey || event.shiftKey) return;
        event.preventDefault();
        goInHive(to);
      }}
    >
      {children}
    </a>
  );
}
