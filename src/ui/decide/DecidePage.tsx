import Link from 'next/link';
import type { PlaceFacts } from '../../core/colony/fit-facts';
import type { NamedColony } from '../../views/all-apiaries';
import type { DecideView, MethodView } from '../../views/decide-view';
import { NightField } from '../controls/NightField';
import { BUTTON } from '../controls/styles';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { MethodLane } from './MethodLane';

interface Props {
  readonly colony: NamedColony;
  readonly situation: string;
  readonly because: readonly string[];
  readonly view: DecideView;
  readonly axis: Axis;
  readonly place: PlaceFacts;
  /** The coldest of the next five nights as the weather page has it, °C. */
  readonly knownC: number | null;
  /** What is known of the main flow. */
  readonly flow: string | null;
}

/** Which method? Those that fit side by side, then those that would, then those that do not, each with its reason. */
export function DecidePage({ colony, situation, because, view, axis, place, knownC, flow }: Props) {
  const { fits, wouldFit, doesNotFit, withoutQueen } = view;
  return (
    <>
      <RulerHead
        axis={axis}
        colonyId={colony.id}
        title={`Choices for ${colony.name}`}
        below={
          <p>
            <b className="text-ink">{situation}.</b> {because.join('; ')}.{' '}
            <Link prefetch={false} href={`/colonies/${colony.id}`}>
              Back to {colony.name}
            </Link>
          </p>
        }
      />
      <p className="mt-3">
        <Link prefetch={false} href={`/season/what-if?colony=${colony.id}`} className={BUTTON.plain}>
          Compare what they come to
        </Link>
      </p>
      <PlaceForm place={place} knownC={knownC} />
      {flow && <p className="mt-2 text-sm">{flow}</p>}
      {withoutQueen && <p className="text-indigo mt-3 font-semibold">{withoutQueen}</p>}
      <Band title={fits.length === 0 ? 'Nothing fits as it stands' : `Fit now · ${fits.length}`}>
        {fits.map((method) => (
          <MethodLane key={method.name} method={method} axis={axis}>
            <MethodLinks method={method} colony={colony} />
          </MethodLane>
        ))}
      </Band>
      {wouldFit.length > 0 && (
        <Band title={`Would fit, if … · ${wouldFit.length}`}>
          {wouldFit.map((method) => (
            <MethodLane key={method.name} method={method} axis={axis}>
              <MethodLinks method={method} colony={colony} />
            </MethodLane>
          ))}
        </Band>
      )}
      {doesNotFit.length > 0 && (
        <Band title={`Do not fit · ${doesNotFit.length}`}>
          {doesNotFit.map(({ name, title, fit }) => (
            <li key={name} className="border-b border-line py-1.5">
              <b>{title}.</b> {fit.kind === 'does-not-fit' && fit.because}
            </li>
          ))}
        </Band>
      )}
    </>
  );
}

/** Two things of the place; they weigh at once and are not stored. */
function PlaceForm({
  place: { coldestNightC, secondStand },
  knownC,
}: {
  readonly place: PlaceFacts;
  readonly knownC: number | null;
}) {
  const field = 'ml-2 min-h-11 border-2 border-ink bg-paper px-2';
  return (
    <form className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2 text-sm">
      <NightField coldestNightC={coldestNightC} knownC={knownC} />
      <label>
        A second stand free?
        <select name="stand" defaultValue={secondStand === null ? '' : secondStand ? 'yes' : 'no'} className={field}>
          <option value="">not said</option>
          <option value="yes">yes</option>
          <option value="no">no</option>
        </select>
      </label>
      <button type="submit" className={BUTTON.plain}>
        Update
      </button>
    </form>
  );
}

function Band({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="mt-3">
      <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{title}</h2>
      <ul>{children}</ul>
    </section>
  );
}

function MethodLinks({
  method: { name, title, fit, doesMoveFrames },
  colony,
}: {
  method: MethodView;
  colony: NamedColony;
}) {
  const isReady = fit.kind === 'fits';
  return (
    <>
      <Link
        prefetch={false}
        href={`/colonies/${colony.id}/start/${name}`}
        className={isReady ? BUTTON.strong : BUTTON.plain}
        aria-label={`See the dates: ${title}`}
      >
        {isReady ? 'See the dates' : 'See the dates anyway'}
      </Link>
      {doesMoveFrames && (
        <Link
          prefetch={false}
          href={`/colonies/${colony.id}/board/${name}`}
          className={`${BUTTON.quiet} py-2.5 text-sm`}
          aria-label={`Which frame goes where: ${title}`}
        >
          which frame goes where?
        </Link>
      )}
    </>
  );
}
