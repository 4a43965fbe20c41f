'use client';

import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

const ASKED = {
  weather: { words: 'This station is simulated, and goes by the demo’s clock.', button: 'Ask it for a cold week' },
  scale: { words: 'This scale is simulated, and goes by the demo’s clock.', button: 'Ask it for a swarm' },
} as const;

/** In the demo: what the simulated devices can be asked for, to see what follows. */
export function AskSimulated({ kind, ofId }: { readonly kind: 'weather' | 'scale'; readonly ofId: string }) {
  const { issues, isSending, sendTo } = useSend();
  return (
    <div className="mt-5">
      <p>{ASKED[kind].words}</p>
      <IssueList issues={issues} />
      <Button
        kind="plain"
        className="mt-2"
        disabled={isSending}
        onClick={() => void sendTo('/api/simulated', { kind, ofId })}
      >
        {ASKED[kind].button}
      </Button>
    </div>
  );
}
