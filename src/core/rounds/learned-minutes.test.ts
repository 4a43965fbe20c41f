import { describe, expect, it } from 'vitest';
import { learnedMinutes, type RoundMade } from './learned-minutes';
import { OPENING_MINUTES, USUAL_MINUTES, type VisitKind } from './work';

const hive = (did: readonly VisitKind[], from: string | null, to: string | null) => ({
  colonyId: 'c',
  did,
  from: from && `2027-05-16T${from}`,
  to: to && `2027-05-16T${to}`,
});
const round = (hives: RoundMade['hives'], beganAt = '14:00', endedAt: string | null = '15:00', on = '2027-05-16') => ({
  beganAt: `${on}T${beganAt}`,
  endedAt: endedAt && `${on}T${endedAt}`,
  hives,
});
const told = (rounds: readonly RoundMade[]) =>
  Object.fromEntries([...learnedMinutes(rounds)].map(([kind, { minutes, of }]) => [kind, [minutes, of]]));

describe('minutes learned from rounds that were made', () => {
  it('are a hive’s own time without its opening', () => {
    expect(told([round([hive(['look'], '14:05', '14:25')])])).toEqual({ look: [20 - OPENING_MINUTES, 1] });
    expect(told([round([hive(['doors'], '14:05', '14:09')])])).toEqual({ doors: [4, 1] });
    expect(told([])).toEqual({});
  });

  it('share a hive’s time where several things were done there', () => {
    const both = told([round([hive(['look', 'make-room'], '14:00', '14:43')])]);
    // 40 minutes in proportion to 12 and 20.
    expect(both).toEqual({ look: [15, 1], 'make-room': [25, 1] });
  });

  it('share what is left of a round among hives without times of their own', () => {
    const hives = [hive(['look'], '14:00', '14:20'), hive(['look'], null, null), hive(['eggs'], null, null)];
    // 40 minutes are left: 15 and 11 of 26 usual ones.
    expect(told([round(hives)])).toEqual({ look: [Math.round((17 + ((40 * 15) / 26 - 3)) / 2), 2], eggs: [14, 1] });
    expect(told([round([hive(['look'], null, null)], '14:00', null)])).toEqual({});
    // Hives at which nothing that was due was done have taken their time all the same.
    expect(told([round([hive([], '14:00', '14:40'), hive(['look'], null, null)])])).toEqual({ look: [17, 1] });
  });

  it('are the median of the last ten of a kind', () => {
    const of = (n: number, minutes: number) =>
      round([hive(['look'], '14:00', `14:${minutes + OPENING_MINUTES}`)], '14:00', '15:00', `2027-05-${n}`);
    const long = [10, 11].map((n) => of(n, 50));
    const short = Array.from({ length: 10 }, (_, i) => of(12 + i, 20 + i));
    expect(told([...long, ...short])).toEqual({ look: [Math.round(24.5), 10] });
    expect(told([of(10, 50), of(11, 10), of(12, 20)])).toEqual({ look: [20, 3] });
  });

  it('are never none', () => {
    expect(told([round([hive(['eggs'], '14:00', '14:02')])])).toEqual({ eggs: [1, 1] });
    expect(USUAL_MINUTES.eggs).toBeGreaterThan(1);
  });
});
