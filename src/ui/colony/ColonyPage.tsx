import { ChevronLeft, ChevronRight } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
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
import { briefPhrases } from '../../words/pages/colony-briefs';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';
import { DueList } from '../due/DueList';
import { FeedPanel } from '../food/FeedPanel';
import { WaysOut } from '../programme/WaysOut';
import { MeantHere } from '../season-plan/MeantHere';
import type { Axis } from '../time/axis';
import { groundOf } from '../time/ground';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { AboutColony, type FormerPlace } from './AboutColony';
import { CellList } from './CellList';
import { EvidencePanel } from './EvidencePanel';
import { FramesPanel } from './FramesPanel';
import { HiveSection } from './HiveSection';
import { LookHistory } from './LookHistory';
import { MeasuredPanel } from './MeasuredPanel';
import { Moves } from './Moves';
import { MethodsBefore, RunningMethods } from './ProgrammeLinks';
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
  readonly former: readonly FormerPlace[];
  /** The inspections were asked for. */
  readonly isLooksOpen: boolean;
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
  const { colony, apiary, view, axis, minute, waysOut, corrected, takenBack, queens, changes, photos, deleted } = props;
  const { previous, next, parent, children, frames, sizes, former, looksInAll, notes, meant, food } = props;
  const { briefs, reading } = view;
  const isPressing = view.due[0]?.code === 'act';
  const unexplained = view.due.slice(view.isWhyInHeadline ? 0 : 1);
  const at = { at: props.at, minute };
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
              <Neighbour
                colony={previous}
                before={<ChevronLeft aria-hidden="true" className={ARROW} strokeWidth={3} />}
              />
            )}
            {next && (
              <Neighbour colony={next} after={<ChevronRight aria-hidden="true" className={ARROW} strokeWidth={3} />} />
            )}
          </p>
        }
      />
      <div className="lane border-ink border-b-2">
        <div className="lane-words py-3">
          <ReadingPanel view={view} {...at} />
          <MeasuredPanel colony={colony} notes={notes} />
          <RunningMethods lines={view.programmes} />
          <div className="colony-acts mt-3 flex flex-wrap items-center gap-2">
            <ButtonLink href={`/colonies/${colony.id}/decide`} kind={isPressing ? 'act' : 'plain'}>
              What are my choices?
            </ButtonLink>
            <ButtonLink href={`/colonies/${colony.id}/inspect`} kind={isPressing ? 'plain' : 'act'}>
              Enter an inspection
            </ButtonLink>
            {view.isUnseen && (
              <ButtonLink href={`/colonies/${colony.id}/begun`} kind="plain">
                A method is under way
              </ButtonLink>
            )}
          </div>
        </div>
        <div className="lane-time pb-3" style={groundOf(axis)}>
          <TimeStrip axis={axis} marks={view.overview} name={`${colony.name}, what is due`} isOnGround />
          {frames && <HiveSection frames={frames} sizes={sizes} />}
        </div>
      </div>
      {waysOut && <WaysOut colonyId={colony.id} ways={waysOut} />}
      {view.toCome.length > 0 && (
        <Row
          title={briefPhrases.counted('Coming up', view.toCome.length)}
          isHeading
          isBriefOnPhone
          brief={view.toCome[0]?.words}
        >
          <DueList due={view.toCome} {...at} />
        </Row>
      )}
      {(reading || unexplained.length > 0) && (
        <Row title="Why" isHeading isBriefOnPhone brief={briefs.why ?? unexplained[0]?.why}>
          <EvidencePanel
            reading={reading}
            readThen={view.readThen}
            isAdvised={view.situation === reading?.title}
            due={unexplained}
          />
        </Row>
      )}
      <Row title="Queen" isHeading isBriefOnPhone brief={briefs.queen}>
        <QueenPanel
          colonyId={colony.id}
          words={view.queen}
          lastLaid={view.lastLaid}
          flights={view.flights}
          lines={queens}
        />
      </Row>
      <CellList cells={view.cells} briefs={briefs} axis={axis} />
      <FramesPanel colony={colony} frames={frames} />
      <FeedPanel colony={colony} minute={minute} last={food.last} asked={food.asked} />
      <Row
        title={briefPhrases.counted('Inspections', looksInAll)}
        isHeading
        isBriefOnPhone
        brief={briefs.looks}
        isOpen={props.isLooksOpen}
      >
        <LookHistory
          colonyId={colony.id}
          looks={view.looks}
          inAll={looksInAll}
          changes={changes}
          photos={photos}
          deleted={deleted}
        />
      </Row>
      <MeantHere meant={meant} />
      <MethodsBefore lines={view.programmes} takenBack={takenBack} />
      <Moves moves={[...corrected, ...view.moves]} />
      <AboutColony
        colony={colony}
        isDue={view.due.length > 0}
        flow={notes.flow}
        parent={parent}
        former={former}
        split={children}
      />
    </>
  );
}

const ARROW = 'inline size-5';

function Neighbour({ colony, before, after }: { colony: NamedColony; before?: ReactNode; after?: ReactNode }) {
  return (
    <Link prefetch={false} href={`/colonies/${colony.id}`}>
      {before}
      {colony.name}
      {after}
    </Link>
  );
}
