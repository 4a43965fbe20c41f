import { ChevronLeft, ChevronRight } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { day } from '../../core/calendar/day';
import type { FoodFact } from '../../core/food/food';
import type { FrameSize } from '../../core/space/frame-size';
import type { ApiaryEntry, ColonyEntry, NamedColony } from '../../views/all-apiaries';
import type { EntryChange, QueenLine } from '../../views/colony-records';
import type { ColonyView } from '../../views/colony-view';
import type { DueAt } from '../../views/due-view';
import type { FramesView } from '../../views/frames-view';
import type { MeasuredNotes } from '../../views/measured-notes';
import type { MoveLine } from '../../views/moves-view';
import type { WayOutView } from '../../views/programme-view';
import type { MeantNow } from '../../views/season-plan-view';
import { dayWords } from '../../words/days';
import { BUTTON } from '../controls/styles';
import { FeedPanel } from '../food/FeedPanel';
import { WaysOut } from '../programme/WaysOut';
import { MeantHere } from '../season-plan/MeantHere';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { CellList } from './CellList';
import { EvidencePanel } from './EvidencePanel';
import { FramesPanel } from './FramesPanel';
import { LookHistory } from './LookHistory';
import { MeasuredPanel } from './MeasuredPanel';
import { Moves } from './Moves';
import { ProgrammeLinks } from './ProgrammeLinks';
import { QueenPanel } from './QueenPanel';
import { ReadingPanel } from './ReadingPanel';

export interface ColonyPageProps {
  readonly colony: ColonyEntry;
  readonly apiary: ApiaryEntry;
  readonly view: ColonyView;
  readonly notes: MeasuredNotes;
  /** What is meant with it by the plan of the season. */
  readonly meant: readonly MeantNow[];
  /** Food given and honey taken, newest first, and why its food is asked about. */
  readonly food: { readonly last: readonly FoodFact[]; readonly asked: string | null };
  readonly axis: Axis;
  readonly at: DueAt;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
  readonly waysOut: readonly WayOutView[] | null;
  /** Null where its frames were never surveyed. */
  readonly frames: FramesView | null;
  readonly sizes: readonly FrameSize[];
  readonly corrected: readonly MoveLine[];
  readonly takenBack: readonly { readonly id: string; readonly title: string; readonly on: string }[];
  readonly queens: readonly QueenLine[];
  /** Its former names and places, in order of time. */
  readonly former: readonly {
    readonly id: string;
    readonly name: string;
    readonly apiary: string;
    readonly stand: string;
    readonly until: string;
  }[];
  /** Those of the view may be the newest only. */
  readonly looksInAll: number;
  readonly changes: readonly EntryChange[];
  readonly photos: readonly { readonly id: string; readonly inspectionId: string }[];
  readonly deleted: readonly { readonly id: string; readonly at: string }[];
  readonly previous: NamedColony | null;
  readonly next: NamedColony | null;
  readonly parent: NamedColony | null;
  readonly children: readonly NamedColony[];
}

/** What is going on in there? */
export function ColonyPage(props: ColonyPageProps) {
  const { colony, apiary, view, axis, at, minute, waysOut, corrected, takenBack, queens, changes, photos, deleted } =
    props;
  const { previous, next, parent, children, frames, sizes, former, looksInAll, notes, meant, food } = props;
  const isPressing = view.due[0]?.code === 'act';
  return (
    <>
      <RulerHead
        axis={axis}
        apiaryId={apiary.id}
        title={colony.name}
        below={
          <p className="flex flex-wrap gap-x-3">
            <span>{[apiary.name, colony.stand].filter(Boolean).join(', ')}</span>
            {previous && (
              <ColonyLink
                colony={previous}
                before={<ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />}
              />
            )}
            {next && (
              <ColonyLink
                colony={next}
                after={<ChevronRight aria-hidden="true" className="inline size-5" strokeWidth={3} />}
              />
            )}
          </p>
        }
      />
      <div className="lane">
        <div className="lane-words py-3">
          <ReadingPanel view={view} at={at} minute={minute} />
          <MeasuredPanel colony={colony} notes={notes} />
          <ProgrammeLinks lines={view.programmes} takenBack={takenBack} />
          <MeantHere meant={meant} />
          <div className="mt-3 flex flex-wrap items-center gap-2">
            <Link
              prefetch={false}
              href={`/colonies/${colony.id}/decide`}
              className={isPressing ? BUTTON.act : BUTTON.plain}
            >
              What are my choices?
            </Link>
            <Link
              prefetch={false}
              href={`/colonies/${colony.id}/inspect`}
              className={isPressing ? BUTTON.plain : BUTTON.act}
            >
              Enter an inspection
            </Link>
            <Link prefetch={false} href={`/colonies/${colony.id}/edit`} className={`${BUTTON.quiet} px-2 py-3`}>
              Edit colony
            </Link>
            {view.isUnseen && (
              <Link prefetch={false} href={`/colonies/${colony.id}/begun`} className={BUTTON.plain}>
                A method is under way
              </Link>
            )}
            <Link prefetch={false} href={`/colonies/${colony.id}/share`} className={`${BUTTON.quiet} px-2 py-3`}>
              Page to share
            </Link>
            {view.due.length > 0 && (
              <Link
                prefetch={false}
                href={`/rounds/${apiary.id}?hive=${colony.id}`}
                className={`${BUTTON.quiet} px-2 py-3`}
              >
                Sheet for a helper
              </Link>
            )}
          </div>
        </div>
        <TimeStrip axis={axis} marks={view.overview} name={`${colony.name}, what is due`} />
      </div>
      <div className="grid gap-x-10 wide:grid-cols-[var(--words)_minmax(0,1fr)]">
        {view.reading ? <EvidencePanel reading={view.reading} readThen={view.readThen} /> : <div />}
        <QueenPanel
          colonyId={colony.id}
          words={view.queen}
          lastLaid={view.lastLaid}
          flights={view.flights}
          lines={queens}
        />
      </div>
      {waysOut && <WaysOut colonyId={colony.id} colonyName={colony.name} ways={waysOut} />}
      <FeedPanel colony={colony} minute={minute} last={food.last} asked={food.asked} />
      <CellList cells={view.cells} axis={axis} />
      <FramesPanel colony={colony} frames={frames} sizes={sizes} />
      <div className="grid gap-x-10 wide:grid-cols-2">
        <LookHistory
          colonyId={colony.id}
          looks={view.looks}
          inAll={looksInAll}
          changes={changes}
          photos={photos}
          deleted={deleted}
        />
        <div>
          <Moves moves={[...corrected, ...view.moves]} />
          {(parent || children.length > 0 || colony.note || former.length > 0) && (
            <section className="mt-6">
              <h2 className="border-t-2 border-ink pt-2 text-lg">Colony</h2>
              {parent && (
                <p>
                  Came from <ColonyLink colony={parent} />.
                </p>
              )}
              {children.length > 0 && (
                <p>
                  Split from it:{' '}
                  {children.map((child, i) => (
                    <span key={child.id}>
                      {i > 0 && ', '}
                      <ColonyLink colony={child} />
                    </span>
                  ))}
                  .
                </p>
              )}
              {former.map(({ id, name, apiary: place, stand, until }) => (
                <p key={id} className="text-muted text-sm">
                  {`Until ${dayWords(day(until))}: ${[name, place, stand].filter(Boolean).join(', ')}.`}
                </p>
              ))}
              {colony.note && <p className="text-muted whitespace-pre-line">{colony.note}</p>}
            </section>
          )}
        </div>
      </div>
    </>
  );
}

function ColonyLink({ colony, before, after }: { colony: NamedColony; before?: ReactNode; after?: ReactNode }) {
  return (
    <Link prefetch={false} href={`/colonies/${colony.id}`}>
      {before}
      {colony.name}
      {after}
    </Link>
  );
}
