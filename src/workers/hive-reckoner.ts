import type { ColonyFacts } from '../core/colony/facts';
import type { MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import type { Plan } from '../core/methods/plan';
import type { Settings } from '../core/settings/settings';
import { previewStart, type StartChoices } from '../core/starts/preview';
import type { Units } from '../core/units/units';
import { readEntry } from '../device/entry-reading';
import { minutesAtHand } from '../device/minutes-at-hand';
import { roundsAtHand } from '../device/rounds-at-hand';
import { speakUnits } from '../words/measures';

/** The dates of a method before it is started; methods go by their names, since what they are is code. */
const previewOf = (facts: ColonyFacts, method: MethodName, choices: StartChoices, settings: Settings): Plan =>
  previewStart(facts, methodNamed(method), choices, settings);

/** A worker has words of its own: it is told the units of the book before anything else. */
const speak = (units: Units): void => speakUnits(units);

/** What is reckoned beside a page, so that no tap waits for it. */
export const HIVE_RECKONER = { speak, roundsAtHand, minutesAtHand, readEntry, previewOf };

export type HiveReckoner = typeof HIVE_RECKONER;
