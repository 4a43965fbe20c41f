/** What keepers differ on, and each settles for himself: how many cells are kept, and what is done first at the first signs. */
export const SCHOOLS = ['cells-kept', 'early-first'] as const;
export type School = (typeof SCHOOLS)[number];

/** At the first signs of swarming: room is made by its cause, the cups are broken, or a method is begun at once. */
export const EARLY_FIRST = ['room', 'cups', 'act'] as const;
export type EarlyFirst = (typeof EARLY_FIRST)[number];

export interface Schools {
  /** Cells that Ubbet proposes to keep: one for fewer casts, two against a dud. */
  readonly cellsKept: number;
  readonly earlyFirst: EarlyFirst;
  /** Those that the keeper was asked about, and answered. */
  readonly schoolsAsked: readonly School[];
}
