/** The hive of a colony that is not split. */
export const WHOLE = 'hive';
