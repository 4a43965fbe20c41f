import Link from 'next/link';
import type { ProgrammeView, UnitView } from '../../views/programme-view';
import { DueList } from '../due/DueList';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { EndProgramme } from './EndProgramme';
import { Steps } from './Steps';
import { Story } from './Story';
import { WaysOut } from './WaysOut';

interface Props {
  readonly view: ProgrammeView;
  readonly note: string;
  /** Where its frames are planned or worked off; null: it moves none. */
  readonly framesPath: string | null;
  readonly axis: Axis;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
}

/** A method that was started: what each unit needs next, the steps, and what became of it so far. */
export function ProgrammePage({ view, note, framesPath, axis, minute }: Props) {
  const { id, title, begun, status, cautions, steps, units, story, waysOut } = view;
  const colony = { id: view.colonyId, name: view.colonyName };
  return (
    <>
      <RulerHead axis={axis} title={title} below={`${begun}. ${status}`} />
      <p className="mt-1">
        <Link prefetch={false} href={`/paper/programme/${id}`}>
          Sheet to print, with its steps and dates
        </Link>
      </p>
      <ul>
        {units.map((unit) => (
          <UnitLane key={unit.colonyId} unit={unit} axis={axis} minute={minute} />
        ))}
      </ul>
      {waysOut && <WaysOut {...waysOut} />}
      <div className="grid gap-x-10 wide:grid-cols-2">
        <section aria-label="Steps" className="mt-5">
          <h2 className="border-t-2 border-ink pt-2 text-lg">Steps at the hive</h2>
          <ul className="border-propolis my-2 border-l-4 pl-3 text-sm">
            {cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
          <Steps programmeId={id} title={title} colony={colony} steps={steps} minute={minute} />
          {framesPath && (
            <p className="mt-2">
              <Link prefetch={false} href={framesPath}>
                Which frame goes where?
              </Link>
            </p>
          )}
          {note && <p className="text-muted mt-2 whitespace-pre-line">“{note}”</p>}
        </section>
        <section aria-label="So far" className="mt-5">
          <h2 className="border-t-2 border-ink pt-2 text-lg">So far</h2>
          <Story lines={story} />
        </section>
      </div>
      <EndProgramme key={view.on} view={view} note={note} today={minute.slice(0, 10)} />
    </>
  );
}

function UnitLane({ unit, axis, minute }: { unit: UnitView; axis: Axis; minute: string }) {
  const {
    colonyId,
    colonyName,
    apiary,
    stand,
    unit: role,
    situation,
    gets,
    due,
    leaveShutWords,
    broodlessWords,
    flights,
    marks,
  } = unit;
  return (
    <li className="lane" data-unit={role}>
      <div className="lane-words py-2">
        <p className="flex flex-wrap items-baseline gap-x-2">
          <Link
            prefetch={false}
            href={`/colonies/${colonyId}`}
            className="font-display text-lg font-bold no-underline hover:underline"
          >
            {colonyName}
          </Link>
          <span className="text-muted text-sm">{[role, apiary, stand].filter(Boolean).join(' · ')}</span>
        </p>
        <p className="text-sm font-semibold">{situation}</p>
        {gets && <p className="text-muted text-sm">Has {gets}.</p>}
        {leaveShutWords && <p className="text-indigo text-sm font-bold">{leaveShutWords}</p>}
        {flights && <p className="text-sm font-semibold">{flights}</p>}
        {broodlessWords && <p className="text-muted text-sm">{broodlessWords}</p>}
        <DueList due={due} at={unit} minute={minute} />
      </div>
      <TimeStrip axis={axis} marks={marks} name={`${colonyName}, ${role}`} />
    </li>
  );
}
