import type { Looked } from '../core/brood/looked';
import type { Day } from '../core/calendar/day';
import type { Case, CaseEvent, CaseEventKind, CaseName } from '../core/cases/case';
import type { CaseOutcome, Loss, OtherChoice } from '../core/cases/ending';
import type { Sight } from '../core/cases/sight';
import type { Thoroughness } from '../core/cells/thoroughness';
import { YOUNGEST_WORDS } from './brood';
import { CELL_PLACE_WORDS } from './cells';
import { dayWords, weekdayWords } from './days';
import { THOROUGHNESS_WORDS } from './inspections';
import { wholeMassWords } from './measures';
import { methodSaid } from './methods/methods';
import { cellLookWords } from './practice';

export const CASE_WORDS: { readonly [N in CaseName]: { readonly name: string; readonly about: string } } = {
  'full-in-may': { name: 'Full in May', about: 'One box, full of bees, and a queen of last year.' },
  'third-summer': { name: 'Her third summer', about: 'A strong colony whose queen has two winters behind her.' },
  'begun-already': { name: 'Begun already', about: 'You come to it late: the first cells may be there.' },
  'thin-spring': { name: 'A thin spring', about: 'Little came in so far, and then it comes all at once.' },
  'flow-coming': { name: 'The flow is coming', about: 'Very strong, and the main flow is twelve days off.' },
  'three-in-a-row': { name: 'Three in a row', about: 'Three hives with queens of three ages, and one pair of hands.' },
};

/** What a case is called: by its name, or by its hive and seed. */
export const caseName = ({ name, colonies, seed }: Pick<Case, 'name' | 'colonies' | 'seed'>): string =>
  name === null ? `A season of ${colonies[0]?.name ?? ''}, no. ${seed}` : CASE_WORDS[name].name;

const times = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

const EVENT_WORDS: { readonly [K in CaseEventKind]: (colony: string) => string } = {
  preparing: (colony) => `the first egg was laid in a cup of ${colony}`,
  'let-go': (colony) => `${colony} let go of swarming`,
  swarmed: (colony) => `${colony} swarmed, and its queen went with the swarm`,
  cast: (colony) => `${colony} threw a cast`,
  'swarmed-above': (colony) => `a virgin raised above the excluder left ${colony} with bees`,
  'virgin-out': (colony) => `a virgin came out in ${colony}`,
  lays: (colony) => `a queen began to lay in ${colony}`,
  'not-mated': (colony) => `the virgin of ${colony} would never come to lay`,
  starved: (colony) => `${colony} ran out of food`,
};

/** One thing that happened. */
export const eventWords = ({ on, kind }: Pick<CaseEvent, 'on' | 'kind'>, colony: string): string =>
  `${weekdayWords(on)}: ${EVENT_WORDS[kind](colony)}.`;

/** What could have been known of a loss, and when. */
export function lossWords({ event, cells, knowable, looks }: Loss, colony: string): readonly string[] {
  const what = eventWords(event, colony);
  if (!knowable) return [what, 'No cell hung there any more that a look would have shown.'];
  const could = [
    `With the bees off, ${cells === 1 ? 'its one cell' : `the first of its ${cells} cells`} could be seen from ${dayWords(knowable.beesOff)}`,
    knowable.beesOn > event.on
      ? '; with the bees on, none until it was too late.'
      : knowable.beesOn > knowable.beesOff
        ? `; with the bees on, from ${dayWords(knowable.beesOn)}.`
        : ', with the bees on too.',
  ].join('');
  if (looks.length === 0) return [what, could, 'Nobody looked from then on.'];
  return [
    what,
    could,
    ...looks.map(({ on, searched, seen, unseen }) => {
      const how = THOROUGHNESS_WORDS[searched].name.toLowerCase();
      if (seen === 0) return `You looked on ${dayWords(on)} (${how}) and saw none of ${unseen}.`;
      return `You looked on ${dayWords(on)} (${how}) and saw ${seen} of ${seen + unseen}.`;
    }),
  ];
}

/** What might have been done, as a row of a table. */
export function choiceName(choice: OtherChoice): string {
  switch (choice.kind) {
    case 'as-played':
      return 'As you did';
    case 'advised':
      return 'What was due, when it was due';
    case 'nothing':
      return 'Nothing at all';
    case 'instead':
      return `${methodSaid(choice.method).title} instead`;
  }
}

/** What a season came to, in a sentence. */
export function outcomeWords({ swarms, casts, colonies, laying, honeyKg, visits }: CaseOutcome): string {
  const lost =
    swarms + casts === 0
      ? 'No swarm was lost'
      : `${[swarms > 0 ? times(swarms, 'swarm', 'swarms') : '', casts > 0 ? times(casts, 'cast', 'casts') : '']
          .filter(Boolean)
          .join(' and ')} went`;
  const queens =
    colonies === laying
      ? colonies === 1
        ? 'its queen lays'
        : `${colonies === 2 ? 'both' : 'all'} have laying queens`
      : colonies === 1
        ? 'without a laying queen'
        : `${laying === 0 ? 'none' : laying} of them with a laying queen`;
  return `${lost}. At the end ${times(colonies, 'colony', 'colonies')}, ${queens}, ${wholeMassWords(honeyKg)} of honey, after ${times(visits, 'day', 'days')} at the hives.`;
}

const LOOKED_WORDS: { readonly [L in Looked]: string } = {
  seen: 'seen',
  none: 'none seen',
  'not-looked-for': 'not looked for',
};

/** How a hive is looked into. */
export const LOOK_WORDS: { readonly [T in Thoroughness]: string } = {
  'tip-up': 'Tip it up and look from below',
  'bees-on': 'Every frame, bees left on',
  cleared: 'Every frame, bees shaken or brushed off',
};

/** What an open hive shows beside its cells. */
export function sightWords(sight: Sight): readonly string[] {
  const { queen, queenSeenAs, eggs, youngest, stores, layingRoomDays, broodFrames, coveredSeams } = sight;
  return [
    `Bees cover ${times(coveredSeams, 'seam', 'seams')}.`,
    ...(broodFrames === null ? [] : [`${times(broodFrames, 'frame', 'frames')} with brood.`]),
    ...(eggs === 'not-looked-for'
      ? ['From below neither eggs nor the queen are seen.']
      : [`Eggs: ${LOOKED_WORDS[eggs]}.`]),
    ...(youngest === null ? [] : [`Youngest brood: ${YOUNGEST_WORDS[youngest]}.`]),
    ...(queen === 'not-looked-for'
      ? []
      : [
          `Queen: ${queen === 'seen' ? (queenSeenAs === 'virgin' ? 'a small, quick one without a mark' : 'seen, with her mark') : 'not found'}.`,
        ]),
    ...(stores === 'not-looked-for'
      ? []
      : [stores === 'room' ? 'The nest is not hemmed in.' : 'Fresh nectar all round the brood.']),
    ...(layingRoomDays === null ? [] : [`Laying room for ${times(layingRoomDays, 'day', 'days')}.`]),
  ];
}

/** A cell of a hive, for who does not see it. */
export const cellInHive = ({ look, place, frame, part }: Sight['cells'][number]): string =>
  `${part === 'above' ? 'Above the excluder, frame' : 'Frame'} ${frame}, ${CELL_PLACE_WORDS[place]}: ${cellLookWords(look)}`;

/** How far the season is. */
export const dayOfSeason = (today: Day, from: Day, days: number): string =>
  `${weekdayWords(today)} · day ${today - from + 1} of ${days + 1}`;
