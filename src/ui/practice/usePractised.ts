'use client';

import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod/mini';
import type { Exercise, Marked } from '../../core/practice/exercise';
import { EXERCISES } from '../../core/practice/exercise';
import { afterAnswer, type Practised, type SkillCard } from '../../core/practice/review';

const KEPT_AS = 'ubbet-practice';
/** Older answers tell nothing any more. */
const KEPT_AT_MOST = 3000;

interface Kept {
  readonly practised: readonly Practised[];
  readonly cards: readonly SkillCard[];
}
const NOTHING: Kept = { practised: [], cards: [] };

const kept = z.object({
  practised: z.array(
    z.object({
      at: z.string(),
      kind: z.enum(EXERCISES),
      skill: z.string(),
      level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
      seed: z.int(),
      isRight: z.boolean(),
      daysOff: z.nullable(z.number()),
    }),
  ),
  cards: z.array(
    z.object({
      kind: z.enum(EXERCISES),
      skill: z.string(),
      due: z.string(),
      lastReview: z.nullable(z.string()),
      stability: z.number(),
      difficulty: z.number(),
      reps: z.number(),
      lapses: z.number(),
      state: z.number(),
      learningSteps: z.number(),
      scheduledDays: z.number(),
    }),
  ),
});

/** What a device has of it; what cannot be read counts for nothing. */
function read(): Kept {
  try {
    return kept.parse(JSON.parse(localStorage.getItem(KEPT_AS) ?? ''));
  } catch {
    return NOTHING;
  }
}

/** What was practised, on this device alone. */
export function usePractised() {
  const [all, setAll] = useState<Kept | null>(null);
  const [isKept, setKept] = useState(true);
  useEffect(() => setAll(read()), []);
  const put = useCallback((next: Kept) => {
    setAll(next);
    try {
      localStorage.setItem(KEPT_AS, JSON.stringify(next));
      setKept(true);
    } catch {
      setKept(false);
    }
  }, []);
  const note = useCallback(
    ({ kind, skill, level, seed }: Exercise, marked: readonly Marked[]) => {
      const before = read();
      const at = new Date().toISOString();
      const off = marked.flatMap(({ daysOff }) => (daysOff === null ? [] : [daysOff]));
      const done: Practised = {
        at,
        kind,
        skill,
        level,
        seed,
        isRight: marked.every(({ isRight }) => isRight),
        daysOff: off.length === 0 ? null : off.reduce((sum, days) => sum + days, 0),
      };
      const isOf = (card: SkillCard) => card.kind === kind && card.skill === skill;
      const card = afterAnswer(before.cards.find(isOf) ?? null, { kind, skill }, marked, at);
      put({
        practised: [...before.practised, done].slice(-KEPT_AT_MOST),
        cards: [...before.cards.filter((other) => !isOf(other)), card],
      });
    },
    [put],
  );
  /** `practised` null: not read yet. `isKept` false: this device keeps nothing. */
  return { practised: all?.practised ?? null, cards: all?.cards ?? [], isKept, note, forget: () => put(NOTHING) };
}
