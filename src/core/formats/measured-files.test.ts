import { describe, expect, it } from 'vitest';
import { inWords } from '../../words/in-words';
import { day } from '../calendar/day';
import { readTextBytes } from './read-text-bytes';
import { readScaleFile } from './scale-file';
import { readWeatherFile } from './weather-file';

const TODAY = day('2027-05-16');
const weather = (text: string, over: Partial<Parameters<typeof readWeatherFile>[1]> = {}) =>
  readWeatherFile(text, { units: {}, zone: 'Europe/London', today: TODAY, ...over });
const scale = (text: string, over: Partial<Parameters<typeof readScaleFile>[1]> = {}) =>
  readScaleFile(text, { units: {}, zone: 'Europe/London', now: '2027-05-16T18:00', ...over });
const said = (result: ReturnType<typeof weather> | ReturnType<typeof scale>) =>
  result.ok
    ? result.value.refused.map(({ path, message }) => `${path.join(' ')}: ${inWords(message)}`)
    : result.issues.map(({ path, message }) => `${path.join(' ')}: ${inWords(message)}`);

describe('hours from a file', () => {
  it('come from CSV whose headings name the units, in any order of columns and of rows', () => {
    const read = weather('wind km/h;Rain (in);time;Temp °F\n36;0,1;2027-05-16 15:00:00;68\n0;0;2027-05-16T14:00;50\n');
    expect(read).toMatchObject({ ok: true, value: { refused: [], toldAt: null } });
    expect(read.ok && read.value.rows).toEqual([
      { at: '2027-05-16T15:00', tempC: 20, rainMm: 2.54, windMs: 10 },
      { at: '2027-05-16T14:00', tempC: 10, rainMm: 0, windMs: 0 },
    ]);
  });

  it('ask for units that the headings do not name, each by its column', () => {
    const text = 'time,temp,rain mm,wind\n2027-05-16T14:00,59,0,3.6\n';
    expect(said(weather(text))).toEqual([
      'temperature: Say in what units “temp” gives the temperature.',
      'wind: Say in what units “wind” gives the wind.',
    ]);
    const read = weather(text, { units: { temperature: 'f', wind: 'kmh' } });
    expect(read.ok && read.value.rows).toEqual([{ at: '2027-05-16T14:00', tempC: 15, rainMm: 0, windMs: 1 }]);
  });

  it('are refused row by row, and the others stand', () => {
    const text = [
      'time,temp C,rain mm,wind m/s',
      '2027-05-16T14:00,18,0,2',
      '2027-05-16T14:30,18,0,2',
      '2027-05-16T15:00,warm,0,2',
      '2027-05-16T16:00,18,,2',
      '2027-13-16T16:00,18,0,2',
      '2027-05-16T17:00,180,0,2',
      '2027-07-16T17:00,18,0,2',
      '',
      '2027-05-16T18:00,17,0,2,and more',
    ].join('\r\n');
    const read = weather(text);
    expect(read.ok && read.value.rows.map(({ at }) => at)).toEqual(['2027-05-16T14:00', '2027-05-16T18:00']);
    expect(said(read)).toEqual([
      '3 at: is not on the full hour; give the minute at which the hour begins, such as 2027-05-16T14:00',
      '4 tempC: “warm” is not a number; write it like 12.5',
      '5 rainMm: is missing; give a number',
      '6 at: is not a time; write it as YYYY-MM-DDTHH:mm, such as 2027-05-16T14:30',
      '7 tempC: must be 60 or less',
      '2027-07-16T17:00: lies more than 31 days ahead; give nearer hours',
    ]);
  });

  it('that come twice, as one does when clocks go back, count as the later of the two, which is said', () => {
    const read = weather('time,temp C,rain mm,wind m/s\n2026-10-25 01:00,9,0,1\n2026-10-25 01:00,8,0,1\n');
    expect(read.ok && read.value.rows).toMatchObject([{ tempC: 8 }]);
    expect(said(read)).toEqual(['2 at: Sun 25 Oct, 01:00 comes twice; the later of the two counts.']);
    // In two offsets these are two hours of which a local clock shows the one minute.
    const utc = weather(
      '[{"at":"2026-10-25T00:00Z","tempC":9,"rainMm":0,"windMs":1},{"at":"2026-10-25T01:00Z","tempC":8,"rainMm":0,"windMs":1}]',
    );
    expect(utc.ok && utc.value.rows).toMatchObject([{ at: '2026-10-25T01:00', tempC: 8 }]);
  });

  it('in a time zone are turned into the keeper’s, where it is known', () => {
    const text = 'time,temp C,rain mm,wind m/s\n2027-05-16T13:00Z,18,0,2\n2027-05-16T16:00+02:00,17,0,2\n';
    const read = weather(text);
    expect(read.ok && read.value.rows.map(({ at }) => at)).toEqual(['2027-05-16T14:00', '2027-05-16T15:00']);
    expect(said(weather(text, { zone: null }))[0]).toContain('names a time zone');
  });

  it('come from JSON with when they were told, or as a list', () => {
    const hour = '{"at":"2027-05-16T14:00","tempC":18,"rainMm":0,"windMs":2}';
    expect(weather(`{"hours":[${hour}],"toldAt":"2027-05-15T06:00"}`)).toMatchObject({
      ok: true,
      value: { toldAt: '2027-05-15T06:00', rows: [{ tempC: 18 }] },
    });
    expect(said(weather(`[${hour},{"at":"2027-05-16T15:00","tempC":"18","rainMm":0}]`))).toEqual([
      '2 tempC: “18” is not a number; write it like 12.5',
    ]);
    expect(said(weather(`[${hour.slice(0, 30)}`))).toEqual([expect.stringContaining('not')]);
  });

  it('need their columns and at least one row', () => {
    expect(said(weather('time,temp C\n2027-05-16T14:00,18\n'))).toEqual([
      'rain: There is no column for the rain. Name one “rain mm” or “rain in”.',
      'wind: There is no column for the wind. Name one “wind m/s”, “wind km/h”, “wind mph” or “wind kn”.',
    ]);
    expect(said(weather('time,temp C,temperature C,rain mm,wind m/s\n2027-05-16T14:00,18,18,0,2\n'))).toEqual([
      'temperature: There are two columns for the temperature. Keep one of them.',
    ]);
    expect(said(weather('time,temp C,rain mm,wind m/s\n'))).toEqual([expect.stringContaining('The file has no rows')]);
    expect(said(weather(''))).toEqual([expect.stringContaining('The file has no rows')]);
  });
});

describe('readings from a file', () => {
  it('are by the minute, in kilograms or pounds', () => {
    const read = scale('date,time,weight lb\n2027-05-16,14:15:30,100\n2027-05-16,14:00,90\n');
    expect(read.ok && read.value.rows).toEqual([
      { at: '2027-05-16T14:15', kg: 45.359237 },
      { at: '2027-05-16T14:00', kg: 40.823313 },
    ]);
  });

  it('from the future, below nothing or beyond what a scale bears are refused by name', () => {
    const read = scale(
      'time,kg\n2027-05-16T17:00,41\n2027-05-16T18:30,41\n2027-05-16T16:00,-3\n2027-05-16T15:00,800\n',
    );
    expect(read.ok && read.value.rows).toEqual([{ at: '2027-05-16T17:00', kg: 41 }]);
    expect(said(read)).toEqual([
      '4 kg: must be 0 or more',
      '5 kg: must be 500 or less',
      '2027-05-16T18:30: lies in the future: it is Sun 16 May, 18:00 now. Set the device’s clock.',
    ]);
  });

  it('by the hundred thousand take little time', () => {
    const rows = Array.from({ length: 100_000 }, (_, i) => {
      const minute = (i * 5) % 1440;
      const on = new Date(Date.UTC(2026, 3, 1 + Math.floor((i * 5) / 1440))).toISOString().slice(0, 10);
      return `${on} ${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')},40.1`;
    });
    const read = scale(`time,kg\n${rows.join('\n')}\n`);
    expect(read.ok && read.value.rows).toHaveLength(100_000);
  });
});

describe('the letters of a file', () => {
  const bytes = (...list: number[]) => new Uint8Array(list);
  it('are made out by their mark, as UTF-8, or as older programs write them', () => {
    expect(readTextBytes(bytes(0xef, 0xbb, 0xbf, 0xc2, 0xb0))).toMatchObject({ value: '°' });
    expect(readTextBytes(bytes(0xff, 0xfe, 0xb0, 0x00))).toMatchObject({ value: '°' });
    expect(readTextBytes(bytes(0xb0, 0x43))).toMatchObject({ value: '°C' });
  });
  it('of what is no text are refused', () => {
    expect(readTextBytes(bytes(0x50, 0x4b, 3, 4, 0, 0))).toMatchObject({ ok: false });
  });
});
