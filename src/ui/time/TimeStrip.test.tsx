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
const opacities = (html: string) => [...html.matchAll(/stop-opacity="([^"]+)"/g)].map((match) => Number(match[1]));

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
  it('says its days to who points at it', () => {
    expect(draw(ribbon([1, 2, 4, 5]))).toContain('<title>virgin out: 17 to 21 May, likely 18 to 20 May</title>');
    expect(draw({ type: 'look', on: TODAY, row: 0 })).toContain('<title>inspected Sun 16 May</title>');
    expect(draw({ type: 'shut', from: TODAY, to: addDays(TODAY, 3), row: 0 })).toContain(
      '<title>leave shut: 16 to 19 May</title>',
    );
  });
});

describe('a ribbon', () => {
  it('fades where it is uncertain and ends sharply where it is not', () => {
    const [start, end] = opacities(draw(ribbon([1, 2, 4, 5])));
    expect(start).toBeLessThan(0.5);
    expect(end).toBeLessThan(0.5);
    expect(opacities(draw(ribbon([1, 1, 4, 4])))).toEqual([1, 1]);
  });

  it('covers its last day whole', () => {
    const html = draw(ribbon([0, 0, 0, 0]));
    const width = [...html.matchAll(/<rect x="([\d.]+)%" width="([\d.]+)%" y="10"/g)].map((match) => Number(match[2]));
    expect(width[0]).toBeCloseTo(100 / 29, 2);
  });

  it('is cut at the ends of the strip, and named there when it lies ahead of it', () => {
    expect(draw(ribbon([18, 20, 30, 32]))).toContain('virgin out');
    expect(draw(ribbon([40, 41, 42, 43]))).toContain('virgin out ▸');
    expect(draw(ribbon([-20, -19, -12, -10]))).not.toContain('<text');
  });

  it('has different words on a phone where there is less room', () => {
    const html = draw(ribbon([1, 2, 4, 5]));
    expect(html).toMatch(/class="label-narrow"[^>]*>out</);
    expect(html).toMatch(/class="label-wide"[^>]*>virgin out</);
  });
});

describe('the other marks', () => {
  it('hatch the days to leave shut and say until when', () => {
    const html = draw({ type: 'shut', from: addDays(TODAY, 1), to: addDays(TODAY, 15), row: 0 });
    expect(html).toContain('<pattern');
    expect(html).toContain('leave shut, last day 31 May');
    expect(draw({ type: 'shut', from: addDays(TODAY, 40), to: addDays(TODAY, 50), row: 0 })).not.toContain('<pattern');
  });

  it('hang a label on a string from the best day', () => {
    const window = { earliest: addDays(TODAY, 1), ideal: addDays(TODAY, 2), latest: addDays(TODAY, 3) };
    expect(draw({ type: 'check', window, label: 'look', tone: 'later', row: 0 })).toContain('>look<');
    const far = { earliest: addDays(TODAY, 41), ideal: addDays(TODAY, 42), latest: addDays(TODAY, 43) };
    expect(draw({ type: 'check', window: far, label: 'eggs?', tone: 'later', row: 0 })).toContain('eggs? ▸');
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
    expect(html.match(/rounded-full/g)).toHaveLength(4);
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
