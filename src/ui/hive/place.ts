/** Where to go at the hive. One page shows all of it, so that all of it opens without a signal. */
export const hivePlace = {
  start: '/hive',
  round: (apiaryId: string) => `/hive?apiary=${apiaryId}`,
  entry: (colonyId: string) => `/hive?hive=${colonyId}`,
  survey: (colonyId: string) => `/hive?hive=${colonyId}&frames`,
  refusedSurvey: (colonyId: string, entryId: string) => `/hive?hive=${colonyId}&frames&entry=${entryId}`,
  refused: (colonyId: string, entryId: string) => `/hive?hive=${colonyId}&entry=${entryId}`,
};

/** Goes there without asking the server. */
export function goInHive(place: string) {
  window.history.pushState(null, '', place);
  window.scrollTo(0, 0);
}
