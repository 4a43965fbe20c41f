import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../../scripts/lib/how-often';
import { formatDay } from '../../calendar/day';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { methodNamed } from '../../methods/methods';
import { DEFAULT_SETTINGS } from '../../settings/settings';
import { previewStart, type StartChoices } from '../../starts/preview';
import { aProgramme, assembled } from '../testing';
import { COLONIES, dayIn, season, statesOf } from './testing';

const RUNS = tries(300);
const METHODS = ALL_METHOD_NAMES.filter((name) => !['unite', 'hive-swarm', 'give-cell'].includes(name));

/** What is asked, and when: `nuc thin-cells 2027-05-16..2027-05-18`. */
const words = (
  list: readonly { unit: string; code: string; window: { earliest: number; ideal: number; latest: number } }[],
) => list.map(({ unit, code, window }) => `${unit} ${code} ${window.earliest}/${window.ideal}/${window.latest}`).sort();

describe('the dates before a method is started', () => {
  it('are those that it has once it is, to the day', { timeout: 600_000 }, () => {
    let [compared, kept] = [0, 0];
    fc.assert(
      fc.property(
        season,
        fc.constantFrom(...METHODS),
        dayIn(10),
        fc.boolean(),
        fc.boolean(),
        (made, method, on, secondThinning, queenShakenDown) => {
          const plain = { ...made, shared: { ...made.shared, programmes: [], answers: [], changes: [] } };
          const [home] = statesOf(plain, on);
          if (!home || home.ended) return;
          const { units, options } = methodNamed(method);
          const live = home.liveCells.map(({ cell }) => cell.id);
          const keptCellIds = options.includes('keptCells') ? live.slice(0, 2) : [];
          const choices: StartChoices = {
            on,
            to: null,
            secondThinning,
            onlySealedBroodUp: false,
            queenShakenDown,
            buysQueen: false,
            turnsDaily: false,
            keptCellIds,
            givenCellIds: [],
            gift: null,
          };
          const facts = assembled(plain.own, plain.shared).get('home');
          const preview = previewStart(facts as never, methodNamed(method), choices, DEFAULT_SETTINGS);
          const programme = aProgramme({
            id: 'zz',
            method,
            on,
            secondThinning,
            queenShakenDown,
            keptCellIds,
            units: units.map(({ name, isNewColony }) => ({ unit: name, colonyId: isNewColony ? 'child' : 'home' })),
          });
          const child = units.find(({ isNewColony }) => isNewColony);
          const goes = child && child.name === methodNamed(method).raisesQueen?.unit ? keptCellIds : [];
          const cellMoves = [
            ...plain.shared.cellMoves.filter(({ cellId }) => !goes.includes(cellId)),
            ...goes.map((cellId) => ({
              id: `zz${cellId}`,
              cellId,
              toColonyId: 'child',
              label: cellId,
              at: null,
              on,
              travel: 'on-frame' as const,
            })),
          ];
          // The part that becomes a colony has no history of its own yet.
          const fresh = {
            startedOn: on,
            origin: child?.name === 'nuc' ? ('nuc' as const) : ('split' as const),
            cells: [],
            inspections: [],
          };
          const begun = {
            own: { home: plain.own.home, child: child ? fresh : plain.own.child },
            shared: { ...plain.shared, programmes: [programme], cellMoves },
          };
          const asked = new Map(
            statesOf(begun, on).flatMap(({ schedule }) =>
              schedule.checks.flatMap(({ key, code, window, programme: by }) =>
                by?.id === 'zz' ? [[key, { unit: by.unit, code, window }] as const] : [],
              ),
            ),
          );
          compared += 1;
          kept += keptCellIds.length > 0 ? 1 : 0;
          expect([method, formatDay(on), ...words(preview.checks)]).toEqual([
            method,
            formatDay(on),
            ...words([...asked.values()]),
          ]);
        },
      ),
      { numRuns: RUNS, seed: 20270701 },
    );
    expect(compared).toBeGreaterThan(RUNS / 2);
    expect(kept).toBeGreaterThan(RUNS / 60);
    expect(COLONIES).toContain('home');
  });
});
