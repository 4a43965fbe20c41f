/** Colonies, and kit, that cannot be worked out. */
export const unreckonedPhrases = {
  short: 'Cannot be worked out. Its entries are safe.',
  /** On Today. */
  named: (names: readonly string[]) =>
    names.length === 1
      ? `${names[0]} cannot be worked out: what is due there is not in this list. Its entries are safe.`
      : `${names.slice(0, -1).join(', ')} and ${names.at(-1)} cannot be worked out: what is due there is not in this list. Their entries are safe.`,
  nothingToSay: 'What this means cannot be worked out',
  kit: 'What lies where cannot be worked out. What you counted and carried is kept.',
  saveAnyway: 'Save it all the same: nothing that you enter is lost.',
};
