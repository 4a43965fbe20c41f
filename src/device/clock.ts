/** This device's clock and the server's, at one moment; UTC instants. */
export interface Clock {
  readonly device: string;
  readonly server: string;
}

const MINUTE_MS = 60_000;
/** A clock that is off by more than this, in minutes, puts entries where they do not belong. */
export const CLOCK_TOLERANCE_MINUTES = 10;

/** What a server's answer says of the time; null: it does not say. */
export function clockBy(response: Pick<Response, 'headers'>, now: Date): Clock | null {
  const said = Date.parse(response.headers.get('date') ?? '');
  return Number.isNaN(said) ? null : { device: now.toISOString(), server: new Date(said).toISOString() };
}

/** By how many minutes the device is ahead, behind where negative; null: within what does not matter. */
export function clockOff({ device, server }: Clock): number | null {
  const minutes = Math.round((Date.parse(device) - Date.parse(server)) / MINUTE_MS);
  return Math.abs(minutes) > CLOCK_TOLERANCE_MINUTES ? minutes : null;
}
