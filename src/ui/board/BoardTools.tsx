'use client';

import { Button } from '../controls/Button';
import { NightAsked } from '../controls/NightField';

interface Props {
  readonly coldestNightC: number | null;
  /** As the weather page has it. */
  readonly knownC: number | null;
  readonly fill: 'empty' | 'undrawn';
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
  readonly onColdest: (degrees: number | null) => void;
  readonly onFill: (fill: 'empty' | 'undrawn') => void;
  readonly onProposal: () => void;
}

/** The proposal, the way back and forth, and what only the keeper knows. */
export function BoardTools({ coldestNightC, knownC, fill, undo, redo, onColdest, onFill, onProposal }: Props) {
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      <Button kind="act" onClick={onProposal}>
        Use the proposal
      </Button>
      <Button kind="plain" disabled={!undo} onClick={() => undo?.()}>
        Undo
      </Button>
      <Button kind="plain" disabled={!redo} onClick={() => redo?.()}>
        Redo
      </Button>
      <span className="text-sm">
        <NightAsked coldestNightC={coldestNightC} onChange={onColdest} knownC={knownC} />
      </span>
      <label className="text-sm">
        New frames
        <select
          className="ml-2 min-h-11 border-2 border-ink bg-paper px-2"
          value={fill}
          onChange={({ target: { value } }) => onFill(value === 'undrawn' ? 'undrawn' : 'empty')}
        >
          <option value="empty">drawn comb</option>
          <option value="undrawn">foundation</option>
        </select>
      </label>
    </div>
  );
}
