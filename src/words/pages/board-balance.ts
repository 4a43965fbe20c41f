/** What each hive has on the board. */
export const balancePhrases = {
  noQueenLaysInIt: 'no queen lays in it',
  threeWeeksOrMore: 'three weeks or more',
  noneLeft: 'none left',
  about: (days: number) => `about ${days} ${days === 1 ? 'day' : 'days'}`,
};
