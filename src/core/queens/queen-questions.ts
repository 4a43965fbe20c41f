import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { QueenExpected } from '../inspections/inspection-seen';
import type {
  Caged,
  Going,
  Laying,
  NotKnown,
  QueenProgramme,
  QueenState,
  Raising,
  Virgin,
  Without,
} from './queen-state';

/** A laying queen is in there, as far as is known; in one half of a split at least. */
export function lays(queen: QueenState): boolean {
  const who = whoIsThere(queen);
  return who !== null && isTakenToLay(who);
}

export const isTakenToLay = <Q extends { readonly is: string }>(queen: Q): queen is Extract<Q, NotKnown | Laying> =>
  queen.is === 'laying' || queen.is === 'not-known';

/** It has no queen, and raises one or has nothing to raise one from. Of a split the halves of which are not known that is not said. */
export const isWithoutQueen = (queen: QueenState): queen is Extract<QueenState, Going | Raising | Without> =>
  raises(queen) || queen.is === 'without';

/** It can raise a queen: it lost its own, and has what it takes. */
export const raises = (queen: QueenState): queen is Extract<QueenState, Going | Raising> =>
  queen.is === 'going' || queen.is === 'raising';

/** A virgin is about, here or in the other half of a split. */
export const hasVirginAbout = (queen: QueenState): boolean => whoIsThere(queen)?.is === 'virgin';

/** Who is in there, or in one half of it; null: nobody is. */
export function whoIsThere(queen: QueenState): NotKnown | Laying | Virgin | Caged | null {
  switch (queen.is) {
    case 'either-half':
      return queen.of;
    case 'going':
    case 'raising':
    case 'without':
      return null;
    default:
      return queen;
  }
}

const EXPECTED = {
  'not-known': 'laying',
  laying: 'laying',
  going: 'laying',
  raising: 'none',
  without: 'none',
  virgin: 'virgin',
  caged: 'caged',
} as const satisfies { readonly [Q in Exclude<QueenState['is'], 'either-half'>]: QueenExpected };

/** As an inspection is read: who left with a swarm is expected until it is seen that she did. */
export const expectedIn = (queen: QueenState): QueenExpected =>
  EXPECTED[queen.is === 'either-half' ? queen.of.is : queen.is];

export function queenIdIn(queen: QueenState): string | null {
  if (queen.is === 'going') return queen.queenId;
  const who = whoIsThere(queen);
  return who === null || who.is === 'not-known' ? null : who.queenId;
}

export function isClipped(queen: QueenState): boolean {
  const who = whoIsThere(queen);
  return who !== null && who.is !== 'not-known' && who.clipped;
}

/** The fact that began the present span without a laying queen; null: she lays. */
export const requeeningIdOf = (queen: QueenState): string | null => (isTakenToLay(queen) ? null : queen.requeeningId);

/** The programme that this span hangs on; null: none, or she lays. */
export const programmeOf = (queen: QueenState): QueenProgramme | null => (isTakenToLay(queen) ? null : queen.programme);

/** The days between which the queen that it is without was taken away or lost; null: that is not how it came about, or it has one. */
export const lostIn = (queen: QueenState): DayRange | null =>
  queen.is === 'raising' || queen.is === 'without' ? queen.lost : null;

/** The days between which a swarm was seen to leave, of a colony that is without its queen since; null: none was. */
export const swarmedIn = (queen: QueenState): DayRange | null =>
  queen.is === 'raising' || queen.is === 'going' ? queen.swarmedOn : null;

/** The last day on which the queen before this one may have laid; null: she is not known to be gone. */
export const lossOf = (queen: QueenState): Day | null => lostIn(queen)?.to ?? swarmedIn(queen)?.to ?? queen.lastOwnEggs;

/** Eggs were looked for in their time, and there were none; null: they were not, or she lays. */
export const noEggsOn = ({ overdue }: QueenState): Day | null =>
  overdue?.is === 'late-but-there' ? overdue.noEggsOn : (overdue?.on ?? null);

/** It was shown that there is a queen, who does not lay yet. */
export const lateButThereOn = ({ overdue }: QueenState): Day | null =>
  overdue?.is === 'late-but-there' ? overdue.on : null;

/** She came with a swarm or a nuc on that day and has not been seen to lay here. */
export function arrivedOn(queen: QueenState): Day | null {
  const who = whoIsThere(queen);
  return who?.is === 'laying' ? who.arrivedOn : null;
}

/** The day of the first eggs of a queen who was waited for; null: none was, or she is not known to lay. */
export const laysSinceOf = (queen: QueenState): Day | null =>
  queen.is === 'laying' ? (queen.laysSince?.on ?? null) : null;

/** The day on which the queen who is in there was given in a cage; null: she was not. */
export function cagedOn(queen: QueenState): Day | null {
  const who = whoIsThere(queen);
  return who?.is === 'caged' ? who.cagedOn : null;
}
