import { addDays, day, daysBetween } from '../../src/core/calendar/day';
import type { CellStage } from '../../src/core/cells/stage';
import type { InspectionFact, QueenEventKind } from '../../src/core/colony/facts';
import { situationOf } from '../../src/core/colony/situation';
import { aColony, inspection, queenEvent } from '../../src/core/colony/testing';
import type { ReadingName } from '../../src/core/inspections/reading';
import { colonyOnDay } from '../../src/core/schedule/standing';
import { DEFAULT_SETTINGS } from '../../src/core/settings/settings';
import { type ColonyState, foldColony } from '../../src/core/state/fold';
import { orderOf } from '../../src/words/due';
import { inWords } from '../../src/words/in-words';

const LOOKED = day('2027-05-07');
const DAYS = 75;
const NOTED = ['virgin-out', 'swarmed', 'cast-left', 'removed', 'virgin-taken'] as const satisfies QueenEventKind[];

const saw = (...found: readonly CellStage[]) =>
  found.map((stage, i) => ({ cellId: 'ab'[i] as string, found: stage, takenDown: false }));

/** A look that reads so. */
const LOOKS: { readonly [R in ReadingName]?: Partial<InspectionFact> } = {
  'cast-risk': { eggs: 'none', queen: 'none', cells: saw('emerged', 'sealed') },
  'virgin-loose': { eggs: 'none', queen: 'none', cells: saw('emerged') },
  swarmed: { eggs: 'none', queen: 'none', cells: saw('sealed-fresh', 'sealed-fresh') },
  'swarm-imminent': { cells: saw('sealed-fresh', 'sealed-fresh') },
  preparing: { cells: saw('larva-large', 'larva-large') },
  'early-preparing': { cells: saw('egg', 'egg') },
  'queen-missing': { eggs: 'none', queen: 'none' },
  congested: { layingRoomDays: 3 },
  settled: {},
};

const cells = ['a', 'b'].map((id) => ({ id, label: id, place: 'bottom', box: null, frame: null, part: null }) as const);

const stateOn = (look: Partial<InspectionFact>, days: number, noted: QueenEventKind | null = null): ColonyState =>
  foldColony(
    aColony({
      cells,
      inspections: [inspection({ at: '2027-05-07T12:00', ...look })],
      queenEvents: noted ? [queenEvent({ kind: noted, on: addDays(LOOKED, 1) })] : [],
    }),
    DEFAULT_SETTINGS,
    addDays(LOOKED, days),
  );

function asks({ schedule, today }: ColonyState): string {
  const { due, shut } = colonyOnDay(schedule, today);
  const orders = due.map(({ check }) => orderOf(check).toLowerCase());
  return (
    [...orders, ...(shut ? [`leave shut to day ${daysBetween(LOOKED, shut.to)}`] : [])].join('; ') || 'nothing yet'
  );
}

/** What a look of 7 May says from which day on, where nobody does anything: a row for each change of what is said or asked. */
export function ageingRows(): readonly (readonly string[])[] {
  return Object.entries(LOOKS).flatMap(([reading, look]) => {
    let last = '';
    return Array.from({ length: DAYS }, (_, days) => days).flatMap((days) => {
      const state = stateOn(look, days);
      const says = [inWords(situationOf(state)), asks(state)];
      const isSame = says.join() === last;
      last = says.join();
      return isSame ? [] : [[days === 0 ? `\`${reading}\`` : '', String(days), ...says]];
    });
  });
}

/** What it says and asks where something was noted on the day after the look, as it stands the day after that. */
export const notedRows = (): readonly (readonly string[])[] =>
  Object.entries(LOOKS).map(([reading, look]) => [
    `\`${reading}\``,
    ...NOTED.map((kind) => {
      const state = stateOn(look, 2, kind);
      return `${inWords(situationOf(state))}: ${asks(state)}`;
    }),
  ]);

export const NOTED_HEADS = [
  'read',
  'a virgin was seen',
  'a swarm left',
  'a cast left',
  'she was lost',
  'the virgin was caught',
];
