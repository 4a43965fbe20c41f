import type { Looked } from '../../core/brood/looked';

/** Seen, looked for and not found, not looked for: three answers everywhere. */
export const LOOKED_OPTIONS: readonly { readonly value: Looked; readonly name: string }[] = [
  { value: 'seen', name: 'seen' },
  { value: 'none', name: 'looked, none' },
  { value: 'not-looked-for', name: 'did not look' },
];
