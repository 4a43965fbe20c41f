import type { DayRange } from '../../core/calendar/window';
import type { School, Schools } from '../../core/settings/schools';
import { dayWords, rangeWords, weekdayWords } from '../days';

/** The page of a colony's choices. */
export const choicesPhrases = {
  /** Its first and last day. */
  canBeDone: ({ ideal, latest, today }: { readonly [D in 'ideal' | 'latest' | 'today']: DayRange['from'] }) =>
    latest < today
      ? `Late since ${weekdayWords(latest)}: do it today.`
      : `Best ${ideal <= today ? 'today' : weekdayWords(ideal)}${latest > today && latest > ideal ? `, ${weekdayWords(latest)} at the latest` : ''}.`,
  visits: (visits: number) => (visits === 0 ? '' : visits === 1 ? 'One visit' : `${visits} visits`),
  thenShut: (days: DayRange) => `shut ${rangeWords(days)}`,
  eggsFrom: (days: DayRange) => `Eggs ${rangeWords(days)}.`,
  noDay: 'Today.',
  next: (words: string) => `Next: ${words}`,
  shutTo: (to: DayRange['to']) => `Shut up to and including ${weekdayWords(to)}.`,
  noDrones: 'No drones yet: a young queen would not mate. Buy a mated one for the half without.',
  lies: (thing: string, place: string) => `No ${thing} here: one is ${place}.`,
  short: (thing: string) => `No ${thing}: make, buy or borrow one.`,
  alsoShort: (thing: string, standIn: string) => `No ${thing}: ${standIn}.`,
  keep: (label: string, where: string, why: string) => `Keep cell ${label}${where ? `, ${where}` : ''}: ${why}`,
  keepBoth: (one: string, other: string, why: string) => `Keep cells ${one} and ${other}: ${why}`,
  keepWhy: {
    ofOneAge: 'nearest in age.',
    open: 'open, and seen to be fed.',
    ripe: 'closed, and ripe.',
    sealed: 'closed; none can be seen into.',
    small: 'the best there is so far.',
    only: 'it is the only one.',
  },
  schools: {
    'cells-kept': {
      asks: 'One cell or two? Keepers differ',
      ways: [
        { name: 'One.', why: 'No cast can leave with a second virgin.', value: { cellsKept: 1 } },
        { name: 'Two.', why: 'Of one age: the second insures against a dud.', value: { cellsKept: 2 } },
      ],
    },
    'early-first': {
      asks: 'At the first signs, what first? Keepers differ',
      ways: [
        { name: 'Make room.', why: 'By what is short; then look again in three days.', value: { earlyFirst: 'room' } },
        { name: 'Break the cups.', why: 'It buys some days, and stops nothing.', value: { earlyFirst: 'cups' } },
        { name: 'Act at once.', why: 'With a nuc, before they have made up their mind.', value: { earlyFirst: 'act' } },
      ],
    },
  } satisfies {
    readonly [S in School]: {
      readonly asks: string;
      readonly ways: readonly { readonly name: string; readonly why: string; readonly value: Partial<Schools> }[];
    };
  },
  findHer: [
    'Little smoke, a warm hour, and gently: she is where the eggs are.',
    'Begin two frames from the side. Look over the face of the next comb before you lift it, then round the rim of the one in hand, then its middle.',
    'Stand the frames in pairs, a hand apart, for five minutes: she is on the dark side between two.',
    'Still not: shake all bees in front of the box with an excluder under it. She stays outside.',
  ],
  notFound: 'Not today: close it up, and split it without finding her, or come back in the morning.',
  sealedFrom: (day: DayRange['from']) => `A cell may be sealed from ${dayWords(day)}.`,
} as const;
