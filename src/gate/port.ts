const LARGEST = 65_535;

/** A port as the environment names it, the usual one where it names none; null: it is no port. */
export function portIn(said: string | undefined, usual: number): number | null {
  const text = (said ?? '').trim();
  if (text === '') return usual;
  const port = Number(text);
  return /^\d+$/.test(text) && port >= 1 && port <= LARGEST ? port : null;
}

export const noPort = (name: string, said: string | undefined): string =>
  `${name} is to be a whole number from 1 to ${LARGEST}, and is “${said}”.`;
