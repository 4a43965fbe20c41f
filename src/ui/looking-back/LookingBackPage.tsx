'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { NamedColony } from '../../views/all-apiaries';
import type { ColonyBackLine, LookingBackView } from '../../views/looking-back-view';
import { DayField } from '../controls/DayField';
import { Field } from '../controls/Field';
import { type Column, SortTable } from '../controls/SortTable';
import { BUTTON } from '../controls/styles';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';

interface Props {
  readonly view: LookingBackView;
  readonly apiaries: readonly NamedColony[];
  readonly apiaryId: string;
}

const COLUMNS: readonly Column<ColonyBackLine>[] = [
  {
    id: 'name',
    header: 'Colony',
    value: ({ name }) => name,
    cell: ({ id, name }) => (
      <Link prefetch={false} href={`/colonies/${id}`}>
        {name}
      </Link>
    ),
  },
  { id: 'apiary', header: 'Apiary', value: ({ apiary }) => apiary },
  { id: 'inspections', header: 'Inspections', value: ({ inspections }) => inspections },
  { id: 'swarms', header: 'Swarms', value: ({ swarms }) => swarms },
  { id: 'casts', header: 'Casts', value: ({ casts }) => casts },
  { id: 'cells', header: 'Cells found', value: ({ cells }) => cells },
  { id: 'oldest', header: 'Oldest when found', value: ({ oldest }) => oldest },
  { id: 'methods', header: 'Methods', value: ({ methods }) => methods || null },
  { id: 'late', header: 'Checks late', value: ({ late }) => late },
];

/** What did the season come to? Sentences first, then the tables that they rest on. */
export function LookingBackPage({ view, apiaries, apiaryId }: Props) {
  const { from, to, sentences, before, colonies, methods } = view;
  const router = useRouter();
  const go = (over: { from?: string; to?: string; apiary?: string }) =>
    router.push(`/season/looking-back?${new URLSearchParams({ from, to, apiary: apiaryId, ...over })}`);
  const save = async () => {
    const { backAsCsv } = await import('./back-as-csv');
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([backAsCsv(colonies)], { type: 'text/csv' }));
    link.download = `ubbet-season-${from}-${to}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <>
      <PageHead title="Looking back" below="What was entered, counted. It is no score." />
      <Views of="season" />
      <div className="grid max-w-3xl gap-x-4 wide:grid-cols-3 print:hidden">
        <Field name="From" problem={null}>
          {(props) => <DayField {...props} value={from} onChange={(text) => text && go({ from: text })} />}
        </Field>
        <Field name="To" problem={null}>
          {(props) => <DayField {...props} value={to} onChange={(text) => text && go({ to: text })} />}
        </Field>
        <Field name="Where" problem={null}>
          {(props) => (
            <select {...props} value={apiaryId} onChange={({ target }) => go({ apiary: target.value })}>
              <option value="">all apiaries</option>
              {apiaries.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      <div className="grid gap-x-8 wide:grid-cols-2">
        <Sentences title="What it came to" sentences={sentences} />
        {before && <Sentences title="The same days a year before" sentences={before} />}
      </div>
      {methods.length > 0 && (
        <table className="mt-4 border-collapse text-left text-sm">
          <caption className="text-left font-display text-lg font-bold">By method</caption>
          <thead>
            <tr className="border-b-2 border-ink">
              <th scope="col" className="py-1 pr-4">
                Method
              </th>
              <th scope="col" className="py-1 pr-4">
                Begun
              </th>
              <th scope="col" className="py-1">
                Came to
              </th>
            </tr>
          </thead>
          <tbody>
            {methods.map(({ name, begun, came }) => (
              <tr key={name} className="border-b border-line">
                <th scope="row" className="py-1.5 pr-4 font-semibold">
                  {name}
                </th>
                <td className="py-1.5 pr-4">{begun}</td>
                <td className="py-1.5">{came}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {colonies.length > 0 && (
        <section aria-label="By colony" className="mt-4">
          <h2 className="text-lg">By colony</h2>
          <SortTable caption="By colony" rows={colonies} keyOf={({ id }) => id} columns={COLUMNS} sortedBy="name" />
        </section>
      )}
      <p className="mt-4 flex flex-wrap gap-3 print:hidden">
        <button type="button" className={BUTTON.plain} onClick={() => window.print()}>
          Print it
        </button>
        <button type="button" className={BUTTON.plain} onClick={() => void save()}>
          Save it as CSV
        </button>
      </p>
    </>
  );
}

function Sentences({ title, sentences }: { readonly title: string; readonly sentences: readonly string[] }) {
  return (
    <section aria-label={title} className="mt-4">
      <h2 className="text-lg">{title}</h2>
      <ul className="max-w-prose">
        {sentences.map((words) => (
          <li key={words} className="mt-1">
            {words}
          </li>
        ))}
      </ul>
    </section>
  );
}
