import Link from 'next/link';
import type { ApiaryEntry, ColonyEntry, WhyUnreckoned } from '../../views/all-apiaries';
import type { EnteredView } from '../../views/entries-view';
import { ButtonLink } from '../controls/Button';
import { BUTTON } from '../controls/styles';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';

interface Props {
  readonly colony: ColonyEntry;
  readonly apiary: ApiaryEntry;
  /** Why it cannot be worked out; null: it can. */
  readonly why: WhyUnreckoned | null;
  readonly entries: readonly EnteredView[];
  readonly axis: Axis;
}

/** A colony's inspections as they were entered, with nothing concluded from them: what is left of one that cannot be worked out. */
export function EntriesPage({ colony, apiary, why, entries, axis }: Props) {
  return (
    <>
      <RulerHead axis={axis} colonyId={colony.id} title={colony.name} below={`${apiary.name} · what was entered`} />
      {why && (
        <section role="alert" className="mt-3 max-w-prose border-l-4 border-propolis pl-3">
          <h2 className="text-lg">How it stands cannot be worked out</h2>
          <p className="mt-1">
            That is a fault in Ubbet, not in your records: everything entered is safe, and can be read and corrected
            here. Until it is mended, nothing is said about this colony anywhere else. Go by your own notes.
          </p>
          <p className="mt-2">
            An entry with a date that is far off may have caused it: correct that first. If it stays, download the
            season file and send it to somebody who looks after Ubbet.
          </p>
        </section>
      )}
      <p className="mt-3 flex flex-wrap gap-2">
        <ButtonLink href={`/colonies/${colony.id}/inspect`} kind="strong">
          Enter an inspection
        </ButtonLink>
        <a href="/api/season/export" download className={BUTTON.plain}>
          Download the season file
        </a>
        {why === null && (
          <ButtonLink href={`/colonies/${colony.id}`} kind="plain">
            How it stands
          </ButtonLink>
        )}
      </p>
      {entries.length === 0 && <p className="mt-4">No inspection was entered.</p>}
      <ol className="mt-4 grid max-w-2xl gap-4">
        {entries.map(({ id, when, lines }) => (
          <li key={id} className="border-t-2 border-ink pt-1">
            <h2 className="flex items-baseline gap-4 text-lg">
              {when}
              <Link
                prefetch={false}
                href={`/colonies/${colony.id}/inspect/${id}`}
                className="font-sans text-sm font-normal underline"
              >
                correct
              </Link>
            </h2>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-sm">
              {lines.map(({ label, value }) => (
                <div key={label} className="contents">
                  <dt className="text-muted">{label}</dt>
                  <dd>{value}</dd>
                </div>
              ))}
            </dl>
          </li>
        ))}
      </ol>
    </>
  );
}
