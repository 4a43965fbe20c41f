import Link from 'next/link';
import type { ComponentProps } from 'react';
import { BUTTON } from './styles';

/** Act: the one thing that a screen is for. Strong: what saves. Plain: what else can be done. Danger: what takes away. Quiet: in a line of text. */
export type ButtonKind = keyof typeof BUTTON;

interface Looks {
  readonly kind: ButtonKind;
  /** What of its size or place is its own. */
  readonly className?: string;
}

const looksOf = ({ kind, className }: Looks): string => (className ? `${BUTTON[kind]} ${className}` : BUTTON[kind]);

/** Something that is done where one is. */
export function Button({ kind, className = '', type = 'button', ...props }: Looks & ComponentProps<'button'>) {
  return <button {...props} type={type} className={looksOf({ kind, className })} />;
}

/** A way to another page that looks like what is done there. */
export function ButtonLink({ kind, className = '', ...props }: Looks & ComponentProps<typeof Link>) {
  return <Link prefetch={false} {...props} className={looksOf({ kind, className })} />;
}
