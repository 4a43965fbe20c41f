'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import { entryOf } from '../../device/draft';
import type { NeedyColony } from '../../views/cells-view';
import { inspectionLines } from '../../words/inspection-lines';
import { useSoon } from '../loading/useSoon';
import { ClockOff } from '../offline/ClockOff';
import { KeptNowhere } from '../offline/KeptNowhere';
import { type Axis, axisAround } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { AskedBeforeSaving, SURE, SURE_OF } from './AskedBeforeSaving';
import { CONTRADICTIONS } from './contradictions';
import { DueHere } from './DueHere';
import { IssueList } from './IssueList';
import { KnownCells } from './KnownCells';
import { LastVisits } from './LastVisits';
import { LookedFor, loadWhichQueen } from './LookedFor';
import { NewCells } from './NewCells';
import { NoteField } from './NoteField';
import { Problem } from './Problem';
import { type EntryAsked, loadReckoner, useInspectionEntry } from './useInspectionEntry';
import { WhatItMeans } from './WhatItMeans';
import { WhenInspected } from './WhenInspected';

// What is below the fold, not on a phone, or follows from what is tapped comes after the rest. All of it is kept for the hive.
const TwoVersions = dynamic(() => import('../offline/TwoVersions').then((module) => module.TwoVersions), {
  ssr: false,
});
const PhotoField = dynamic(() => import('./PhotoField').then((module) => module.PhotoField), { ssr: false });
const TakenUp = dynamic(() => import('../offline/TakenUp').then((module) => module.TakenUp), { ssr: false });
const loadMoreSeen = () => import('./MoreSeen').then((module) => module.MoreSeen);
const MoreSeen = dynamic(loadMoreSeen, { ssr: false });
const loadTakingDown = () => import('./TakingDown').then((module) => module.TakingDown);
const TakingDown = dynamic(loadTakingDown, { ssr: false });
const SOON = [loadReckoner, loadTakingDown, loadWhichQueen, loadMoreSeen, ...CONTRADICTIONS];

interface Props extends EntryAsked {
  readonly placeName: string;
  /** Colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
}

/** Enter an inspection: taps only, in any order, with the reading building up as it goes. */
export function InspectionForm(props: Props) {
  const { colonyName, placeName, now, needy, onSaved } = props;
  useSoon(SOON);
  const entry = useInspectionEntry(props);
  const { draft, change, set, reading, on, today, issues, problemAt, labelOf, searched, live, asked, save } = entry;
  const { isCorrection, isAside, takenUpFrom, beginAnew } = entry;
  const { shut, known, price, outOf, isTwoParts } = reading;
  const [isMore, setMore] = useState(isCorrection);
  const axis: Axis = { ...axisAround(reading.axisDay), today: dayOfMinute(now) };
  return (
    <>
      <RulerHead
        axis={axis}
        colonyId={draft.colonyId}
        isSticky={false}
        title={colonyName}
        below={[placeName, isCorrection ? 'correcting an entry; what it said before is kept' : 'what did you see?']
          .filter(Boolean)
          .join(' · ')}
      />
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
        className="grid wide:grid-cols-[var(--words)_minmax(0,1fr)]"
      >
        <div className="pb-44 wide:pr-5 wide:pb-0">
          <IssueList issues={issues} />
          {!isAside && <ClockOff />}
          {issues.some(({ code }) => code === 'changed-meanwhile') && searched !== null && (
            <TwoVersions
              kind="inspection"
              id={draft.id}
              mine={inspectionLines(entryOf(draft, searched), labelOf)}
              labelOf={labelOf}
              onStored={() => {
                beginAnew();
                onSaved('sent');
              }}
              onMine={(version) => void save(SURE, version)}
            />
          )}
          {entry.keptNowhere && <KeptNowhere text={entry.keptNowhere()} />}
          {takenUpFrom !== null && <TakenUp from={takenUpFrom} onAnew={beginAnew} />}
          <DueHere
            shut={shut}
            due={reading.due}
            leaveShut={reading.leaveShut}
            isForced={reading.isForced}
            colony={{ id: draft.colonyId, name: colonyName }}
            minute={now}
            isOnlyTold={isAside}
          />
          <LastVisits visits={reading.visits} />
          <KnownCells cells={known} draft={draft} on={on} change={change} />
          <NewCells
            draft={draft}
            change={change}
            title={known.length > 0 ? 'New cups and cells' : 'Cups and cells'}
            hasPictures={known.length === 0}
            isTwoParts={isTwoParts}
          />
          <Problem text={problemAt('cells')} />
          {live.down.length + live.left > 0 && (
            <TakingDown
              draft={draft}
              change={change}
              needy={needy}
              price={price}
              labelOf={labelOf}
              outOf={(cellId) => outOf[cellId] ?? null}
            />
          )}
          <LookedFor entry={entry} />
          {!isAside && <WhenInspected entry={entry} />}
          <details
            className="mt-5 border-y border-line py-2"
            open={isMore}
            onToggle={(event) => setMore(event.currentTarget.open)}
          >
            <summary className="font-display cursor-pointer py-2 text-lg font-bold">More that you saw</summary>
            {isMore && <MoreSeen draft={draft} change={change} problemAt={problemAt} />}
          </details>
          <NoteField note={draft.note} onChange={(note) => set({ note })} />
          <Problem text={problemAt('note')} />
          {!isAside && <PhotoField photos={draft.photos} onChange={(photos) => set({ photos })} />}
        </div>
        <WhatItMeans entry={entry} axis={axis} />
        <AskedBeforeSaving
          asked={asked.what}
          on={on}
          today={today}
          isBeforeRecords={asked.isBeforeRecords}
          shutTo={shut?.to ?? null}
          onClose={asked.close}
          onYes={(what) => void save(SURE_OF[what])}
        />
      </form>
    </>
  );
}
