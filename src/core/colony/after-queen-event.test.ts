import { describe, expect, it } from 'vitest';
import { onlyOn } from '../queens/queen-state';
import { at, STATES, told } from '../queens/testing';
import { afterQueenEvent } from './after-queen-event';
import { QUEEN_EVENTS } from './facts';

const ON = 6;
/** The virgins of its own cells. */
const EMERGING = { 'no cells': null, 'cells, out on day 10': onlyOn(at(10)) } as const;

describe('what befalls a queen', () => {
  it('is one step from each state, told for each kind of event', async () => {
    const lines: string[] = [];
    for (const [name, state] of Object.entries(STATES)) {
      for (const kind of QUEEN_EVENTS) {
        let before = '';
        for (const [around, emerging] of Object.entries(EMERGING)) {
          const event = { id: 'event', queenId: 'r', at: null, on: at(ON), to: at(ON + 1), kind, emerged: null };
          const now = told(afterQueenEvent(state, event, emerging));
          // What hangs on its cells is told twice, the rest once.
          if (now !== before) lines.push(`${name}, ${kind}${before ? `, ${around}` : ''}: ${now}`);
          before = now;
        }
      }
    }
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./after-queen-event.txt');
  });
});
