'use client';

import { THOROUGHNESS } from '../../core/cells/thoroughness';
import { roundAsText } from '../../views/round-text';
import type { RoundHive, RoundView } from '../../views/round-view';
import { STAGE_WORDS } from '../../words/cells';
import { THOROUGHNESS_WORDS } from '../../words/inspections';
import { roundPhrases } from '../../words/pages/round';
import { BUTTON } from '../controls/styles';
import { SendText } from './SendText';

const LOOKED = ['seen', 'looked, none', 'did not look'];
const STAGES = (['cup-dry', 'egg', 'larva-small', 'larva-large', 'sealed', 'emerged'] as const).map(
  (stage) => STAGE_WORDS[stage].name,
);

/** The way without a phone: one box a hive, in the order in which it is entered afterwards. */
export function RoundSheet({ apiary, day, round }: { apiary: string; day: string; round: RoundView }) {
  const title = roundPhrases.title(apiary, day);
  return (
    <div className="sheet mx-auto max-w-4xl">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 className="mt-4 text-2xl">{title}</h1>
        <p className="flex flex-wrap items-center gap-x-4 print:hidden">
          <SendText title={title} text={roundAsText(apiary, day, round)} />
          <button type="button" className={BUTTON.plain} onClick={() => window.print()}>
            Print
          </button>
        </p>
      </div>
      {round.notes.map((words) => (
        <p key={words} className="mt-1">
          {words}
        </p>
      ))}
      {round.leaveShut.length > 0 && <p className="mt-1 font-bold">{roundPhrases.leaveShut(round.leaveShut)}</p>}
      {[...round.due, ...round.others].map((hive) => (
        <SheetHive key={hive.colonyId} hive={hive} />
      ))}
    </div>
  );
}

function SheetHive({ hive: { name, stand, situation, due, plannedFor } }: { hive: RoundHive }) {
  return (
    <section aria-label={name} className="mt-3 break-inside-avoid border-2 border-ink p-2 text-sm">
      <h2 className="text-lg">
        {name}{' '}
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
      <table className="mt-1 w-full border-collapse">
        <tbody>
          <Blank name="Cells, known" choices={['a', 'b', 'c', 'd', 'e', 'f']} isWritten />
          <Blank name="New: how many, where" choices={STAGES} isWritten />
          <Blank name="Eggs" choices={LOOKED} />
          <Blank name="Queen" choices={LOOKED} />
          <Blank name="How well" choices={THOROUGHNESS.map((how) => THOROUGHNESS_WORDS[how].short)} />
          <Blank name="Counted" choices={['time', 'brood frames', 'seams', 'drones']} isWritten />
          <Blank name="Note" choices={['']} isWritten />
        </tbody>
      </table>
    </section>
  );
}

/** A line to be filled in: boxes to tick, or words to be followed by writing. */
function Blank({
  name,
  choices,
  isWritten = false,
}: {
  name: string;
  choices: readonly string[];
  isWritten?: boolean;
}) {
  return (
    <tr className="border-t border-line">
      <th scope="row" className="w-44 py-1 pr-2 text-left font-semibold">
        {name}
      </th>
      <td className="py-1">
        <span className="flex flex-wrap gap-x-5">
          {choices.map((choice) => (
            <span key={choice}>{isWritten ? `${choice} ________` : `☐ ${choice}`}</span>
          ))}
        </span>
      </td>
    </tr>
  );
}
