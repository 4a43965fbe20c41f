import Link from 'next/link';
import type { FoodNote } from '../../views/food-view';

/** Colonies whose food is asked about: young ones without a flow, and those with little before cold days. */
export function FoodAskedList({ notes }: { readonly notes: readonly FoodNote[] }) {
  if (notes.length === 0) return null;
  return (
    <section aria-label="Food" className="mt-2 border-l-4 border-line pl-3 text-sm">
      {notes.map(({ colonyId, name, words }) => (
        <p key={colonyId} className="max-w-prose">
          <Link prefetch={false} href={`/colonies/${colonyId}#food`} className="inline-block min-h-6 font-bold">
            {name}
          </Link>{' '}
          {words}
        </p>
      ))}
    </section>
  );
}
