/** What an inspection means. */
export const readingPhrases = {
  thisBuysDays:
    'This buys days. New cells can be started from young larvae at once: be back in time, or choose a method.',
};
