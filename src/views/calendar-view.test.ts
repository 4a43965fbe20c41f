import { describe, expect, it } from 'vitest';
import { formatDay } from '../core/calendar/day';
import { inspection } from '../core/colony/testing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { calendarEntries } from './calendar-view';
import { aStandingColony } from './testing';

const entriesOf = (colony: ReturnType<typeof aStandingColony>) =>
  calendarEntries({ apiaries: [], colonies: [colony], settings: DEFAULT_SETTINGS }).map(
    ({ from, until, ...entry }) => ({
      ...entry,
      days: `${formatDay(from)} to before ${formatDay(until)}`,
    }),
  );
const gone = {
  id: 'e',
  queenId: 'q',
  on: inspection({ at: '2027-05-10T12:00' }).on,
  kind: 'removed',
  at: null,
  to: null,
  emerged: null,
} as const;

describe('the calendar', () => {
  it('has a check on its best day, its window in the text', () => {
    const [check] = entriesOf(aStandingColony('Clover', { queenEvents: [gone] }, '2027-05-11'));
    expect(check).toMatchObject({
      uid: 'find-cells:e@Clover.ubbet',
      title: 'Clover: Find the cells',
      days: '2027-05-17 to before 2027-05-18',
      place: 'Orchard',
    });
    expect(check?.text).toBe(
      'Any day 16 to 18 May, best Mon 17 May. Queen gone since 10 May: one inspection finds every cell before any virgin can be out.',
    );
  });

  it('has the days to leave shut as one entry, its last day included', () => {
    expect(entriesOf(aStandingColony('Clover', { queenEvents: [gone] }, '2027-05-11'))).toContainEqual(
      expect.objectContaining({ title: 'Clover: leave shut', days: '2027-05-19 to before 2027-06-07' }),
    );
  });

  it('keeps an entry’s id when it is dated anew', () => {
    const uids = (at: string) =>
      entriesOf(aStandingColony('Clover', { queenEvents: [{ ...gone, on: inspection({ at }).on }] }, '2027-05-12')).map(
        ({ uid }) => uid,
      );
    expect(uids('2027-05-11T12:00')).toEqual(uids('2027-05-10T12:00'));
  });
});
