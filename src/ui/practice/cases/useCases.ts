'use client';

import { useCallback, useEffect, useState } from 'react';
import { yearOf } from '../../../core/calendar/day';
import { CASE_NAMES, type Case, type CaseName } from '../../../core/cases/case';
import { caseOfSeed, namedCase } from '../../../core/cases/invented';
import type { CaseKept } from '../../../device/case-at-hand';
import { keepHere, keptHere } from '../../../device/kept-here';

const KEPT_AS = 'ubbet-cases';
/** Seasons that are kept at most, the last played first. */
const KEPT_AT_MOST = 12;

/** Rises whenever moves of before can no longer be played: seasons kept in another form are let go. */
const FORM = 1;

/** A season as it is kept on the device: the case is made anew from its name or seed. */
interface Stored {
  readonly form: typeof FORM;
  readonly name: CaseName | null;
  readonly seed: number;
  readonly year: number;
  readonly moves: CaseKept['moves'];
  readonly today: CaseKept['today'];
}

const caseOf = ({ name, seed, year }: Pick<Stored, 'name' | 'seed' | 'year'>): Case =>
  name === null ? caseOfSeed(seed, year) : namedCase(name, year);

const isStored = (value: unknown): value is Stored => {
  const { form, name, seed, year, moves, today } = (value ?? {}) as Record<string, unknown>;
  const isNamed = name === null || CASE_NAMES.some((one) => one === name);
  return form === FORM && isNamed && [seed, year, today].every(Number.isInteger) && Array.isArray(moves);
};

/** What a device has of them; what cannot be read counts for nothing. */
function read(): readonly Stored[] {
  const all = keptHere(KEPT_AS);
  return Array.isArray(all) ? all.filter(isStored) : [];
}

const isOf =
  (of: Pick<Stored, 'name' | 'seed'>) =>
  ({ name, seed }: Pick<Stored, 'name' | 'seed'>): boolean =>
    name === of.name && (name !== null || seed === of.seed);

/** Seasons begun or played to their end on this device. */
export function useCases(year: number) {
  const [all, setAll] = useState<readonly Stored[] | null>(null);
  const [isKept, setKept] = useState(true);
  useEffect(() => setAll(read()), []);
  const put = useCallback(({ of, moves, today }: CaseKept) => {
    const stored: Stored = { form: FORM, name: of.name, seed: of.seed, year: yearOf(of.from), moves, today };
    const next = [stored, ...read().filter((other) => !isOf(stored)(other))].slice(0, KEPT_AT_MOST);
    setAll(next);
    setKept(keepHere(KEPT_AS, next));
  }, []);
  return {
    /** Null: not read yet. */
    kept: all?.map((stored): CaseKept => ({ of: caseOf(stored), moves: stored.moves, today: stored.today })) ?? null,
    isKept,
    put,
    begin: (name: CaseName | null, seed: number): CaseKept => {
      const of = caseOf({ name, seed, year });
      return { of, moves: [], today: of.from };
    },
  };
}
