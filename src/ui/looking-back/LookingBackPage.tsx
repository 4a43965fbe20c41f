'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { NamedColony } from '../../views/all-apiaries';
import { lookingBackSheet } from '../../views/looking-back-sheet';
import type { BackLine, ColonyBackLine, LookingBackView } from '../../views/looking-back-view';
import { wholeMassWords } from '../../words/measures';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { Field } from '../controls/Field';
import { PlainTable } from '../controls/PlainTable';
import { type Column, SortTable } from '../controls/SortTable';
import { Views } from '../frame/Views';
import { TitleHead } from '../time/TitleHead';

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
  { id: 'honey', header: 'Honey', value: ({ honeyKg }) => honeyKg || null, cell: ({ honeyKg }) => honeyWords(honeyKg) },
];

const honeyWords = (kg: number): string => (kg > 0 ? wholeMassWords(kg) : '–');

const LINE_HEAD = [
  'Colonies',
  'Inspections',
  'Swarms',
  'Casts',
  'Cells found',
  'First drones flying',
  'First egg or larva in a cell',
  'Honey',
] as const;
const lineRow = ({ id, name, firstDrones, firstCharged, honeyKg, ...line }: BackLine) => ({
  key: id,
  cells: [
    name,
    line.colonies,
    line.inspections,
    line.swarms,
    line.casts,
    line.cells,
    firstDrones ?? 'not seen',
    firstCharged ?? 'not seen',
    honeyWords(honeyKg),
  ],
});

// Drawn where there is something to draw.
const blank = () => <div className="h-full" />;
const CellAges = dynamic(() => import('./BackCharts').then((module) => module.CellAgesChart), {
  ssr: false,
  loading: blank,
});
const Years = dynamic(() => import('./BackCharts').then((module) => module.YearsChart), { ssr: false, loading: blank });

/** How old cells were when they were found, and swarms and honey year beside year. The tables below say the same. */
function Charts({ view }: { readonly view: LookingBackView }) {
  const { cells, years } = view;
  const hasHoney = years.some(({ honeyKg }) => honeyKg > 0);
  return (
    <div className="mt-4 grid gap-x-8 gap-y-4 wide:grid-cols-[2fr_1fr_1fr]">
      {cells.length > 0 && (
        <figure className="min-w-0">
          <figcaption className="text-sm">
            <b>How old cells were when found.</b> Squares above the line: a swarm may have gone already.
          </figcaption>
          <div className="relative h-52">
            <CellAges view={view} />
          </div>
        </figure>
      )}
      {years.length > 1 && (
        <figure className="min-w-0">
          <figcaption className="text-sm">
            <b>Swarms and casts</b>
          </figcaption>
          <div className="relative h-52">
            <Years years={years} value={({ swarms, casts }) => swarms + casts} colour="willow" words={String} />
          </div>
        </figure>
      )}
      {years.length > 1 && hasHoney && (
        <figure className="min-w-0">
          <figcaption className="text-sm">
            <b>Honey</b>
          </figcaption>
          <div className="relative h-52">
            <Years years={years} value={({ honeyKg }) => honeyKg} colour="wax" words={wholeMassWords} />
          </div>
        </figure>
      )}
    </div>
  );
}

/** What did the season come to? Drawn and in one table first, then in sentences, then whatever else can be compared. */
export function LookingBackPage({ view, apiaries, apiaryId }: Props) {
  const { from, to, sentences, before, colonies, methods, years, apiaries: byApiary, queens } = view;
  const router = useRouter();
  const go = (over: { from?: string; to?: string; apiary?: string }) =>
    router.push(`/season/looking-back?${new URLSearchParams({ from, to, apiary: apiaryId, ...over })}`);
  const save = async () => {
    const { saveAsCsv } = await import('../controls/save-as-csv');
    saveAsCsv(lookingBackSheet(colonies), `ubbet-season-${from}-${to}.csv`);
  };
  return (
    <>
      <TitleHead title="Looking back" below="What was entered, counted. It is no score." />
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
      <Charts view={view} />
      {colonies.length > 0 && (
        <section aria-label="By colony" className="mt-4">
          <h2 className="text-lg">By colony</h2>
          <SortTable caption="By colony" rows={colonies} keyOf={({ id }) => id} columns={COLUMNS} sortedBy="name" />
        </section>
      )}
      <div className="grid gap-x-8 wide:grid-cols-2">
        <Sentences title="What it came to" sentences={sentences} />
        {before && <Sentences title="The same days a year before" sentences={before} />}
      </div>
      {methods.length > 0 && (
        <PlainTable
          caption="By method"
          head={['Method', 'Begun', 'Came to']}
          rows={methods.map(({ name, begun, came }) => ({ key: name, cells: [name, begun, came] }))}
        />
      )}
      {years.length > 1 && (
        <PlainTable caption="Year beside year" head={['Year', ...LINE_HEAD]} rows={years.map(lineRow)} />
      )}
      {byApiary.length > 1 && (
        <PlainTable caption="By apiary" head={['Apiary', ...LINE_HEAD]} rows={byApiary.map(lineRow)} />
      )}
      {queens.length > 0 && (
        <PlainTable
          caption="By queen"
          head={['Queen', 'Where', 'Swarms with her', 'Cells found', 'Honey', 'Temper']}
          rows={queens.map(({ id, name, colonies: where, swarms, cells, honeyKg, temper }) => ({
            key: id,
            cells: [
              <Link key="queen" prefetch={false} href={`/colonies/queens/${id}`}>
                {name}
              </Link>,
              where,
              swarms,
              cells,
              honeyWords(honeyKg),
              temper ?? 'not noted',
            ],
          }))}
        />
      )}
      <p className="mt-4 flex flex-wrap gap-3 print:hidden">
        <Button kind="plain" onClick={() => window.print()}>
          Print it
        </Button>
        <Button kind="plain" onClick={() => void save()}>
          Save it as CSV
        </Button>
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
