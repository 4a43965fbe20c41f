import { roundPhrases } from '../words/pages/round';
import type { RoundView } from './round-view';

/**
 * A round as plain text for whoever goes in the keeper's place: the hives in their order with what is to be done and why, and which
 * are to be left shut. Hives at which nothing is due are left out.
 */
export function roundAsText(apiary: string, day: string, { due, leaveShut, notes }: RoundView): string {
  return [
    roundPhrases.title(apiary, day),
    ...notes,
    ...(due.length === 0 ? [roundPhrases.nothingDue] : []),
    ...due.map(({ name, stand, situation, due: tasks, plannedFor }, i) =>
      [
        `${i + 1}. ${[name, stand, situation, plannedFor && roundPhrases.plannedFor(plannedFor)].filter(Boolean).join(' · ')}`,
        ...tasks.map(({ words, why }) => `   ${roundPhrases.task(words, why)}`),
      ].join('\n'),
    ),
    ...(leaveShut.length > 0 ? [roundPhrases.leaveShut(leaveShut)] : []),
  ].join('\n\n');
}
