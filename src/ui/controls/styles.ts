/** The few looks that controls have. */
export const BUTTON = {
  strong:
    'inline-block min-h-11 bg-ink px-4 py-2.5 font-bold text-white no-underline hover:bg-indigo disabled:bg-muted',
  act: 'inline-block min-h-11 bg-willow px-4 py-2.5 font-bold text-white no-underline hover:bg-ink disabled:bg-muted',
  plain:
    'inline-block min-h-11 border-2 border-ink bg-paper px-4 py-2 font-bold no-underline hover:bg-tint disabled:opacity-60',
  danger:
    'inline-block min-h-11 border-2 border-propolis bg-paper px-4 py-2 font-bold text-propolis no-underline hover:bg-tint',
  quiet: 'text-muted underline hover:text-ink',
} as const;

export const FIELD = 'block w-full min-h-11 border-2 border-ink bg-paper px-3 py-2';
