import { addDays, type Day, day } from '../calendar/day';
import {
  arrivedOn,
  cagedOn,
  expectedIn,
  isClipped,
  lateButThereOn,
  laysSinceOf,
  lostIn,
  noEggsOn,
  programmeOf,
  queenIdIn,
  requeeningIdOf,
  swarmedIn,
  whoIsThere,
} from './queen-questions';
import { LAYING, onlyOn, type QueenState } from './queen-state';

export const START = day('2027-05-01');
export const at = (days: number): Day => addDays(START, days);
const nothing = { lastProof: null, lastEggsSeen: null, lastOwnEggs: null, overdue: null, doubt: null } as const;
const laying = { ...nothing, ...LAYING, queenId: 'q' };
const waiting = (id: string) => ({ ...nothing, requeeningId: id, programme: null });
const virgin = (emerged: Day) =>
  ({ ...waiting('virgin'), is: 'virgin', emerged: onlyOn(emerged), queenId: null, clipped: false }) as const;
const caged = {
  ...waiting('cage'),
  is: 'caged',
  cagedOn: at(0),
  released: false,
  queenId: 'q',
  clipped: false,
} as const;

/** What may be known of a colony's queens before something is seen. */
export const STATES: Readonly<Record<string, QueenState>> = {
  'laying queen': laying,
  'laying queen, swarm seen': {
    ...waiting('swarm'),
    is: 'going',
    queenId: null,
    swarmedOn: { from: at(0), to: at(1) },
    lastOwnEggs: at(1),
  },
  'laying queen, read as gone': { ...waiting('look'), is: 'going', queenId: 'q', swarmedOn: null },
  'queen taken out': {
    ...waiting('event'),
    is: 'raising',
    lost: { from: at(0), to: at(0) },
    swarmedOn: null,
    lastOwnEggs: at(0),
  },
  'queen lost, day not certain': {
    ...waiting('event'),
    is: 'raising',
    lost: { from: at(0), to: at(4) },
    swarmedOn: null,
    lastOwnEggs: at(4),
  },
  'no queen, none lost': { ...waiting('event'), is: 'without', since: at(0), lost: null },
  'virgin flying': virgin(at(2)),
  'virgin, late but there': { ...virgin(at(0)), overdue: { is: 'late-but-there', on: at(12), noEggsOn: null } },
  'bought queen caged': { ...caged, lastOwnEggs: at(-2) },
  'bought queen caged, the old one not found': {
    ...caged,
    doubt: { code: 'old-queen-not-found', on: at(0), id: 'cage' },
  },
  'one half of a split, not known which': {
    ...waiting('split'),
    is: 'either-half',
    since: at(0),
    of: { ...LAYING, queenId: 'q' },
  },
  'swarm hived': { ...laying, arrivedOn: at(0) },
};

export const short = (on: Day | null | undefined) => (on === null || on === undefined ? '-' : String(on - START));

/** What a state has come to be, as far as seeing can change it; days are counted from the first. */
export function told(state: QueenState): string {
  const { expected, isGone, removedOn, swarmedOn, lastOwnEggs, virginEmerged, cagedOn, isReleased, queenId, ...rest } =
    queenInShort(state);
  const { lastProof, lastEggsSeen, requeeningId, eitherHalfSince, withoutSince, noEggsOn, lateButThereOn } = rest;
  const { laysSince, doubt } = rest;
  const days = [removedOn, swarmedOn?.from, lastOwnEggs, virginEmerged?.earliest, virginEmerged?.latest, cagedOn];
  const later = [lastEggsSeen, eitherHalfSince, withoutSince, noEggsOn, lateButThereOn, laysSince];
  return [
    `${expected}${isGone ? ' gone' : ''}${isReleased ? ' released' : ''} ${queenId ?? '-'} ${requeeningId ?? '-'}`,
    `${days.map(short).join(' ')} | ${later.map(short).join(' ')}`,
    `${lastProof ? `${lastProof.by} ${short(lastProof.on)}` : '-'}${doubt ? ` ?${doubt.code} ${short(doubt.on)}` : ''}`,
  ].join(' | ');
}

/** A queen's state in one line of days and names, whoever is in there; for texts that hold many of them. */
export function queenInShort(queen: QueenState) {
  const lost = lostIn(queen);
  const who = whoIsThere(queen);
  return {
    expected: expectedIn(queen),
    isGone: queen.is === 'going',
    removedOn: lost?.from ?? null,
    removedTo: lost?.to ?? null,
    swarmedOn: swarmedIn(queen),
    lastOwnEggs: queen.lastOwnEggs,
    virginEmerged: who?.is === 'virgin' ? who.emerged : null,
    cagedOn: cagedOn(queen),
    isReleased: who?.is === 'caged' && who.released,
    isClipped: isClipped(queen),
    queenId: queenIdIn(queen),
    lastProof: queen.lastProof,
    lastEggsSeen: queen.lastEggsSeen,
    requeeningId: requeeningIdOf(queen),
    programme: programmeOf(queen),
    eitherHalfSince: queen.is === 'either-half' ? queen.since : null,
    withoutSince: queen.is === 'without' ? queen.since : null,
    noEggsOn: noEggsOn(queen),
    lateButThereOn: lateButThereOn(queen),
    arrivedOn: arrivedOn(queen),
    laysSince: laysSinceOf(queen),
    doubt: queen.doubt,
  };
}
