import Link from 'next/link';
import type { FrameSize } from '../../core/space/frame-size';
import type { Room } from '../../core/space/room';
import type { NamedColony } from '../../views/all-apiaries';
import type { ActThen, FramesThen } from '../../views/frames-course';
import type { FramesView } from '../../views/frames-view';
import { ButtonLink } from '../controls/Button';
import { RoomBand } from '../room/RoomBand';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { CombLegend } from './CombLegend';
import { CombPatterns } from './CombPatterns';
import { FramesCourse } from './FramesCourse';
import { type FollowedFrame, KeptFrames } from './KeptFrames';
import { Stack } from './Stack';
import { SurveyHistory } from './SurveyHistory';

export interface FramesPageProps {
  readonly colony: NamedColony;
  readonly place: string;
  readonly view: FramesView;
  readonly course: Room['course'];
  /** From survey to survey. */
  readonly changes: readonly FramesThen[];
  readonly acts: readonly ActThen[];
  readonly axis: Axis;
  readonly sizes: readonly FrameSize[];
  readonly methods: readonly { readonly name: string; readonly title: string }[];
  readonly plans: readonly { readonly id: string; readonly words: string; readonly isOver: boolean }[];
  readonly surveys: readonly { readonly id: string; readonly when: string; readonly words: string }[];
  readonly deleted: readonly { readonly id: string; readonly when: string }[];
  readonly followed: readonly FollowedFrame[];
  readonly choices: readonly { readonly id: string; readonly place: string }[];
  readonly year: number;
}

/** What is in the hive, frame by frame, and what that means for her room. */
export function FramesPage(props: FramesPageProps) {
  const {
    colony,
    place,
    view,
    course,
    changes,
    acts,
    axis,
    sizes,
    methods,
    plans,
    surveys,
    deleted,
    followed,
    choices,
    year,
  } = props;
  const { hive, knownFrom, queenFrameId, keptCellFrames, cellFrames } = view;
  const open = plans.filter(({ isOver }) => !isOver);
  return (
    <>
      <CombPatterns />
      <RulerHead
        axis={axis}
        colonyId={colony.id}
        title={`Frames of ${colony.name}`}
        below={
          <p className="flex flex-wrap gap-x-4">
            <span>{place}</span>
            <Link prefetch={false} href={`/colonies/${colony.id}`}>
              {`Back to ${colony.name}`}
            </Link>
          </p>
        }
      />
      <div className="lane">
        <div className="lane-words py-3">
          <RoomSaid view={view} />
        </div>
        <div className="lane-time min-h-36">
          <RoomBand name={colony.name} course={course} axis={axis} />
        </div>
      </div>
      <div className="mt-4 grid gap-x-10 gap-y-6 wide:grid-cols-[28rem_minmax(0,1fr)]">
        <div>
          <Stack
            hive={hive}
            sizes={sizes}
            weighs={view.weighs}
            marks={{
              queenFrameId,
              keptCellFrames: new Set(keptCellFrames),
              cellFrames: new Set(cellFrames),
            }}
          />
          <p className="text-muted mt-1 text-sm">{knownFrom}</p>
          <CombLegend />
        </div>
        <div>
          <p className="mt-4">
            <ButtonLink href={`/colonies/${colony.id}/frames/survey`} kind="act">
              Survey the frames
            </ButtonLink>
          </p>
          {open.length > 0 && (
            <section aria-label="To be done" className="mt-5">
              <h2 className="text-lg">Frame moves to do</h2>
              <ul>
                {open.map(({ id, words }) => (
                  <li key={id}>
                    <Link prefetch={false} href={`/frame-plans/${id}`}>
                      {words}
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section aria-label="Move frames" className="mt-5">
            <h2 className="text-lg">Which frame goes where?</h2>
            <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
              {methods.map(({ name, title }) => (
                <li key={name}>
                  <Link prefetch={false} href={`/colonies/${colony.id}/board/${name}`} className="inline-block py-1">
                    {title}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
          <KeptFrames followed={followed} choices={choices} year={year} />
          <FramesCourse course={changes} acts={acts} />
          <SurveyHistory surveys={surveys} deleted={deleted} />
        </div>
      </div>
    </>
  );
}

/** How much room she has, and what it rests on. */
function RoomSaid({ view: { room, triggers } }: { view: FramesView }) {
  const lines = [
    ...room.because,
    ...(triggers.topBoxCovered === null
      ? []
      : [
          `Bees cover ${Math.round(triggers.topBoxCovered * 100)}% of the top brood box${triggers.addBox ? ': time for another' : ''}`,
        ]),
    ...(triggers.supersFull === null
      ? []
      : [`Supers ${Math.round(triggers.supersFull * 100)}% full${triggers.addSuper ? ': time for another' : ''}`]),
    ...(triggers.ripeSupers.length === 0
      ? []
      : [
          triggers.ripeSupers.length === 1
            ? 'One super is ready to take off'
            : `${triggers.ripeSupers.length} supers are ready to take off`,
        ]),
  ];
  return (
    <section aria-label="Room">
      <h2 className={`text-xl ${room.isPressing ? 'text-willow' : ''}`}>{room.headline}</h2>
      <ul className="mt-1 text-sm">
        {lines.map((line) => (
          <li key={line} className="before:mr-2 before:content-['–']">
            {line}
          </li>
        ))}
      </ul>
    </section>
  );
}
