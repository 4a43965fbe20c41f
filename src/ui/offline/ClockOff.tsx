'use client';

import { localMinute } from '../../core/calendar/local-minute';
import { clockOff } from '../../device/clock';
import { minuteInYearWords, minuteWords } from '../../words/days';
import { useDevice } from './DeviceProvider';

const DAY_MINUTES = 24 * 60;

/** That this device's clock is wrong, and by what: with the year, where it is off by a day or more. Nothing where it is right. */
export function ClockOff() {
  const { clock } = useDevice();
  const off = clock && clockOff(clock);
  if (!clock || off === null) return null;
  const words = Math.abs(off) >= DAY_MINUTES ? minuteInYearWords : minuteWords;
  const at = (instant: string) => words(localMinute(new Date(instant)));
  return (
    <p role="alert" className="text-propolis mt-3 max-w-2xl border-l-4 border-propolis pl-3">
      <b>This device’s clock is {off > 0 ? 'ahead' : 'behind'}.</b>{' '}
      {`It says ${at(clock.device)}; the machine that Ubbet runs on says ${at(clock.server)}. Set it first: every entry takes its day and time from it.`}
    </p>
  );
}
