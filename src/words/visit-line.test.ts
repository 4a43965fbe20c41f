import { expect, it } from 'vitest';
import { inspection } from '../core/colony/testing';
import { visitLine } from './visit-line';

const at = '2027-05-15T12:00';
const cells = [
  { cellId: 'a', found: 'sealed', takenDown: false },
  { cellId: 'b', found: 'cup-dry', takenDown: false },
] as const;

it.each([
  ['nothing found', {}, 'Sat 15 May: no cells, eggs, queen not looked for.'],
  ['one cell; a dry cup is none', { cells, queen: 'seen' }, 'Sat 15 May: 1 cell, eggs, queen seen.'],
  [
    'nobody looked',
    { thoroughness: 'not-searched', eggs: 'not-looked-for' },
    'Sat 15 May: cells not looked for, eggs not looked for, queen not looked for.',
  ],
  ['looked for in vain', { eggs: 'none', queen: 'none' }, 'Sat 15 May: no cells, no eggs, queen not found.'],
] as const)('%s', (_, over, words) => {
  expect(visitLine(inspection({ at, ...over, note: ' nasty!! ' }))).toEqual({ id: at, words, note: 'nasty!!' });
});
