import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { cellLook, dryCup } from '../core/practice/cell-look';
import { EXERCISES, type Level, NO_DAY } from '../core/practice/exercise';
import { makeExercise } from '../core/practice/make-exercise';
import { patchOf } from '../core/practice/patch';
import {
  ASK_WORDS,
  answerWords,
  becauseWords,
  cellLookWords,
  choiceWords,
  markedWords,
  patchWords,
  rightWords,
  toldWords,
} from './practice';

const TODAY = day('2027-01-15');

describe('practice in words', () => {
  it('says what is there to be seen, and not what it is called', () => {
    expect(cellLookWords(dryCup(1))).toBe('a cup with nothing in it');
    expect(cellLookWords(cellLook('queen', 0, 1))).toMatch(/^a cup with an egg that leans \d+ degrees from upright$/);
    expect(cellLookWords(cellLook('queen', 6, 1))).toMatch(
      /^a cell drawn down to \d+% of its length, open, with a larva/,
    );
    expect(cellLookWords(cellLook('queen', 10, 1))).toContain('its tip smooth with wax');
    expect(cellLookWords(cellLook('queen', 14.2, 1))).toContain('its tip stripped to the cocoon');
    expect(cellLookWords(cellLook('queen', 14.2, 1), false)).toContain('its tip hidden under bees');
    expect(cellLookWords(cellLook('queen', 17, 1))).toContain('its tip cut open');
    expect(cellLookWords(cellLook('queen', 12, 1, 'torn-down'))).toContain('ragged hole');
  });

  it('counts a piece of comb', () => {
    const workers = patchWords(patchOf({ layer: 'laying-workers', lastLaid: 0.4, since: 14 }, 2));
    expect(workers).toContain('Several eggs to a cell, at the walls.');
    expect(workers).toMatch(/\d+ of the sealed cells are domed\./);
    expect(patchWords(patchOf({ layer: 'queen', lastLaid: 6, since: 20 }, 2))).not.toContain('egg');
  });

  it('has words for all that any exercise asks, shows, marks and gives as a reason', () => {
    for (const kind of EXERCISES)
      for (let seed = 0; seed < 60; seed++) {
        const { asks, because, shows } = makeExercise(kind, seed, ((seed % 3) + 1) as Level, TODAY);
        for (const { code, options, kind: how, right } of asks) {
          expect(ASK_WORDS[code]).toBeTruthy();
          if (how === 'choice')
            for (const option of options) expect(choiceWords(option)).not.toMatch(/^[a-z]+(-[a-z]+)+$/);
          expect(rightWords(code, right({}), (id) => `frame ${id}`)).not.toMatch(/undefined|NaN|null/);
        }
        for (const one of because) expect(becauseWords(one)).toMatch(/^[A-Z0-9].*\.$/);
        expect(toldWords(shows) ?? 'drawn').not.toMatch(/undefined|NaN|null/);
      }
  });

  it('says how an answer stood', () => {
    const right = { is: 'days', between: { from: 2, to: 4 } } as const;
    expect(markedWords({ code: 'x', right, isRight: true, daysOff: 0 })).toBe('Right');
    expect(markedWords({ code: 'x', right, isRight: false, daysOff: 1 })).toBe('one day off');
    expect(markedWords({ code: 'x', right, isRight: false, daysOff: null })).toBe('Not so');
    expect(rightWords('back-in', right, String)).toBe('2 to 4 days');
    expect(answerWords('sealed-in', NO_DAY, String)).toBe('it is sealed, or never will be');
    expect(answerWords('found', [], String)).toBe('none of them');
    expect(answerWords('back-in', undefined, String)).toBe('nothing');
  });
});
