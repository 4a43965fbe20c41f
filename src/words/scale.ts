import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { FlowKnown } from '../core/scale/flow-known';
import type { OpenLoss } from '../core/scale/losses';
import { dayWords, minuteWords, rangeWords } from './days';
import { massWords } from './measures';

/** `A flow since 9 May by the scale, 1.4 kg a day.` */
export function flowWords({ flow, gainKg }: FlowKnown): string {
  if (!flow && gainKg === null) return 'Too few whole days on the scale to tell whether a flow is on.';
  const found = flow ? `${flow.strong ? 'A strong flow' : 'A flow'} since ${dayWords(flow.from)}` : 'No flow';
  return `${found} by the scale${aDay(gainKg)}.`;
}

const aDay = (gainKg: number | null): string => (gainKg === null ? '' : `, ${gainWords(gainKg)} a day`);

/** What is said as nothing. */
const isNothing = (kg: number) => Math.abs(kg) < 0.05;

/** With its sign: what comes in, or is eaten. */
export const gainWords = (kg: number): string =>
  isNothing(kg) ? massWords(0) : kg < 0 ? `−${massWords(-kg)}` : massWords(kg);

export const gainOrNotKnown = (kg: number | null): string => (kg === null ? 'not known' : gainWords(kg));

/** `1.9 kg lighter at once on Sun 16 May, 13:30: did a swarm leave?` */
export const lossWords = ({ at, kg, returned }: Pick<OpenLoss, 'at' | 'kg' | 'returned'>): string =>
  returned
    ? `${massWords(kg)} went and came back within the hour on ${minuteWords(at)}: a lid lifted, or a swarm that came back and will go again. Look for sealed cells today.`
    : `${massWords(kg)} lighter at once on ${minuteWords(at)}: did a swarm leave? Look for sealed cells.`;

export const LOSS_ANSWER_WORDS = {
  swarm: 'Yes, a swarm left',
  cast: 'Yes, a cast left',
  none: 'No swarm',
  look: 'I will look',
} as const;

/** What a visit changed. */
export const visitWords = (kg: number): string => (isNothing(kg) ? 'a visit' : `a visit, ${signed(kg)}`);

/** A sudden change that is no visit's. */
export const stepWords = (kg: number, mayBeSwarm: boolean): string =>
  mayBeSwarm
    ? `${signed(kg)} at once, a swarm perhaps`
    : `${signed(kg)} at once, something ${kg < 0 ? 'taken off' : 'put on'}`;

const signed = (kg: number): string => (kg < 0 ? gainWords(kg) : `+${massWords(kg)}`);

/** @param when over which days it was; null: it is on */
export const flowSpanWords = (strong: boolean, when: string | null, from: Day): string =>
  `${strong ? 'Strong flow' : 'Flow'} ${when ?? `since ${dayWords(from)}`}`;

/**
 * The main flow as it was entered, and what the scale beside it shows.
 *
 * @param byScale null: no flow is on by the scales there; undefined: nothing stands on a scale there
 */
export function mainFlowWords(
  entered: DayRange | null,
  byScale:
    | { readonly from: Day; readonly strong: boolean; readonly gainKg: number | null; readonly name: string }
    | null
    | undefined,
): string {
  const said = entered
    ? `Main flow as you expect it: ${rangeWords(entered)}.`
    : 'No main flow is entered for this apiary.';
  if (byScale === undefined) return said;
  if (byScale === null) return `${said} No flow by the scale yet.`;
  const { from, strong, gainKg, name } = byScale;
  return `${said} The scale of ${name} shows a ${strong ? 'strong ' : ''}flow since ${dayWords(from)}${aDay(gainKg)}${entered ? '' : ', which counts here'}.`;
}
