import 'server-only';

/** Rounds that are worked out so soon are waited for. */
const SOON_MS = 500;

/** What is there soon; null: it takes longer. */
export const soon = <T>(answer: Promise<T>): Promise<T | null> =>
  Promise.race([answer, new Promise<null>((resolve) => setTimeout(() => resolve(null), SOON_MS))]);
