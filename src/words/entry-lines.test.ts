import { describe, expect, it } from 'vitest';
import { emptyDraft, entryOf } from '../device/draft';
import { besideEachOther, linesAsText, saidLines } from './entry-lines';
import { inspectionLines } from './inspection-lines';

const entry = {
  ...entryOf(emptyDraft('a', 'clover', '2027-05-16T15:00'), 'cleared'),
  eggs: 'seen' as const,
  to: '2027-05-17',
  cells: [
    {
      observationId: 'o1',
      cellId: 'c1',
      found: 'sealed' as const,
      takenDown: true,
      newCell: { place: 'face' as const, box: null, frame: 4, part: null },
    },
  ],
};
const lines = inspectionLines(entry, () => 'a');
const saidOf = (label: string) => lines.find((line) => line.label === label)?.value;

describe('what an entry says', () => {
  it('is all there, in words', () => {
    expect(saidOf('When')).toEqual('Sun 16 May, 15:00, or up to 17 May');
    expect(saidOf('Eggs')).toBe('seen');
    expect(saidOf('Cell a')).toMatch(/frame 4, .*broken down$/);
    expect(saidOf('Queen')).toEqual('not looked for');
    expect(linesAsText('Clover', lines)).toMatch(/^Clover\nWhen: Sun 16 May/);
  });

  it('is told from what was not said', () => {
    expect(saidLines(lines).map(({ label }) => label)).toEqual(['When', 'How inspected', 'Eggs', 'Cell a']);
  });

  it('stands beside another version, each line once', () => {
    const other = inspectionLines({ ...entry, eggs: 'none', cells: [] }, () => 'a');
    const both = besideEachOther(lines, other);
    expect(both.filter(({ isSame }) => !isSame).map(({ label, mine, stored }) => [label, mine, stored])).toEqual([
      ['Eggs', 'seen', 'looked for, none'],
      ['Cell a', saidOf('Cell a'), null],
    ]);
  });
});
