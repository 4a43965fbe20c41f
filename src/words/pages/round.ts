import { withinSentence } from '../capital';

/** One apiary's round, on paper or sent to whoever helps. */
export const roundPhrases = {
  title: (apiary: string, day: string) => `${apiary}, ${day}`,
  plannedFor: (day: string) => `planned for ${day}`,
  nothingDue: 'Nothing is due.',
  leaveShut: (hives: readonly { readonly name: string; readonly words: string }[]) =>
    `Leave shut: ${hives.map(({ name, words }) => `${name} (${withinSentence(words)})`).join('; ')}.`,
  weather: (allows: string) => `Weather that day: ${allows.charAt(0).toLowerCase()}${allows.slice(1)}`,
  task: (words: string, why: string) => `${words}. ${why}`,
};
