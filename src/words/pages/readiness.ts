const aboutSeconds = (seconds: number): string =>
  seconds < 60 ? `about ${Math.max(5, Math.ceil(seconds / 5) * 5)} s` : `about ${Math.ceil(seconds / 60)} min`;

/** Whether a phone can go to the hive without a signal. */
export const readinessPhrases = {
  badge: 'loading',
  /** `secondsLeft` null: not known yet. */
  getting: (secondsLeft: number | null) =>
    `Getting ready to work without a signal${secondsLeft === null ? '' : `, ${aboutSeconds(secondsLeft)} more`}. Keep this page open.`,
  ready: 'Ready to go without a signal.',
};
