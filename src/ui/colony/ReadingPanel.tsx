import type { ColonyView } from '../../views/colony-view';
import { TONE_TEXT } from '../time/tones';

/** The reading as a headline, what to do, and the facts it rests on. */
export function ReadingPanel({ view }: { view: ColonyView }) {
  const { situation, reading, due, leaveShut, seen } = view;
  const tone = due[0]?.tone ?? 'fine';
  return (
    <section aria-label="Reading">
      <p className="text-muted text-sm">{seen}</p>
      <h2 className={`text-xl ${TONE_TEXT[tone]}`}>{situation}</h2>
      {reading && situation === reading.title && <p className="font-semibold">{reading.advice}</p>}
      {leaveShut && <p className="text-indigo mt-1 font-bold">{leaveShut}</p>}
      <ul className="mt-2">
        {due.map(({ words, why, tone: checkTone }) => (
          <li key={words} className="mt-1">
            <b className={TONE_TEXT[checkTone]}>{words}.</b>{' '}
            {why !== reading?.advice && <span className="text-sm">{why}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
