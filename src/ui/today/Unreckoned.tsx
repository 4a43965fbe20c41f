import Link from 'next/link';
import type { NamedColony } from '../../views/all-apiaries';
import { unreckonedPhrases } from '../../words/pages/unreckoned';

/** Colonies that cannot be worked out, and where their entries are to be read. */
export function Unreckoned({ colonies }: { readonly colonies: readonly NamedColony[] }) {
  if (colonies.length === 0) return null;
  return (
    <p role="alert" className="mt-2 max-w-prose border-l-4 border-propolis pl-3">
      {unreckonedPhrases.named(colonies.map(({ name }) => name))}{' '}
      {colonies.map(({ id, name }) => (
        <Link key={id} prefetch={false} href={`/colonies/${id}/entries`} className="mr-3 inline-block min-h-6">
          See {name}’s entries
        </Link>
      ))}
    </p>
  );
}
