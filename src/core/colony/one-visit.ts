import type { Looked } from '../brood/looked';
import { SEARCHED, type Searched } from '../cells/thoroughness';
import type { InspectionFact } from './facts';

/** Two entries of one day, or of one and the same span of days, are of one visit. */
export const isOneVisit = (first: InspectionFact, later: InspectionFact): boolean =>
  first.on === later.on && first.to === later.to;

/**
 * A visit that was entered in two goes as one look: what the second did not look for is as the first found it, what one of them saw was
 * there, and else the second leads.
 *
 * @example sealed cells entered at noon and "no eggs" a minute later read as sealed cells without eggs
 */
export function asOneLook(first: InspectionFact, later: InspectionFact): InspectionFact {
  // What was seen at one of them was there.
  const isFirstEggs =
    later.eggs === 'not-looked-for' ? later.youngest === null : later.eggs === 'none' && first.eggs === 'seen';
  const isFirstQueen = later.queen === 'not-looked-for' || (later.queen === 'none' && first.queen === 'seen');
  const named = new Set(later.cells.map(({ cellId }) => cellId));
  return {
    ...later,
    ...whereUnsaid(first, later),
    ...(isFirstEggs ? pick(first, ['eggs', 'youngest']) : {}),
    ...(isFirstQueen ? pick(first, ['queen', 'queenSeenAs', 'queenHandled']) : {}),
    droneBroodInWorkerCells: eitherSeen(later.droneBroodInWorkerCells, first.droneBroodInWorkerCells),
    severalEggsPerCell: eitherSeen(later.severalEggsPerCell, first.severalEggsPerCell),
    thoroughness: moreThorough(later.thoroughness, first.thoroughness),
    cells: [...first.cells.filter(({ cellId }) => !named.has(cellId)), ...later.cells],
  };
}

/** What an inspection holds where nothing is said of it. */
const UNSAID = {
  piping: 'not-listened',
  stores: 'not-looked-for',
  drones: 'not-looked-for',
  layingRoomDays: null,
  broodFrames: null,
  coveredSeams: null,
} as const satisfies Partial<InspectionFact>;

const whereUnsaid = (first: InspectionFact, later: InspectionFact): Partial<InspectionFact> =>
  pick(
    first,
    (Object.keys(UNSAID) as (keyof typeof UNSAID)[]).filter((field) => later[field] === UNSAID[field]),
  );

const pick = <K extends keyof InspectionFact>(of: InspectionFact, fields: readonly K[]) =>
  Object.fromEntries(fields.map((field) => [field, of[field]])) as Pick<InspectionFact, K>;

const eitherSeen = (later: Looked, first: Looked): Looked =>
  later === 'not-looked-for' || first === 'seen' ? first : later;

/** From the most thorough search to where nothing is known of one. */
const moreThorough = (one: Searched, other: Searched): Searched =>
  SEARCHED.indexOf(one) <= SEARCHED.indexOf(other) ? one : other;
