import Link from 'next/link';
import type { ReactNode } from 'react';
import type { NamedColony } from '../../views/all-apiaries';
import { PageHead } from '../time/PageHead';

interface Props {
  readonly today: string;
  readonly apiaries: readonly NamedColony[];
  readonly colonies: readonly NamedColony[];
  /** The lists of the next rounds. */
  readonly packing: readonly { readonly path: string; readonly name: string }[];
  /** Methods that are under way, with the colony that each was started on. */
  readonly programmes: readonly NamedColony[];
}

/** All that can be printed, for who takes paper to the hives, or has a helper without a phone. */
export function PaperPage({ today, apiaries, colonies, packing, programmes }: Props) {
  return (
    <>
      <PageHead title="On paper" below="A4 or Letter, black and white. Each page has a button that prints it." />
      <div className="max-w-3xl">
        <Part
          title="Round sheets"
          about="What is due at each hive and why, with room to write; the weather and what to bring."
        >
          {apiaries.map(({ id, name }) => (
            <Entry key={id} href={`/rounds/${id}?day=${today}`} name={name} />
          ))}
        </Part>
        <Part
          title="Blank inspection sheets"
          about="A box for each hive, in the order in which it is entered afterwards."
        >
          {apiaries.map(({ id, name }) => (
            <Entry key={id} href={`/paper/blank?apiary=${id}`} name={name} />
          ))}
          <Entry href="/paper/blank" name="without names" />
        </Part>
        <Part
          title="Cards for the hive tops"
          about="Four to a sheet: leave shut until when and why, and what comes next."
        >
          <Entry href="/paper/cards" name="all hives" />
          {apiaries.map(({ id, name }) => (
            <Entry key={id} href={`/paper/cards?apiary=${id}`} name={name} />
          ))}
        </Part>
        {packing.length > 0 && (
          <Part title="Packing lists" about="What goes along on each of the next rounds, and what is short.">
            {packing.map(({ path, name }) => (
              <Entry key={path} href={path} name={name} />
            ))}
          </Part>
        )}
        <Part title="Methods" about="Each with its steps, its dates from day 0, and what fails.">
          <Entry href="/methods" name="all methods" />
        </Part>
        {programmes.length > 0 && (
          <Part title="Methods under way" about="Each with what is done, and what comes when in each of its hives.">
            {programmes.map(({ id, name }) => (
              <Entry key={id} href={`/paper/programme/${id}`} name={name} />
            ))}
          </Part>
        )}
        <Part title="The season" about="What it came to, by colony, apiary, queen and method.">
          <Entry href="/season/looking-back" name="season report" />
        </Part>
        <Part
          title="One colony"
          about="Its history, queen, cells and what is due, for a mentor or a buyer; nothing of other colonies."
        >
          {colonies.map(({ id, name }) => (
            <Entry key={id} href={`/colonies/${id}/share`} name={name} />
          ))}
        </Part>
      </div>
    </>
  );
}

function Part({
  title,
  about,
  children,
}: {
  readonly title: string;
  readonly about: string;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-xl">{title}</h2>
      <p className="text-muted text-sm">{about}</p>
      <ul className="mt-1 flex flex-wrap gap-x-5">{children}</ul>
    </section>
  );
}

const Entry = ({ href, name }: { readonly href: string; readonly name: string }) => (
  <li>
    <Link prefetch={false} href={href} className="inline-block py-2.5 font-bold">
      {name}
    </Link>
  </li>
);
