import { type ColumnIs, wordOf } from './matching';

/** What a word stands for: as it was matched, or the code that it is; '' for nothing that was noted, null where nobody said. */
export function codeOf(text: string, codes: readonly string[], { words }: Pick<ColumnIs, 'words'>): string | null {
  const word = wordOf(text);
  const matched = words[word];
  if (matched !== undefined) return matched === '' || codes.includes(matched) ? matched : null;
  return codes.find((code) => code === word) ?? null;
}
