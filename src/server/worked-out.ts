import 'server-only';
import { RECKONED_WITHIN } from './reckoned-within';
import { withinTime } from './within-time';

/** So much of a value is looked through: a season of a scale's hours is a tenth of it. */
const MOST_LOOKED_AT = 100_000;

/** Whether every number in a value is one, as deep as it goes. What is no number is taken as it is. */
export function hasSoundNumbers(value: unknown): boolean {
  const waiting: unknown[] = [value];
  for (let looked = 0; waiting.length > 0 && looked < MOST_LOOKED_AT; looked++) {
    const next = waiting.pop();
    if (typeof next === 'number' && !Number.isFinite(next)) return false;
    if (typeof next !== 'object' || next === null) continue;
    for (const inner of next instanceof Map ? next.values() : Object.values(next)) waiting.push(inner);
  }
  return true;
}

/**
 * What a reckoning comes to; where it throws, does not end in time or comes out as what cannot be, what stands in its place. Everything
 * else is shown and taken all the same.
 *
 * @param reckon only reckons: it may be ended between any two of its steps
 * @param instead what is said then: that it is not known
 */
export function workedOut<T, I>(
  reckon: () => T,
  instead: I,
  isSound: (value: T) => boolean = (value) => value !== undefined && hasSoundNumbers(value),
): T | I {
  const ended = withinTime(RECKONED_WITHIN, () => {
    const value = reckon();
    return { value, isSound: isSound(value) };
  });
  if (ended.how === 'threw') console.error(ended.error);
  return ended.how === 'done' && ended.value.isSound ? ended.value.value : instead;
}
