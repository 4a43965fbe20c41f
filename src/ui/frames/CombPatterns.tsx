import type { ReactNode } from 'react';
import type { Content } from '../../core/space/content';

/** What each content is drawn with: a ground and a hatch, so that no two differ by colour alone. */
const PATTERNS: { readonly [C in Content]: { readonly ground: string; readonly hatch: ReactNode } } = {
  eggs: { ground: 'var(--color-paper)', hatch: <circle cx="4" cy="4" r="1" fill="var(--color-larch)" /> },
  larvae: {
    ground: 'var(--color-paper)',
    hatch: <circle cx="4" cy="4" r="2.2" fill="none" stroke="var(--color-larch)" strokeWidth="1.4" />,
  },
  sealed: {
    ground: 'var(--color-wax)',
    hatch: <circle cx="4" cy="4" r="1.3" fill="none" stroke="var(--color-on-wax)" strokeWidth="0.5" />,
  },
  drone: {
    ground: 'var(--color-wax)',
    hatch: <circle cx="4" cy="4" r="3.2" fill="none" stroke="var(--color-on-wax)" strokeWidth="1.2" />,
  },
  pollen: {
    ground: 'var(--color-paper)',
    hatch: <path d="M1 1 L7 7 M7 1 L1 7" stroke="var(--color-propolis)" strokeWidth="1.5" />,
  },
  nectar: {
    ground: 'var(--color-paper)',
    hatch: <path d="M0 4 Q2 1.5 4 4 T8 4" fill="none" stroke="var(--color-ink)" strokeWidth="1.1" />,
  },
  honey: {
    ground: 'var(--color-muted)',
    hatch: <path d="M0 4 H8" stroke="var(--color-paper)" strokeWidth="1" />,
  },
  empty: {
    ground: 'var(--color-paper)',
    hatch: <path d="M0 7.5 H8 M7.5 0 V8" stroke="var(--color-line)" strokeWidth="0.8" />,
  },
  droneComb: {
    ground: 'var(--color-paper)',
    hatch: <circle cx="4" cy="4" r="3.4" fill="none" stroke="var(--color-line)" strokeWidth="1" />,
  },
  undrawn: { ground: 'var(--color-tint)', hatch: null },
  unseen: {
    ground: 'var(--color-tint)',
    hatch: <path d="M0 8 L8 0" stroke="var(--color-ink)" strokeWidth="0.8" strokeDasharray="2 1.5" />,
  },
};

const SIZE = 8;

export const fillOf = (content: Content): string => `url(#comb-${content})`;

/** The hatches, once on a page; every comb on it is filled with them. */
export function CombPatterns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <title>Hatches of comb</title>
      <defs>
        {(Object.keys(PATTERNS) as Content[]).map((content) => (
          <pattern key={content} id={`comb-${content}`} width={SIZE} height={SIZE} patternUnits="userSpaceOnUse">
            <rect width={SIZE} height={SIZE} fill={PATTERNS[content].ground} />
            {PATTERNS[content].hatch}
          </pattern>
        ))}
      </defs>
    </svg>
  );
}
