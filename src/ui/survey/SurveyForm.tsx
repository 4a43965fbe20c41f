'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute, formatDay, parseDay } from '../../core/calendar/day';
import { coveredByBox } from '../../core/space/covered';
import { sizeOf } from '../../core/space/frame-size';
import { type Box, framesOf } from '../../core/space/hive';
import type { Flow, RoomFigures } from '../../core/space/nectar';
import type { LaidBefore } from '../../core/space/room';
import { draftKey } from '../../device/stored-draft';
import { boxesToSurvey, placesToSurvey, type SurveyDraft, surveyOf } from '../../device/survey-draft';
import { boxTitle } from '../../words/boxes';
import { linesAsText } from '../../words/entry-lines';
import type { IssueInWords } from '../../words/issues';
import { surveyLines } from '../../words/survey-lines';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Choice } from '../controls/Choice';
import { FIELD } from '../controls/styles';
import { WhenFields } from '../controls/WhenFields';
import { IssueList } from '../entry/IssueList';
import { CombLegend } from '../frames/CombLegend';
import { CombPatterns } from '../frames/CombPatterns';
import { useLoaded } from '../loading/useLoaded';
import { useSoon } from '../loading/useSoon';
import { KeptNowhere } from '../offline/KeptNowhere';
import { TakenUp } from '../offline/TakenUp';
import { type SaidState, useSay } from '../offline/useSay';
import { PageHead } from '../time/PageHead';
import { BoxSettings } from './BoxSettings';
import { BrushPalette } from './BrushPalette';
import type { Brush } from './brush';
import { PaintBox } from './PaintBox';
import { useSurveyDraft } from './useSurveyDraft';

interface Props {
  readonly colonyName: string;
  readonly placeName: string;
  readonly begin: SurveyDraft;
  /** Says from which survey the frames were carried forward; null: they were not. */
  readonly carriedFrom: string | null;
  readonly figures: RoomFigures;
  /** What earlier surveys tell of how she lays. */
  readonly before: LaidBefore;
  readonly usual: { readonly brood: string; readonly super: string };
  readonly now: string;
  /** What the scale under it says of the flow, by which the answer is filled in; null or absent: it stands on none. */
  readonly flowHint?: string | null;
  /** Why it came back, where it did. */
  readonly refusedFor?: readonly IssueInWords[];
  readonly onSaved: (state: SaidState) => void;
}

// What the frames come to, and the other manner of entering them, come after what is entered first.
const loadRoomWords = () => import('../../words/room');
const loadCountBox = () => import('./CountBox').then((module) => module.CountBox);
const CountBox = dynamic(loadCountBox, { ssr: false });
const SOON = [loadCountBox];

const ON_TOP = [
  { field: 'feeder', name: 'A feeder stands on top' },
  { field: 'topEntrance', name: 'They fly from the top as well' },
] as const;

/** What is on the frames? Counted by what most of each holds, or painted frame by frame. */
export function SurveyForm({
  colonyName,
  placeName,
  begin,
  carriedFrom,
  figures,
  before,
  usual,
  now,
  flowHint = null,
  refusedFor,
  onSaved,
}: Props) {
  useSoon(SOON);
  const { draft, change, undo, takenUpFrom, beginAnew, forget, isKept } = useSurveyDraft(
    begin,
    draftKey.survey(begin.colonyId, refusedFor ? begin.id : null),
  );
  const { issues, isSaying, isNowhere, say } = useSay({ id: begin.colonyId, name: colonyName });
  const [missing, setMissing] = useState<readonly IssueInWords[]>([]);
  const [brush, setBrush] = useState<Brush>({ reach: 'frame', fill: 'brood' });
  const { hive, manner } = draft;
  const { sizes } = figures;
  const byBox = coveredByBox(hive);
  const toSurvey = boxesToSurvey(draft);
  const on = parseDay(draft.at.slice(0, 10)) ?? dayOfMinute(now);

  const submit = async () => {
    const path = (boxId: string) => ['hive', 'boxes', hive.boxes.findIndex(({ id }) => id === boxId)];
    const found = toSurvey.map((boxId): IssueInWords => {
      const box = hive.boxes.find(({ id }) => id === boxId);
      return {
        path: path(boxId),
        code: 'missing',
        message: box ? toSurveyWords(boxTitle(hive, box), box, placesToSurvey(box, draft.counts[boxId])) : '',
      };
    });
    setMissing(found);
    if (found.length > 0) return;
    const said = await say('survey', surveyOf(draft), 'Frames surveyed');
    if (said === 'refused') return;
    forget();
    onSaved(said);
  };

  const isEntered = toSurvey.length === 0;
  const words = useLoaded(loadRoomWords);
  const room =
    isEntered && words ? words.surveyRoomWords({ on, hive, manner, flow: draft.flow }, figures, before, on) : null;
  const headline = isEntered ? (room?.headline ?? '…') : 'Some boxes still to enter';
  const addBox = (role: 'brood' | 'super') => {
    const size = sizeOf(role === 'brood' ? usual.brood : usual.super, sizes);
    change({ type: 'add-box', role, id: newId(), size: size.id, places: size.places });
  };

  return (
    <>
      <CombPatterns />
      <PageHead
        isSticky={false}
        title={`Frames of ${colonyName}`}
        below={[placeName, 'from the left, seen from behind the hive'].filter(Boolean).join(' · ')}
      />
      <form
        noValidate
        className="grid gap-x-10 wide:grid-cols-[minmax(0,36rem)_minmax(0,1fr)]"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <div className="min-w-0">
          <IssueList issues={[...missing, ...(issues.length > 0 ? issues : (refusedFor ?? []))]} />
          {(isNowhere || !isKept) && <KeptNowhere text={linesAsText(colonyName, surveyLines(surveyOf(draft)))} />}
          {takenUpFrom !== null && <TakenUp from={takenUpFrom} onAnew={beginAnew} />}
          {carriedFrom && <p className="mt-3 border-l-4 border-wax pl-3">{carriedFrom}</p>}
          <Choice<SurveyDraft['manner']>
            legend="How will you enter it?"
            options={[
              { value: 'counts', name: 'count frames', hint: 'by what most of each holds' },
              { value: 'frames', name: 'frame by frame', hint: 'painted' },
            ]}
            value={manner}
            onChange={(next) =>
              change({ type: 'manner', manner: next, newIds: Array.from({ length: 60 }, () => newId()) })
            }
          />
          {manner === 'frames' && <BrushPalette brush={brush} onChange={setBrush} />}
          {[...hive.boxes].reverse().map((box) => (
            <section key={box.id} aria-label={boxTitle(hive, box)} className="mt-4 border-t-2 border-ink pt-2">
              <BoxSettings
                box={box}
                title={boxTitle(hive, box)}
                sizes={sizes}
                canDrop={box.role === 'super' || hive.boxes.filter(({ role }) => role === 'brood').length > 1}
                isLowest={box === hive.boxes[0]}
                change={change}
              />
              {manner === 'counts' && (draft.counts[box.id] !== undefined || box.frames.length === 0) ? (
                <CountBox box={box} name={boxTitle(hive, box)} counts={draft.counts[box.id]} change={change} />
              ) : (
                <>
                  <PaintBox
                    box={box}
                    name={boxTitle(hive, box)}
                    brush={brush}
                    queenFrameId={draft.queenFrameId}
                    change={change}
                  />
                  {manner === 'counts' && (
                    <Button
                      kind="plain"
                      className="mt-2 min-h-12"
                      onClick={() => change({ type: 'clear-box', boxId: box.id })}
                    >
                      Count this box anew
                    </Button>
                  )}
                </>
              )}
            </section>
          ))}
          <div className="mt-4 flex flex-wrap gap-2">
            <Button kind="plain" className="min-h-12" onClick={() => addBox('brood')}>
              + brood box
            </Button>
            <Button kind="plain" className="min-h-12" onClick={() => addBox('super')}>
              + super
            </Button>
          </div>
          <div className="mt-2 flex flex-wrap gap-x-6">
            {ON_TOP.map(({ field, name }) => (
              <Check
                key={field}
                name={name}
                value={hive[field] ?? false}
                onChange={(isOn) => change({ type: 'set-hive', fields: { [field]: isOn } })}
              />
            ))}
          </div>
          {manner === 'frames' && <CombLegend />}
        </div>
        <div className="min-w-0 pb-28 wide:pb-0">
          <div className="wide:sticky wide:top-4">
            <div aria-live="polite" className="mt-4 border-l-4 border-willow pl-4">
              <p className="font-display text-willow text-xl font-bold">{headline}</p>
              {room && (
                <ul className="text-muted text-sm">
                  {room.because.map((line) => (
                    <li key={line} className="before:mr-2 before:content-['–']">
                      {line}
                    </li>
                  ))}
                </ul>
              )}
            </div>
            <Choice<Flow>
              legend="Nectar coming in?"
              options={[
                { value: 'none', name: 'none' },
                { value: 'light', name: 'some' },
                { value: 'strong', name: 'the main flow' },
              ]}
              value={draft.flow}
              onChange={(flow) => change({ type: 'set', fields: { flow } })}
            />
            {flowHint && <p className="text-muted mt-1 text-sm">{flowHint}</p>}
            <div className="mt-4 grid grid-cols-2 gap-2">
              <label>
                <span className="font-display text-lg font-bold">Seams covered in all</span>
                <input
                  type="number"
                  inputMode="numeric"
                  min={0}
                  max={60}
                  className={FIELD}
                  // Counted by box, they are those together.
                  disabled={byBox !== null}
                  value={byBox ?? draft.coveredSeams ?? ''}
                  placeholder="not counted"
                  onChange={({ target: { value } }) =>
                    change({ type: 'set', fields: { coveredSeams: value === '' ? null : Number(value) } })
                  }
                />
              </label>
              <label>
                <span className="font-display text-lg font-bold">Queen seen on</span>
                <select
                  className={FIELD}
                  value={draft.queenFrameId ?? ''}
                  onChange={({ target: { value } }) =>
                    change({ type: 'set', fields: { queenFrameId: value === '' ? null : value } })
                  }
                >
                  <option value="">not seen</option>
                  {hive.boxes.map((box) =>
                    box.frames.map((frame, i) => (
                      <option key={frame.id} value={frame.id}>{`${boxTitle(hive, box)}, frame ${i + 1}`}</option>
                    )),
                  )}
                </select>
              </label>
              <WhenFields
                at={draft.at}
                latestDay={formatDay(dayOfMinute(now))}
                onChange={(at) => change({ type: 'set', fields: { at } })}
              />
            </div>
            <label className="mt-4 block">
              <span className="font-display text-lg font-bold">Note</span>
              <textarea
                rows={2}
                className={FIELD}
                value={draft.note}
                onChange={({ target: { value } }) => change({ type: 'set', fields: { note: value } })}
              />
            </label>
            <div className="fixed inset-x-0 bottom-0 z-20 grid grid-cols-[auto_1fr] gap-2 border-t-4 border-willow bg-ground px-4 py-2 wide:static wide:mt-4 wide:border-0 wide:px-0">
              <p className="text-willow col-span-2 leading-tight font-bold wide:hidden" aria-hidden="true">
                {headline}
              </p>
              <Button kind="plain" className="min-h-12" disabled={!undo} onClick={() => undo?.()}>
                Undo
              </Button>
              <Button
                type="submit"
                kind="strong"
                className="min-h-12"
                disabled={isSaying || framesOf(hive).length === 0}
              >
                {isSaying ? 'Saving …' : 'Save the frames'}
              </Button>
            </div>
          </div>
        </div>
      </form>
    </>
  );
}

/** What is still to be said of a box before it can be saved. */
function toSurveyWords(title: string, { places }: Box, toSurvey: number): string {
  if (toSurvey === places) return `${title}: enter what is on its frames, or leave the box out.`;
  return `${title}: ${toSurvey} of ${places} places ${toSurvey === 1 ? 'is' : 'are'} missing. Enter what hangs there, that you did not look, or that there is no frame.`;
}
