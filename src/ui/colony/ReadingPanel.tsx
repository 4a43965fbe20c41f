import type { ColonyView } from '../../views/colony-view';
import type { Tone } from '../../views/marks';

const TONES: { readonly [T in Tone]: string } = {
  late: 'text-propolis',
  now: 'text-willow',
  later: 'text-larch',
  fine: 'text-larch',
};

/** The reading as a headline, what to do, and the facts it rests on. */
export function ReadingPanel({ view }: { view: ColonyView }) {
  const { reading, due, leaveShut, seen } = view;
  const tone = due[0]?.tone ?? 'fine';
  return (
    <section aria-label="Reading">
      <p className="text-muted text-sm">{seen}</p>
      <h2 className={`text-xl ${TONES[tone]}`}>{reading?.title ?? 'Nothing to go by yet'}</h2>
      {reading && <p className="font-semibold">{reading.advice}</p>}
      {leaveShut && <p className="text-indigo mt-1 font-bold">{leaveShut}</p>}
      <ul className="mt-2">
        {due.map(({ words, why, tone: checkTone }) => (
          <li key={words} className="mt-1">
            <b className={TONES[checkTone]}>{words}.</b> <span className="text-sm">{why}</span>
          </li>
        ))}
      </ul>
      {reading && (
        <>
          <h3 className="text-muted mt-3 text-sm">Because</h3>
          <ul className="text-muted text-sm">
            {reading.because.map((text) => (
              <li key={text} className="before:mr-2 before:content-['–']">
                {text}
              </li>
            ))}
            {reading.cause && <li className="before:mr-2 before:content-['–']">{reading.cause}</li>}
          </ul>
          <p className="text-muted mt-1 text-sm">
            <b>It would read differently with:</b> {reading.wouldChange}
          </p>
        </>
      )}
    </section>
  );
}
