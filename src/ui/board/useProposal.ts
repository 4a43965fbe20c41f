'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { MethodName } from '../../core/methods/method';
import type { Proposal, ProposalFrom } from '../../core/space/proposals/proposal';

type Known = Omit<ProposalFrom, 'newId' | 'fill' | 'manyPests'>;

/** Where the frames would go for a method, by what the keeper says of comb and robbers. */
export function useProposal(method: MethodName) {
  const [fill, setFill] = useState<'empty' | 'undrawn'>('empty');
  const [manyPests, setPests] = useState(false);
  return {
    fill,
    setFill,
    manyPests,
    setPests,
    /** Many move their frames by hand: the proposals come when the first is asked for. */
    propose: async (known: Known): Promise<Omit<Proposal, 'notes'> & { readonly notes: readonly string[] }> => {
      const [{ propose }, { boardWords }] = await Promise.all([
        import('../../core/space/proposals/propose'),
        import('../../words/board-words'),
      ]);
      const proposal = propose(method, { ...known, newId, fill, manyPests });
      return { ...proposal, notes: proposal.notes.map(boardWords) };
    },
  };
}
