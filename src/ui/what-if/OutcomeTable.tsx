import type { Outcome } from '../../core/population/what-if';
import { massWords } from '../../words/measures';
import { durationWords } from '../../words/rounds';
import { beesWords, choiceWords, eggsWords, shareWords } from '../../words/what-if';
import { LETTERS } from './lines';

interface Props {
  readonly outcomes: readonly Outcome[];
  /** Of each choice, without the ways. */
  readonly minutes: readonly number[];
  /** `9 Aug` */
  readonly last: string;
}

const end = (values: readonly number[]): number => values[values.length - 1] ?? 0;

/** `24 kg (20 kg to 27 kg)`; one number where all are the same. */
function spanWords(...kg: readonly [number, number, number]): string {
  const [middle, least, most] = kg.map((one) => massWords(Math.round(one)));
  return least === most ? `${middle}` : `${middle} (${least} to ${most})`;
}

/** What each choice comes to, side by side. */
export function OutcomeTable({ outcomes, minutes, last }: Props) {
  const lines: readonly { readonly name: string; readonly of: (one: Outcome, i: number) => string }[] = [
    { name: 'A swarm is lost', of: ({ swarmLost }) => shareWords(swarmLost) },
    { name: 'New queen lays', of: ({ firstEggs }) => eggsWords(firstEggs) },
    {
      name: `Laying colonies on ${last}`,
      of: ({ layingColonies: { p10, p50, p90 } }) => (p10 === p90 ? String(p50) : `${p50} (${p10} to ${p90})`),
    },
    { name: 'One ends without a laying queen', of: ({ endsQueenless }) => shareWords(endsQueenless) },
    { name: 'One runs out of honey unless fed', of: ({ starved }) => shareWords(starved) },
    {
      name: `Honey on ${last}`,
      of: ({ honeyKg }) => spanWords(end(honeyKg.p50), end(honeyKg.p10), end(honeyKg.p90)),
    },
    { name: `Bees on ${last}`, of: ({ adults }) => beesWords(end(adults.p50)) },
    { name: 'Visits', of: ({ visitDays }) => String(visitDays.length) },
    { name: 'Work at the hive', of: (_, i) => durationWords(minutes[i] ?? 0) },
  ];
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls by keys
    <section aria-label="Side by side" tabIndex={0} className="overflow-x-auto">
      <table className="mt-3 w-full min-w-max border-collapse text-left text-sm">
        <caption className="sr-only">What each choice comes to</caption>
        <thead>
          <tr className="border-b-2 border-ink align-bottom">
            <td />
            {outcomes.map(({ choice }, i) => (
              <th key={LETTERS[i]} scope="col" className="max-w-44 px-2 py-1">
                <span className="font-display text-lg">{LETTERS[i]}</span> {choiceWords(choice)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ name, of }) => (
            <tr key={name} className="border-b border-line">
              <th scope="row" className="max-w-36 py-1.5 pr-2 font-semibold whitespace-normal wide:max-w-none">
                {name}
              </th>
              {outcomes.map((one, i) => (
                <td key={LETTERS[i]} className="px-2 py-1.5">
                  {of(one, i)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
