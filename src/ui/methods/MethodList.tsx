import Link from 'next/link';
import type { HandbookList } from '../../views/handbook';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';

/** All methods by what they are for. */
export function MethodList({ lists }: { lists: readonly HandbookList[] }) {
  return (
    <>
      <PageHead title="Methods" below="When each fits, how it is done, and what follows." />
      <Views of="learn" />
      {lists.map(({ kind, methods }) => (
        <section key={kind} aria-label={kind} className="mt-5 max-w-4xl">
          <h2 className="border-t-2 border-ink pt-1 text-lg">{kind}</h2>
          <ul>
            {methods.map(({ name, title, fitsWhen }) => (
              <li key={name} className="grid gap-x-6 border-b border-line py-2 wide:grid-cols-[20rem_1fr]">
                <Link prefetch={false} href={`/methods/${name}`} className="font-bold">
                  {title}
                </Link>
                <span>{fitsWhen}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
