/** What an entry says of one thing. */
export interface EntryLine {
  readonly label: string;
  readonly value: string;
}

/** `honey`, `not-looked-for`: the names of choices read as words. */
export const plainly = (value: string): string => value.replaceAll('-', ' ');
/** A number as it was counted. */
export const count = (value: number | null): string => (value === null ? 'not noted' : String(value));

/** What is the same as having said nothing. */
const UNSAID = new Set(['not noted', 'not looked for', 'not listened', 'none', 'yourself']);

/** Of an entry's lines those that say something. */
export const saidLines = (lines: readonly EntryLine[]): readonly EntryLine[] =>
  lines.filter(({ value }) => !UNSAID.has(value));

/** One line of two versions beside each other; `null`: that version has no such line. */
export interface TwoLines {
  readonly label: string;
  readonly mine: string | null;
  readonly stored: string | null;
  readonly isSame: boolean;
}

/** Two versions beside each other, in the order of the first, what only the second has after it. */
export function besideEachOther(mine: readonly EntryLine[], stored: readonly EntryLine[]): readonly TwoLines[] {
  const valueIn = (lines: readonly EntryLine[], label: string) =>
    lines.find((line) => line.label === label)?.value ?? null;
  const labels = [...new Set([...mine, ...stored].map(({ label }) => label))];
  return labels.map((label) => {
    const [a, b] = [valueIn(mine, label), valueIn(stored, label)];
    return { label, mine: a, stored: b, isSame: a === b };
  });
}

/** As text, to be kept in a message or a note. */
export function linesAsText(title: string, lines: readonly EntryLine[]): string {
  return [title, ...lines.map(({ label, value }) => `${label}: ${value}`)].join('\n');
}
