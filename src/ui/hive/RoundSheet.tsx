'use client';

import type { PackingView } from '../../views/packing-view';
import { roundAsText } from '../../views/round-text';
import type { RoundHive, RoundView } from '../../views/round-view';
import { roundPhrases } from '../../words/pages/round';
import { PrintButton } from '../controls/PrintButton';
import { BlankLines } from './BlankLines';
import { SendText } from './SendText';

interface Props {
  readonly apiary: string;
  readonly day: string;
  readonly round: RoundView;
  /** What to bring; null: nothing that is asked for here. */
  readonly pack: PackingView | null;
}

/** The way without a phone: one box a hive, in the order and by the numbers of the round, as it is entered afterwards. */
export function RoundSheet({ apiary, day, round, pack }: Props) {
  const title = roundPhrases.title(apiary, day);
  return (
    <div className="sheet mx-auto max-w-4xl">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 className="mt-4 text-2xl">{title}</h1>
        <p className="flex flex-wrap items-center gap-x-4 print:hidden">
          <SendText title={title} text={roundAsText(apiary, day, round)} />
          <PrintButton />
        </p>
      </div>
      {round.notes.map((words) => (
        <p key={words} className="mt-1">
          {words}
        </p>
      ))}
      {round.leaveShut.length > 0 && <p className="mt-1 font-bold">{roundPhrases.leaveShut(round.leaveShut)}</p>}
      {pack && <ToBring pack={pack} />}
      {[...round.due, ...round.others].map((hive, i) => (
        <SheetHive key={hive.colonyId} hive={hive} place={i + 1} />
      ))}
    </div>
  );
}

/** What goes along, to be ticked; what of it is short. */
function ToBring({ pack: { toPack, inCar, missing } }: { readonly pack: PackingView }) {
  const lines = [...toPack, ...inCar];
  if (lines.length === 0 && missing.length === 0) return null;
  return (
    <section aria-label="To bring" className="mt-3 break-inside-avoid border-2 border-line p-2 text-sm">
      <h2 className="text-lg">To bring</h2>
      <ul className="grid gap-x-6 wide:grid-cols-2 print:grid-cols-2">
        {lines.map(({ key, words, why }) => (
          <li key={key}>
            ☐ <b>{words}</b> <span className="text-muted">{why}</span>
          </li>
        ))}
        {missing.map(({ key, words, why }) => (
          <li key={key}>
            ☐ <b>{words}</b> <span className="text-muted">{why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function SheetHive({ hive, place }: { hive: RoundHive; place: number }) {
  const { name, stand, situation, due, plannedFor } = hive;
  return (
    <section aria-label={name} className="mt-3 break-inside-avoid border-2 border-ink p-2 text-sm">
      <h2 className="text-lg">
        {`${place}. ${name}`}{' '}
        <span className="text-muted text-sm font-normal">
          {[stand, situation, plannedFor && roundPhrases.plannedFor(plannedFor)].filter(Boolean).join(' · ')}
        </span>
      </h2>
      <ul>
        {due.map(({ key, words, why }) => (
          <li key={key}>
            <b>{words}.</b> {why}
          </li>
        ))}
      </ul>
      <BlankLines />
    </section>
  );
}
