const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** `a`, `b` ... `z`, `aa`, `ab` ... for 0, 1 ... 25, 26, 27 ... */
export function cellLabel(index: number): string {
  const letter = LETTERS[index % LETTERS.length] as string;
  return index < LETTERS.length ? letter : cellLabel(Math.floor(index / LETTERS.length) - 1) + letter;
}
