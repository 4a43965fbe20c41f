import type { ReactNode } from 'react';
import type { FrameSize } from '../../core/space/frame-size';
import type { Hive } from '../../core/space/hive';
import { daysFrom0, type HandbookPage } from '../../views/handbook';
import { PrintButton } from '../controls/PrintButton';
import { Views } from '../frame/Views';
import { CombLegend } from '../frames/CombLegend';
import { CombPatterns } from '../frames/CombPatterns';
import { Stack } from '../frames/Stack';
import { TitleHead } from '../time/TitleHead';
import { DayZeroRuler } from './DayZeroRuler';

export interface ShownHive {
  readonly title: string;
  readonly hive: Hive;
}

interface Props {
  readonly page: HandbookPage;
  /** An example before and after; empty where no frames are moved. */
  readonly before: readonly ShownHive[];
  readonly after: readonly ShownHive[];
  readonly queenFrameId: string;
  readonly sizes: readonly FrameSize[];
}

/** One method, to be read in winter as well as at the hive. */
export function MethodPage({ page, before, after, queenFrameId, sizes }: Props) {
  const { title, fitsWhen, suits, needs, kit, lifting, cautions, steps, parts, checks, leaveShut } = page;
  const marks = { queenFrameId, keptCellFrames: new Set<string>(), cellFrames: new Set<string>() };
  const drawn = (hives: readonly ShownHive[]) =>
    hives.map(({ title: name, hive }) => (
      <div key={name}>
        <h3 className="font-bold">{name}</h3>
        <Stack of={name} hive={hive} sizes={sizes} marks={marks} />
      </div>
    ));
  return (
    <>
      <CombPatterns />
      <TitleHead title={title} below={fitsWhen} />
      <Views of="learn" />
      <p className="mt-3">
        <PrintButton />
      </p>
      <div className="grid gap-x-10 wide:grid-cols-2">
        <div>
          <Part title="When and for whom">
            <p>{suits}</p>
            {needs.length > 0 && <List items={needs.map((need) => `Needs ${need}`)} />}
          </Part>
          <Part title="What to bring">
            <List items={[...kit, ...(lifting ? [lifting] : [])]} />
          </Part>
          <Part title="Steps">
            <ol className="list-decimal pl-6">
              {steps.map((step) => (
                <li key={step} className="py-0.5">
                  {step}
                </li>
              ))}
            </ol>
          </Part>
          <Part title="Take care">
            <List items={cautions} />
          </Part>
        </div>
        <div>
          <Part title="What goes where">
            <dl>
              {parts.map(({ name, gets, stands }) => (
                <div key={name} className="py-1">
                  <dt className="font-bold">{name}</dt>
                  <dd>{`${gets}; ${stands}`}</dd>
                </div>
              ))}
            </dl>
          </Part>
          <Part title="What follows, from day 0">
            {checks.length === 0 ? (
              <p>Nothing more than the usual inspections.</p>
            ) : (
              <>
                <DayZeroRuler checks={checks} leaveShut={leaveShut} />
                <ol>
                  {leaveShut.map(({ part, from, to }) => (
                    <li key={`${part}${from}`} className="border-b border-line py-1 text-sm">
                      <b>{`Leave shut, ${part}: day ${from} to ${to}, both included`}</b>
                    </li>
                  ))}
                  {checks.map((check) => (
                    <li key={check.key} className="border-b border-line py-1 text-sm">
                      <b>{`${check.words}: ${daysFrom0(check)}.`}</b> {check.why}
                    </li>
                  ))}
                </ol>
              </>
            )}
          </Part>
          <Part title="If it fails">
            <p>{page.ifItFails}</p>
            <dl className="text-sm">
              {page.failures.map(({ sign, remedy }) => (
                <div key={sign} className="py-1">
                  <dt className="font-bold">{sign}</dt>
                  <dd>{remedy}</dd>
                </div>
              ))}
            </dl>
          </Part>
          {page.schools.length > 0 && (
            <Part title="Where keepers differ">
              <List items={page.schools} />
            </Part>
          )}
        </div>
      </div>
      {before.length > 0 && (
        <Part title="An example">
          <p className="text-muted text-sm">
            One full brood box with a super, the queen on its fourth frame. Your own hive is laid out on its board.
          </p>
          <div className="mt-2 grid gap-6 wide:grid-cols-3">
            {drawn(before)}
            {drawn(after)}
          </div>
          <CombLegend />
        </Part>
      )}
    </>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-4">
      <h2 className="border-t-2 border-ink pt-1 text-lg">{title}</h2>
      {children}
    </section>
  );
}

function List({ items }: { items: readonly string[] }) {
  return (
    <ul>
      {items.map((item) => (
        <li key={item} className="py-0.5 before:mr-2 before:content-['–']">
          {item}
        </li>
      ))}
    </ul>
  );
}
