import Link from 'next/link';
import type { RoomLine, RoomView } from '../../views/room-view';
import { dayWords } from '../../words/days';
import { Button } from '../controls/Button';
import { NightField } from '../controls/NightField';
import { Views } from '../frame/Views';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { RoomBand } from './RoomBand';

interface Props {
  readonly view: RoomView;
  readonly axis: Axis;
  /** As the keeper says it for all apiaries; null: not said. */
  readonly coldestNightC: number | null;
  /** As it is known at each apiary, in words. */
  readonly nights: string | null;
}

/** Where does a queen run out of room, and what gives her more? */
export function RoomPage({ view: { lines, unknown }, axis, coldestNightC, nights }: Props) {
  const pressing = lines.filter(({ isPressing }) => isPressing).length;
  return (
    <>
      <RulerHead
        axis={axis}
        title={pressing === 0 ? 'Room enough for now' : `${pressing} short of room`}
        below="laying room by the frames, the soonest out first"
      />
      <Views of="colonies" />
      <form className="mt-3 flex flex-wrap items-center gap-3 text-sm">
        <NightField coldestNightC={coldestNightC} knownC={null} />
        <Button type="submit" kind="plain">
          Update
        </Button>
        {nights && coldestNightC === null && <span className="text-muted">{nights}</span>}
      </form>
      {lines.length === 0 && (
        <p className="mt-4 max-w-prose">
          No frames have been surveyed yet. Open a colony and survey its frames: counting them by what most of each
          holds takes a minute.
        </p>
      )}
      <ul className="mt-3 border-t-2 border-ink">
        {lines.map((line) => (
          <RoomLane key={line.colonyId} line={line} axis={axis} />
        ))}
      </ul>
      {unknown.length > 0 && (
        <section aria-label="Not surveyed" className="mt-6">
          <h2 className="text-lg">Frames not surveyed</h2>
          <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
            {unknown.map(({ colonyId, name }) => (
              <li key={colonyId}>
                <Link prefetch={false} href={`/colonies/${colonyId}/frames/survey`}>
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function RoomLane({ line, axis }: { line: RoomLine; axis: Axis }) {
  const { colonyId, name, apiary, headline, isPressing, because, seenOn, proposals, supers, scale, course } = line;
  return (
    <li className="lane" data-room={name}>
      <div className="lane-words py-3">
        <h2 className="text-lg">
          <Link prefetch={false} href={`/colonies/${colonyId}/frames`}>
            {name}
          </Link>{' '}
          <span className="text-muted text-sm font-normal">{apiary}</span>
        </h2>
        <p className={isPressing ? 'text-willow font-bold' : 'font-semibold'}>{headline}</p>
        <p className="text-muted text-sm">{`${because.join('. ')}. Frames of ${dayWords(seenOn)}.`}</p>
        {scale && <p className="text-sm">{scale}</p>}
        {supers.length > 0 && <p className="text-sm">{supers.join('. ')}.</p>}
        {proposals.map(({ method, title, why }) => (
          <p key={method} className="mt-1 text-sm">
            <Link prefetch={false} href={`/colonies/${colonyId}/board/${method}`} className="font-bold">
              {title}
            </Link>
            {`: ${why}`}
          </p>
        ))}
      </div>
      <div className="lane-time min-h-32">
        <RoomBand name={name} course={course} axis={axis} />
      </div>
    </li>
  );
}
