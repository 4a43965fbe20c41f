import { figure } from '../biology/figure';
import type { CheckCode } from '../schedule/check';

const minutes = (name: string, value: number) => figure(`minutes-for-${name}`, value, 'minutes', 'setting').value;

/** Minutes at one hive by what is done there, as long as nothing else is known. */
export const USUAL_MINUTES = {
  look: minutes('look', 12),
  'tip-up': minutes('tip-up', 4),
  'first-look': minutes('first-look', 15),
  'thin-cells': minutes('thin-cells', 15),
  'which-half': minutes('which-half', 8),
  eggs: minutes('eggs', 8),
  laying: minutes('laying', 8),
  'cells-above': minutes('cells-above', 20),
  supers: minutes('supers', 6),
  doors: minutes('doors', 3),
  'test-frame': minutes('test-frame', 4),
  released: minutes('released', 4),
  'make-room': minutes('make-room', 20),
  method: minutes('method', 45),
} as const;

export const VISIT_KINDS = Object.keys(USUAL_MINUTES) as [VisitKind, ...VisitKind[]];
/** What is done at a hive, as far as it tells how long it takes. */
export type VisitKind = keyof typeof USUAL_MINUTES;

/** For each hive that is opened beside its work: smoke, roof, crown board, and all of it back. */
export const OPENING_MINUTES = figure('minutes-for-opening-a-hive', 3, 'minutes', 'setting').value;

/** Minutes by what is done. */
export type MinutesByKind = { readonly [K in VisitKind]: number };

/** Minutes by what is done: as the keeper says, else as learned from rounds that were made, else the usual. */
export const minutesByKind = (
  said: { readonly [kind: string]: number | undefined },
  learned: ReadonlyMap<VisitKind, { readonly minutes: number }>,
): MinutesByKind =>
  Object.fromEntries(
    VISIT_KINDS.map((kind) => [kind, said[kind] ?? learned.get(kind)?.minutes ?? USUAL_MINUTES[kind]]),
  ) as MinutesByKind;

/** What kind of work a check is. Daily tasks are ticked in passing, and are nobody's round. */
export const KIND_OF: { readonly [C in Exclude<CheckCode, 'turn-hive' | 'shift-boxes'>]: VisitKind } = {
  'first-look': 'first-look',
  look: 'look',
  act: 'method',
  'find-cells': 'look',
  'make-room': 'make-room',
  'nuc-settled': 'laying',
  'thin-cells': 'thin-cells',
  // A whole hive is carried.
  'move-parent': 'make-room',
  eggs: 'eggs',
  'laying-check': 'laying',
  'clear-top-cells': 'cells-above',
  'top-brood-gone': 'supers',
  'bottom-check': 'look',
  'supers-check': 'supers',
  'which-half': 'which-half',
  // Boxes come off and a board goes in between.
  'board-in': 'make-room',
  doors: 'doors',
  released: 'released',
  'space-check': 'look',
  united: 'look',
  'read-comb': 'test-frame',
};
