import { isSaid, type Said } from '../core/says/said';
import type { Catalogue } from './words';

type Sentence = string | ((params: unknown) => string);

/**
 * Puts what was said into words by a catalogue, and what is said within it before. Throws where the catalogue has no such code: what the
 * core says and what is known here are held against each other when they are compiled.
 */
export function speak(catalogue: Catalogue, { says, with: params = {} }: Said): string {
  const [subject = '', code = ''] = says.split('/');
  const sentence = catalogue[subject]?.[code] as Sentence | undefined;
  if (sentence === undefined) throw new Error(`Nothing is known to say for ${says}`);
  return typeof sentence === 'string' ? sentence : sentence(worded(params));

  function worded(value: unknown): unknown {
    if (typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) return value.map(worded);
    if (isSaid(value)) return speak(catalogue, value);
    return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, worded(one)]));
  }
}
