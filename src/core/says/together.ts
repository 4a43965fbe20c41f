import { type Said, sayer } from './said';

/** How several things are said together. */
export interface TogetherSays {
  /** One sentence after another. */
  sentences: { readonly parts: readonly Said[] };
  /** As they were written, by the keeper or by an earlier Ubbet. */
  verbatim: { readonly text: string };
}

const say = sayer<TogetherSays>('together');

/** One sentence after another; what is null is left out. */
export function sentences(...parts: readonly (Said | null | false)[]): Said {
  const there = parts.filter((part) => part !== null && part !== false);
  const [only, ...others] = there;
  return only && others.length === 0 ? only : say('sentences', { parts: there });
}

/** Text that was stored as it is. */
export const verbatim = (text: string): Said => say('verbatim', { text });

/** What was said sentence by sentence, each by itself. */
export const saidOneByOne = (said: Said): readonly Said[] =>
  said.says === say.codeOf('sentences') ? (said.with as unknown as TogetherSays['sentences']).parts : [said];
