import type { SeasonFacts } from '../core/formats/season-file';

/** How one kind of fact differs between a backup and the book. */
export interface Differs {
  readonly name: keyof SeasonFacts;
  /** Rows that are in the backup only, in the book only, and in both but not the same. */
  readonly onlyThen: number;
  readonly onlyNow: number;
  readonly changed: number;
}

/** Why a backup was made. */
export const REASON_WORDS: Readonly<Record<string, string>> = {
  daily: 'of the day',
  'by-hand': 'made by hand',
  'before-import': 'before a season file was brought in',
  'before-wipe': 'before everything was taken out',
  'before-measured-wipe': 'before weather or readings were taken out',
  'before-restore': 'before a backup was brought back',
  'before-upgrade': 'before your records were brought up to date',
};

const FACT_WORDS: { readonly [N in keyof SeasonFacts]?: readonly [string, string] } = {
  apiaries: ['apiary', 'apiaries'],
  colonies: ['colony', 'colonies'],
  queens: ['queen', 'queens'],
  inspections: ['inspection', 'inspections'],
  cells: ['cell', 'cells'],
  cellObservations: ['sight of a cell', 'sights of cells'],
  programmes: ['programme', 'programmes'],
  checkAnswers: ['answer', 'answers'],
  surveys: ['survey', 'surveys'],
  photos: ['photo', 'photos'],
  settings: ['setting', 'settings'],
};

/** `3 inspections`, `1 other entry`. */
export function factsWords(name: keyof SeasonFacts, count: number): string {
  const [one, many] = FACT_WORDS[name] ?? ['other entry', 'other entries'];
  return `${count} ${count === 1 ? one : many}`;
}

/** What bringing a backup back would take away, bring back and change, in sentences; empty: both are the same. */
export function differsWords(differs: readonly Differs[]): readonly string[] {
  const list = (of: 'onlyThen' | 'onlyNow' | 'changed') => {
    const there = differs.filter((one) => one[of] > 0);
    const named = there.filter(({ name }) => FACT_WORDS[name]).map((one) => factsWords(one.name, one[of]));
    const others = there.filter(({ name }) => !FACT_WORDS[name]).reduce((sum, one) => sum + one[of], 0);
    return others === 0 ? named : [...named, others === 1 ? '1 other entry' : `${others} other entries`];
  };
  const [then, now, changed] = [list('onlyThen'), list('onlyNow'), list('changed')];
  return [
    now.length > 0 ? `Would be gone: ${now.join(', ')}.` : null,
    then.length > 0 ? `Would be there again: ${then.join(', ')}.` : null,
    changed.length > 0 ? `Would be as it was: ${changed.join(', ')}.` : null,
  ].filter((words) => words !== null);
}

const MEGABYTE = 1_000_000;

/** `0.4 MB`. */
export const sizeWords = (bytes: number): string => `${(bytes / MEGABYTE).toFixed(1)} MB`;
