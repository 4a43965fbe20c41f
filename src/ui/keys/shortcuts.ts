/** What the keyboard does on every screen. Each has a visible way too. */
export const SHORTCUTS = [
  { key: '?', does: 'show these keys' },
  { key: '/', does: 'find a colony or something to do' },
  { key: 'n', does: 'enter an inspection of the colony on the screen' },
  { key: '[', does: 'previous colony' },
  { key: ']', does: 'next colony' },
  { key: '← →', does: 'walk the days of the ruler, or the season' },
  { key: '+ −', does: 'nearer and further in the season' },
] as const;

/** The colony that a page is about; null: none. */
export function colonyOnPage(path: string): string | null {
  return /^\/colonies\/([0-9a-f-]{36})/.exec(path)?.[1] ?? null;
}

/** A key means a letter where something is typed. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null
  );
}

/** The colony before or after one, by name; the first and last have one side only. */
export function neighbour<C extends { readonly id: string }>(
  colonies: readonly C[],
  id: string,
  step: 1 | -1,
): C | null {
  const at = colonies.findIndex((colony) => colony.id === id);
  return at < 0 ? null : (colonies[at + step] ?? null);
}
