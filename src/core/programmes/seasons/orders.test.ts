import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dueWords } from '../../../words/due';
import { inWords } from '../../../words/in-words';
import { addDays, type Day, formatDay } from '../../calendar/day';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { methodNamed } from '../../methods/methods';
import { expectedIn } from '../../queens/queen-questions';
import { colonyOnDay } from '../../schedule/standing';
import { differenceOf, movesOf } from '../../schedule/what-moved';
import { DEFAULT_SETTINGS } from '../../settings/settings';
import { previewStart } from '../../starts/preview';
import type { ColonyState } from '../../state/fold';
import { cellsToKeep } from '../best-to-keep';
import { cellsToGive, cellsWanted } from '../cell-list';
import { assembled } from '../testing';
import { needsWayOut } from '../ways-out';
import { COLONIES, type Season, SPAN, START, season, statesOf } from './testing';

const SEASONS = 64;
/** Each season is asked every so many days, one beginning a day later than the one before it. */
const STRIDE = 4;
const METHODS = ALL_METHOD_NAMES.filter((name) => !['unite', 'hive-swarm', 'give-cell'].includes(name));

const KEEPING = ['nuc-swarm', 'after-swarm'] as const;

const short = (on: Day | null | undefined): string => (on === null || on === undefined ? '-' : formatDay(on).slice(5));

/** What a keeper is told on a day: each order with how it stands, in the order of the page, and whether it is shut. */
function ordersOn({ schedule, today }: ColonyState): string {
  const { due, later, shut } = colonyOnDay(schedule, today);
  const words = [...due, ...later].map(({ check, standing }) => {
    const { code, window, plannedFor, programme, unit } = { unit: check.programme?.unit ?? '', ...check };
    const whose = programme ? ` ${programme.id} ${unit}` : '';
    const on = plannedFor === null ? '' : `@${short(plannedFor)}`;
    return `${standing} ${code}${whose} ${short(window.earliest)}/${short(window.ideal)}/${short(window.latest)}${on}`;
  });
  return `${shut ? `shut to ${short(shut.to)}; ` : ''}${words.join('; ')}`;
}

/** Cells to give and colonies that want one, what else there is, and what is best kept. */
function alsoOn(states: readonly ColonyState[]): string {
  const colonies = states.map((state, i) => ({ colonyId: COLONIES[i] as string, state }));
  const wants = cellsWanted(colonies).map(({ colonyId, why }) => `${colonyId} wants: ${why}`);
  const gives = cellsToGive(colonies).map(({ cell, travels }) => `gives ${cell.cell.id}: ${travels}`);
  const keeps = states.flatMap(({ liveCells, queen }) =>
    KEEPING.map((method) => {
      const kept = cellsToKeep(methodNamed(method), liveCells, expectedIn(queen) === 'laying', 2);
      return `${method} keeps ${kept.map(({ cell }) => cell.id).join(' ') || '-'}`;
    }),
  );
  const out = states.map((state) => (needsWayOut(state) ? 'a way out' : ''));
  return [...wants, ...gives, ...(states.some(({ liveCells }) => liveCells.length > 0) ? keeps : []), ...out].join(
    '; ',
  );
}

/** What a method would ask for if it were begun, with what of it goes to other colonies. */
function startWords({ own, shared }: Season, nth: number): string {
  const method = methodNamed(METHODS[nth % METHODS.length] as (typeof METHODS)[number]);
  const on = addDays(START, 8 + (nth % SPAN));
  const facts = assembled(own, shared).get('home');
  const [home] = statesOf({ own, shared }, on);
  const live = home?.liveCells.map(({ cell }) => cell.id) ?? [];
  const { checks, leaveShut, emergence, eggsBy } = previewStart(
    facts as never,
    method,
    {
      on,
      to: nth % 5 === 0 ? addDays(on, 2) : null,
      secondThinning: nth % 2 === 0,
      onlySealedBroodUp: false,
      queenShakenDown: nth % 3 === 0,
      buysQueen: nth % 7 === 0,
      turnsDaily: nth % 4 === 0,
      keptCellIds: method.options.includes('keptCells') ? live.slice(0, 1) : [],
      givenCellIds: live.slice(1, 2),
      gift: null,
    },
    DEFAULT_SETTINGS,
  );
  const asked = checks.map(
    ({ unit, code, window }) =>
      `${unit} ${code} ${short(window.earliest)}/${short(window.ideal)}/${short(window.latest)}`,
  );
  const shut = leaveShut.map(({ unit, from, to }) => `${unit} shut ${short(from)}..${short(to)}`);
  const out = `out ${short(emergence?.earliest)}..${short(emergence?.latest)} eggs ${short(eggsBy?.earliest)}`;
  return `${method.name} on ${short(on)}: ${[...asked, ...shut, out].join('; ')}`;
}

describe('what a keeper is told, day by day', () => {
  it('is what it was: a change that moves an order shows here which, and is looked at', {
    timeout: 60_000,
  }, async () => {
    const lines = fc.sample(season, { numRuns: SEASONS, seed: 20270704 }).flatMap((made, i) => {
      const told = new Map<string, string>();
      const days = Array.from({ length: Math.ceil(80 / STRIDE) }, (_, k) => addDays(START, (i % STRIDE) + k * STRIDE));
      let last: readonly ColonyState[] = [];
      const daily = days.flatMap((on) => {
        const states = statesOf(made, on);
        const moved = states.flatMap((state, c) =>
          differenceOf(last[c]?.schedule.checks ?? [], state.schedule.checks).map(({ code }) => `${code} moved`),
        );
        last = states;
        const also = alsoOn(states);
        return [
          ...states.map((state, c) => [COLONIES[c] as string, ordersOn(state), leadOf(state)] as const),
          ['both', also, ''] as const,
          ['moved', moved.join(' '), ''] as const,
        ].flatMap(([who, words, lead]) => {
          if (told.get(who) === words) return [];
          told.set(who, words);
          return [`  ${short(on)} ${who} ${words}${lead}`];
        });
      });
      const moves = last.flatMap(({ schedules }) =>
        movesOf(schedules()).map(
          ({ code, on, to, because }) => `  ${code} to ${short(to.ideal)} on ${short(on)} by ${inWords(because)}`,
        ),
      );
      return [`season ${i + 1}`, ...daily, ...moves, `  ${startWords(made, i)}`];
    });
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./orders.txt');
  });
});

const leadOf = ({ schedule, today }: ColonyState): string => {
  const { lead } = colonyOnDay(schedule, today);
  return lead ? ` | ${dueWords(lead, today)}` : '';
};
