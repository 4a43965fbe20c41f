import type { Contradiction } from '../core/colony/contradictions';
import { answerWords } from './answers';
import { CHECK_NAMES } from './check-names';
import { weekdayWords } from './days';

const clock = (at: string) => at.slice(11);

/** What was said in two ways, and how it is settled. */
export function contradictionWords(contradiction: Contradiction): string {
  const on = weekdayWords(contradiction.on);
  if (contradiction.kind === 'eggs') {
    const { seenAt, noneAt } = contradiction;
    return `Two inspections of ${on} disagree: eggs seen (${clock(seenAt)}), looked for and none (${clock(noneAt)}). The later one counts. Correct or delete the one that is wrong.`;
  }
  const { code, first, second } = contradiction;
  const words = ({ at, answer }: typeof first) => `“${answerWords({ check: code, answer })}” (${clock(at)})`;
  return `Two answers of ${on} to “${CHECK_NAMES[code]}” disagree: ${words(first)} and ${words(second)}. The later one counts. Take the wrong one back on the programme’s page.`;
}
