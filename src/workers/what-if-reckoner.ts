import type { Choice, WhatIfAsked } from '../core/population/asked';
import { type Outcome, outcomeOf } from '../core/population/what-if';
import type { Settings } from '../core/settings/settings';

/** So often the page is told how many runs were made. */
const EVERY = 50;

/** One choice, run after run; told of as it goes, ended by ending the worker. */
const outcome = (asked: WhatIfAsked, choice: Choice, settings: Settings, onProgress: (made: number) => void): Outcome =>
  outcomeOf(asked, choice, settings, { isByUnit: true, onRun: (made) => made % EVERY === 0 && onProgress(made) });

/** What is reckoned beside the page of choices. */
export const WHAT_IF_RECKONER = { outcome };

export type WhatIfReckoner = typeof WHAT_IF_RECKONER;
