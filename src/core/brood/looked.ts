/** Seen, looked for and not found, and not looked for are three different things. */
export const LOOKED = ['seen', 'none', 'not-looked-for'] as const;

export type Looked = (typeof LOOKED)[number];
