/** The wall clock of this machine at an instant, `YYYY-MM-DDTHH:mm`. */
export function localMinute(instant: Date): string {
  return new Date(instant.getTime() - instant.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
