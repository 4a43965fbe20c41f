/** `1 hive`, `3 hives`. */
export const hivesWords = (hives: number): string => `${hives} ${hives === 1 ? 'hive' : 'hives'}`;
