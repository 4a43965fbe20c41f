import Link from 'next/link';
import type { EntryChange } from '../../views/colony-records';
import type { InspectionView } from '../../views/colony-view';
import { minuteWords } from '../../words/days';
import { PutBack } from '../controls/PutBack';
import { DeleteInspection } from './DeleteInspection';

interface Props {
  readonly colonyId: string;
  readonly looks: readonly InspectionView[];
  /** How many there are in all. */
  readonly inAll: number;
  readonly changes: readonly EntryChange[];
  readonly photos: readonly { readonly id: string; readonly inspectionId: string }[];
  readonly deleted: readonly { readonly id: string; readonly at: string }[];
}

/** All inspections, newest first, with how each was corrected since. */
export function LookHistory({ colonyId, looks, inAll, changes, photos, deleted }: Props) {
  return (
    <section aria-label="Inspections">
      <ol>
        {looks.map(({ id, when, reading, how, cells, note }) => (
          <li key={id} className="border-b border-line py-2">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <b>{when}</b>
              <span className="font-semibold">{reading}</span>
              <span className="ml-auto flex gap-3 text-sm">
                <Link
                  prefetch={false}
                  href={`/colonies/${colonyId}/inspect/${id}`}
                  className="text-muted hover:text-ink"
                >
                  correct
                </Link>
                <DeleteInspection id={id} when={when} />
              </span>
            </p>
            <p className="text-muted text-sm">{how}</p>
            {cells && <p className="text-sm">{cells}</p>}
            {note && <p className="text-sm whitespace-pre-line">“{note}”</p>}
            <Photos photos={photos.filter(({ inspectionId }) => inspectionId === id)} when={when} />
            <Changes changes={changes.filter(({ entityId }) => entityId === id)} />
          </li>
        ))}
      </ol>
      {looks.length < inAll && (
        <p className="py-2">
          <Link prefetch={false} href={`/colonies/${colonyId}?looks=all`}>
            {`${inAll - looks.length} older ones`}
          </Link>
        </p>
      )}
      {deleted.map(({ id, at }) => (
        <p key={id} className="text-muted border-b border-line py-2 text-sm">
          Entry of {minuteWords(at)} deleted. <PutBack path={`/api/inspections/${id}`} />
        </p>
      ))}
    </section>
  );
}

function Photos({ photos, when }: { photos: Props['photos']; when: string }) {
  if (photos.length === 0) return null;
  return (
    <p className="mt-1 flex flex-wrap gap-2">
      {photos.map(({ id }, i) => (
        <a key={id} href={`/api/photos/${id}`}>
          {/* biome-ignore lint/performance/noImgElement: it is small already, and comes from this server */}
          <img
            src={`/api/photos/${id}`}
            alt={`Frame ${i + 1}, ${when}`}
            loading="lazy"
            className="h-20 border border-ink"
          />
        </a>
      ))}
    </p>
  );
}

function Changes({ changes }: { changes: readonly EntryChange[] }) {
  if (changes.length === 0) return null;
  return (
    <ul className="text-muted text-sm italic">
      {changes.map(({ id, action, at }) => (
        <li key={id}>{`${action} ${minuteWords(at)}`}</li>
      ))}
    </ul>
  );
}
