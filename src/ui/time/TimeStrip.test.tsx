import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { addDays, day } from '../../core/calendar/day';
import { CELL_STAGES } from '../../core/cells/stage';
import { METRIC } from '../../core/units/units';
import type { Mark } from '../../views/marks';
import { CellGlyph } from '../cells/CellGlyph';
import { BookProvider } from '../frame/BookContext';
import { axisAround, axisDays, isWeekend, leftOf, rightOf } from './axis';
import { DayRuler } from './DayRuler';
import { groundOf } from './ground';
import { TimeStrip } from './TimeStrip';

const TODAY = day('2027-05-16');
const axis = axisAround(TODAY);
const inDays = (...days: [number, number, number, number]) => {
  const [earliest, likelyFrom, likelyTo, latest] = days.map((n) => addDays(TODAY, n)) as [never, never, never, never];
  return { earliest, likelyFrom, likelyTo, latest };
};
const draw = (...marks: Mark[]) => renderToStaticMarkup(<TimeStrip axis={axis} marks={marks} name="Clover" />);
const ribbon = (window: Parameters<typeof inDays>): Mark => ({
  type: 'ribbon',
  kind: 'emergence',
  window: inDays(...window),
  label: 'virgin out',
  row: 0,
});
/** A place or length of the first mark, in per cent. */
const share = (html: string, of: string) => Number(new RegExp(`${of}:(-?[\\d.]+)%`).exec(html)?.[1]);
/** How far the ends of the first mark are from those of the strip, in per cent. */
const ends = (html: string) => {
  const [, right, left] = /inset:\d+px (-?[\d.]+)% auto (-?[\d.]+)%/.exec(html) ?? [];
  return { left: Number(left), right: Number(right) };
};
/** Marks, each with its classes, words and names. */
const marksOf = (html: string) => html.match(/<b [^>]*>/g) ?? [];

describe('the axis', () => {
  it('runs from a week back to three weeks ahead', () => {
    const days = axisDays(axis);
    expect([days[0], days.at(-1), days.length]).toEqual([addDays(TODAY, -7), addDays(TODAY, 21), 29]);
    expect(leftOf(axis, axis.first)).toBe(0);
    expect(rightOf(axis, addDays(TODAY, 21))).toBeCloseTo(100);
    expect(days.filter(isWeekend)).toHaveLength(9);
  });
});

describe('the ground of a lane', () => {
  it('tints the weekends and draws the line of today, wherever the week begins', () => {
    const { backgroundImage } = groundOf(axis);
    // It begins on a Sunday: the sixth day is a Saturday, the day before its first as well.
    expect(backgroundImage).toContain(
      'var(--color-tint) 0 3.448%, transparent 3.448% 20.69%, var(--color-tint) 20.69% 24.138%',
    );
    expect(backgroundImage).toContain('calc(25.862% - 0.75px)');
    const monday = { ...axis, first: addDays(axis.first, 1), today: addDays(axis.first, -3) };
    expect(groundOf(monday).backgroundImage).toBe(
      'repeating-linear-gradient(to right, transparent 0 17.241%, var(--color-tint) 17.241% 24.138%, transparent 24.138% 24.138%)',
    );
  });
});

describe('a mark', () => {
  it('is one element, which says its days to who points at it', () => {
    const html = draw(
      ribbon([1, 2, 4, 5]),
      { type: 'look', on: TODAY, row: 0 },
      { type: 'shut', from: TODAY, to: addDays(TODAY, 3), row: 0 },
    );
    expect(marksOf(html).map((mark) => /title="([^"]*)"/.exec(mark)?.[1])).toEqual([
      'virgin out: 17 to 21 May, likely 18 to 20 May',
      'inspected Sun 16 May',
      'leave shut: 16 to 19 May',
    ]);
    expect(html.match(/<[a-z]/g)).toHaveLength(4);
  });
});

describe('a ribbon', () => {
  it('fades where it is uncertain and ends sharply where it is not', () => {
    expect(draw(ribbon([1, 2, 4, 5]))).not.toContain('ribbon-sure');
    expect(draw(ribbon([1, 1, 4, 5]))).toMatch(/ribbon-sure-from(?!.*ribbon-sure-to)/);
    expect(draw(ribbon([1, 2, 5, 5]))).toMatch(/ribbon-sure-to/);
    const html = draw(ribbon([1, 2, 3, 5]));
    // Five days, the second and third of them likely.
    expect([share(html, '--from'), share(html, '--to')]).toEqual([20, 60]);
  });

  it('covers its last day whole', () => {
    const html = draw(ribbon([0, 0, 0, 0]));
    const { left, right } = ends(html);
    expect(left).toBeCloseTo((100 * 7) / 29, 2);
    expect(100 - right).toBeCloseTo((100 * 8) / 29, 2);
  });

  it('is named where it can be seen, and at the end of the strip when it lies ahead of it', () => {
    expect(draw(ribbon([18, 20, 30, 32]))).toContain('data-wide="virgin out"');
    const ahead = draw(ribbon([40, 41, 42, 43]));
    expect(ahead).toContain('data-wide="virgin out ▸"');
    expect(ahead).toContain('ribbon-off');
    expect(marksOf(draw(ribbon([-20, -19, -12, -10])))).toEqual([]);
    // Half of it is past: the name stands on the half that is shown.
    const cut = draw(ribbon([-17, -17, 2, 2]));
    expect(ends(cut).left).toBeLessThan(0);
    expect(share(cut, '--wide-at')).toBeCloseTo(75, 1);
  });

  it('has different words on a phone, which stand beside it where they do not fit', () => {
    const html = draw(ribbon([1, 2, 4, 5]));
    expect(html).toContain('data-wide="virgin out" data-narrow="out"');
    expect(html).toMatch(/wide-on narrow-on|wide-over narrow-on|wide-on narrow-over/);
    expect(draw(ribbon([1, 1, 1, 1]))).toMatch(/wide-after narrow-after/);
    expect(draw(ribbon([21, 21, 21, 21]))).toMatch(/wide-before narrow-before/);
  });
});

describe('the other marks', () => {
  it('hatch the days to leave shut and say until when', () => {
    const html = draw({ type: 'shut', from: addDays(TODAY, 1), to: addDays(TODAY, 15), row: 0 });
    expect(html).toContain('data-wide="leave shut, last day 31 May" data-narrow="last day 31 May"');
    // Too short for words: they are in the lane's own.
    const short = draw({ type: 'shut', from: addDays(TODAY, 1), to: addDays(TODAY, 3), row: 0 });
    expect(marksOf(short)).toHaveLength(1);
    expect(short).not.toContain('data-wide');
    expect(marksOf(draw({ type: 'shut', from: addDays(TODAY, 40), to: addDays(TODAY, 50), row: 0 }))).toEqual([]);
  });

  it('hang a label on a string from the best day', () => {
    const window = { earliest: addDays(TODAY, 1), ideal: addDays(TODAY, 2), latest: addDays(TODAY, 3) };
    const html = draw({ type: 'check', window, label: 'look', tone: 'later', row: 0 });
    expect(html).toContain('data-wide="look"');
    expect(share(html, '--at')).toBe(50);
    const far = { earliest: addDays(TODAY, 41), ideal: addDays(TODAY, 42), latest: addDays(TODAY, 43) };
    const ahead = draw({ type: 'check', window: far, label: 'eggs?', tone: 'later', row: 0 });
    expect(ahead).toContain('data-wide="eggs? ▸"');
    expect(ahead).toMatch(/check-off .*check-at-end/);
    const begun = { earliest: addDays(TODAY, -9), ideal: addDays(TODAY, -7), latest: TODAY };
    expect(draw({ type: 'check', window: begun, label: 'look', tone: 'late', row: 0 })).toContain(
      'check-from-before check-at-start',
    );
  });

  it('say all of it to those who do not see it', () => {
    const html = draw(ribbon([1, 2, 4, 5]), { type: 'look', on: TODAY, row: 1 });
    expect(html).toContain('aria-label="Clover. virgin out: 17 to 21 May, likely 18 to 20 May; inspected Sun 16 May"');
    expect(draw()).toContain('aria-label="Clover. nothing in these four weeks"');
  });
});

describe('the day ruler', () => {
  it('marks today, dots what is due, three at most, and hatches the days to leave shut', () => {
    const book = {
      bookId: 'b',
      bookName: 'b',
      isReader: false,
      isDemo: false,
      units: METRIC,
      today: TODAY,
      due: [
        [TODAY, 1],
        [addDays(TODAY, 3), 7],
      ],
      shut: [addDays(TODAY, 4), addDays(TODAY, 5)],
      sky: [
        {
          apiaryId: 'a',
          days: [
            [TODAY, 'open'],
            [addDays(TODAY, 3), 'shut'],
            [addDays(TODAY, 6), 'unknown'],
          ],
        },
      ],
      colonies: [],
      formerNames: [],
    } as const;
    const html = renderToStaticMarkup(
      <BookProvider book={book}>
        <DayRuler axis={axis} />
      </BookProvider>,
    );
    expect(html.match(/aria-current="date"/g)).toHaveLength(1);
    expect(html.match(/data-dots="[1-9]"/g)).toEqual(['data-dots="1"', 'data-dots="3"']);
    expect(html.match(/hatch-shut/g)).toHaveLength(2);
    expect(html.match(/data-lid="[a-z]+"/g)).toEqual(['data-lid="open"', 'data-lid="shut"']);
    expect(html).toContain('aria-label="Wed 19 May, 7 due, lids down"');
    expect(html).toContain('aria-label="Thu 20 May, a hive to leave shut"');
    expect(html).toContain('title="Sun 16 May (2027-05-16), lids up"');
    // One stop for the Tab key; the arrows go on from there.
    expect(html.match(/tabindex="0"/g)).toHaveLength(1);
  });
});

describe('the glyphs of the cell stages', () => {
  it('differ from one another in outline, not in colour alone', () => {
    const outlines = [...CELL_STAGES, 'not-found' as const].map((found) =>
      renderToStaticMarkup(<CellGlyph found={found} />).replaceAll(/(fill|stroke)="[^"]*"/g, ''),
    );
    expect(new Set(outlines).size).toBe(outlines.length);
  });
});
