import { expect, it } from 'vitest';
import { day } from '../calendar/day';
import { framesOfCells } from './cell-frames';
import type { SurveyFact } from './survey';
import { aBox, aHive } from './testing';

const survey = (at: string, source: SurveyFact['source'], letters: string, id: string): SurveyFact => ({
  id: at,
  at,
  on: day(at.slice(0, 10)),
  source,
  manner: 'frames',
  flow: 'none',
  coveredSeams: null,
  queenFrameId: null,
  hive: aHive(aBox(id, letters)),
});
const cell = (lastSeen: string, box: number | null, frame: number | null) => ({
  id: 'a',
  box,
  frame,
  lastSeen: day(lastSeen),
});
const found = survey('2027-05-10T15:00', 'survey', 'HBBH', 'found');
const left = survey('2027-05-10T16:00', 'moves', 'BHHB', 'left');

it('a cell hangs on the frame that was at its place when it was seen', () => {
  const frameOf = (lastSeen: string) => framesOfCells([cell(lastSeen, 1, 2)], [left, found]).get('a');
  expect(frameOf('2027-05-10')).toBe('found/2');
  expect(frameOf('2027-05-11')).toBe('left/2');
  expect(frameOf('2027-05-01')).toBe('found/2');
});

it('a cell whose place was not noted, or is not there, is on no known frame', () => {
  for (const nowhere of [cell('2027-05-10', null, 2), cell('2027-05-10', 1, 9), cell('2027-05-10', 2, 1)])
    expect(framesOfCells([nowhere], [found]).size).toBe(0);
  expect(framesOfCells([cell('2027-05-10', 1, 1)], []).size).toBe(0);
});
