import { THOROUGHNESS } from '../../core/cells/thoroughness';
import { STAGE_WORDS } from '../../words/cells';
import { THOROUGHNESS_WORDS } from '../../words/inspections';

const LOOKED = ['seen', 'looked, none', 'did not look'];
const STAGES = (['cup-dry', 'egg', 'larva-small', 'larva-large', 'sealed', 'emerged'] as const).map(
  (stage) => STAGE_WORDS[stage].name,
);

/** An inspection to be filled in by hand, in the order in which it is entered afterwards. */
export function BlankLines() {
  return (
    <table className="mt-1 w-full border-collapse">
      <tbody>
        <Blank name="Cells, known" choices={['a', 'b', 'c', 'd', 'e', 'f']} isWritten />
        <Blank name="New: how many, where" choices={STAGES} isWritten />
        <Blank name="Eggs" choices={LOOKED} />
        <Blank name="Queen" choices={LOOKED} />
        <Blank name="How well" choices={THOROUGHNESS.map((how) => THOROUGHNESS_WORDS[how].short)} />
        <Blank name="Counted" choices={['time', 'brood frames', 'seams', 'drones']} isWritten />
        <tr className="border-t border-line">
          <th scope="row" className="h-16 w-44 py-1 pr-2 text-left align-top font-semibold">
            Note
          </th>
          <td />
        </tr>
      </tbody>
    </table>
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
