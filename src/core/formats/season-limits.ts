/** The largest season file that is read. */
export const SEASON_FILE_LIMIT_BYTES = 64 * 1024 * 1024;
