'use client';

import { parseDay } from '../../core/calendar/day';
import type { NotYet, PlanRow } from '../../views/season-plan-view';
import { Button } from '../controls/Button';
import type { useSend } from '../controls/useSend';
import { withMoved } from './plan-changes';

interface Props {
  readonly list: readonly NotYet[];
  readonly rows: readonly PlanRow[];
  readonly send: ReturnType<typeof useSend>;
  readonly isReader: boolean;
}

/** What of the plan does not work yet, each with what would do; days to which acts can go are taken with one tap. */
export function NotYetList({ list, rows, send, isReader }: Props) {
  if (list.length === 0)
    return (
      <p className="mt-3 max-w-prose font-semibold">
        It goes: hours, kit and drones are enough, as far as they are known.
      </p>
    );
  const move = (moves: NotYet['moves']) => {
    const plans = rows.flatMap(({ colonyId, plan }) => {
      const own = moves.filter((one) => one.colonyId === colonyId && parseDay(one.to) !== null);
      return plan && own.length > 0 ? [own.reduce((next, { key, to }) => withMoved(next, key, to), plan)] : [];
    });
    void send.sendTo('/api/season-plans', { plans, gone: [] });
  };
  return (
    <section aria-label="What does not work yet" className="mt-3 border-2 border-propolis px-2.5 py-1.5">
      <h2 className="text-propolis text-base font-bold">What does not work yet</h2>
      <ul className="text-sm">
        {list.map(({ key, words, remedies, moves }) => (
          <li key={key} className="mt-1.5 max-w-prose">
            <b>{words}</b> {remedies.join(' ')}
            {moves.length > 0 && !isReader && (
              <Button kind="plain" className="mt-1 block text-sm" disabled={send.isSending} onClick={() => move(moves)}>
                {moves.length === 1 ? 'Put it there' : 'Put them there'}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
