'use client';

import dynamic from 'next/dynamic';
import { useEffect, useMemo, useState } from 'react';
import { type Day, yearOf } from '../../core/calendar/day';
import { EXERCISES, type Exercise, type ExerciseKind } from '../../core/practice/exercise';
import { nextExercise } from '../../core/practice/next-exercise';
import { cardsOf, progressOf } from '../../core/practice/review';
import type { CaseKept } from '../../device/case-at-hand';
import { EXERCISE_WORDS } from '../../words/practice';
import { Button } from '../controls/Button';
import { Views } from '../frame/Views';
import { TitleHead } from '../time/TitleHead';
import { CaseList } from './cases/CaseList';
import { useCases } from './cases/useCases';
import { ExerciseCard } from './ExerciseCard';
import { PracticeProgress } from './PracticeProgress';
import { usePractised } from './usePractised';

// A season brings the screens of the book along: they come when one is opened, and are kept for where there is no signal.
const CasePage = dynamic(() => import('./cases/CasePage').then((module) => module.CasePage), { ssr: false });

/** Ten minutes are enough for a day. */
const ENOUGH_MS = 10 * 60_000;
const SEEDS = 0x7fffffff;
/** Short enough to be told to somebody else. */
const CASE_SEEDS = 100_000;

/** Practice for the eye and the judgement: exercises made from the rules, marked by them, and brought back where they went wrong. */
export function PracticePage({ today }: { readonly today: Day }) {
  const { practised, isInBook, isKept, isSent, note, keepInBook, forget } = usePractised();
  const cards = useMemo(() => cardsOf(practised ?? []), [practised]);
  const [kind, setKind] = useState<ExerciseKind | null | undefined>(undefined);
  const [exercise, setExercise] = useState<Exercise | null>(null);
  const [turn, setTurn] = useState(0);
  const [begunAt, setBegunAt] = useState<number | null>(null);
  const [isEnough, setEnough] = useState(false);
  const cases = useCases(yearOf(today));
  const [season, setSeason] = useState<CaseKept | null>(null);
  useEffect(() => {
    if (begunAt === null) return;
    const timer = setTimeout(() => setEnough(true), ENOUGH_MS);
    return () => clearTimeout(timer);
  }, [begunAt]);
  const ask = (of: ExerciseKind | null) => {
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
    const at = new Date().toISOString();
    setExercise(nextExercise({ kind: of, practised: practised ?? [], cards, at, today, seed: seed % SEEDS }));
    setTurn((before) => before + 1);
    setKind(of);
    setBegunAt((before) => before ?? Date.now());
  };
  const progress = practised === null ? [] : progressOf(practised, cards, new Date().toISOString());
  const due = progress.reduce((sum, { dueSkills }) => sum + dueSkills, 0);
  if (season)
    return (
      <>
        <CasePage
          key={`${season.of.name ?? ''} ${season.of.seed}`}
          begin={season}
          onChange={cases.put}
          onLeave={() => setSeason(null)}
        />
        {!cases.isKept && <NotKept />}
      </>
    );
  return (
    <>
      <TitleHead
        title="Practice"
        below="Drawn from the age and marked by the rules. No points: only what you can read, and what comes again."
      />
      <Views of="learn" />
      {exercise === null ? (
        <>
          <p className="mt-3">
            <Button kind="act" disabled={practised === null} onClick={() => ask(null)}>
              {due > 0
                ? `Practise: ${due === 1 ? 'one thing comes' : `${due} things come`} again`
                : 'Practise a bit of each'}
            </Button>
          </p>
          <ul className="mt-3 grid gap-x-8 wide:grid-cols-2">
            {EXERCISES.map((one) => (
              <li key={one} className="border-b border-line py-1.5">
                <button
                  type="button"
                  disabled={practised === null}
                  className="min-h-11 text-left font-bold underline hover:text-willow"
                  onClick={() => ask(one)}
                >
                  {EXERCISE_WORDS[one].name}
                </button>
                <span className="text-muted block text-sm">{EXERCISE_WORDS[one].about}</span>
              </li>
            ))}
          </ul>
          {practised !== null && practised.length > 0 && (
            <PracticeProgress
              progress={progress}
              practised={practised}
              isInBook={isInBook}
              isSent={isSent}
              onInBook={keepInBook}
              onForget={forget}
            />
          )}
          <CaseList
            kept={cases.kept}
            onOpen={setSeason}
            onBegin={(name) => {
              const seed = (crypto.getRandomValues(new Uint32Array(1))[0] ?? 0) % CASE_SEEDS;
              setSeason(cases.begin(name, seed));
            }}
          />
        </>
      ) : (
        <>
          {isEnough && (
            <p role="status" className="mt-2 font-semibold">
              Ten minutes: enough for today, if you like.
            </p>
          )}
          <ExerciseCard
            key={turn}
            exercise={exercise}
            onMarked={(marked) => note(exercise, marked)}
            onNext={() => ask(kind ?? null)}
            onEnd={() => setExercise(null)}
          />
        </>
      )}
      {!isKept && <NotKept />}
      <p className="text-muted mt-6 max-w-prose text-sm">
        Drawings are plainer than bees. Real cells lie in shadow, and a real colony can do otherwise: at the hive, when
        in doubt, ask somebody who has kept bees for long.
      </p>
    </>
  );
}

function NotKept() {
  return (
    <p role="alert" className="text-propolis mt-3">
      This device keeps nothing of it: what you practise is forgotten when you leave.
    </p>
  );
}
