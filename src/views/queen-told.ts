import { doubtSaid } from '../core/colony/queen-doubt';
import { isUnseen } from '../core/colony/situation';
import { isClipped, noEggsOn } from '../core/queens/queen-questions';
import type { ColonyState } from '../core/state/fold';
import { inWords } from '../words/in-words';
import { queenPhrases } from '../words/pages/queen-told';

/** What is known of a colony's queen: in a line, and in a sentence. */
export interface QueenTold {
  readonly brief: string;
  readonly words: string;
}

/** The line and the sentence of each state stand beside one another, so that they cannot differ; what is in doubt follows the sentence. */
export function queenTold(state: ColonyState): QueenTold {
  const { doubt } = state.queen;
  const { brief, words } = queenNow(state);
  return { brief, words: doubt ? `${words} ${inWords(doubtSaid(doubt))}` : words };
}

function queenNow(state: ColonyState): QueenTold {
  const { queen, today } = state;
  const { lastProof } = queen;
  const proof = queenPhrases.proof(lastProof, today);
  switch (queen.is) {
    case 'either-half':
      return queenPhrases.eitherHalf(queen.since);
    case 'raising':
    case 'without':
      return queenPhrases.none(queen.lost?.from ?? null);
    case 'virgin':
      return queenPhrases.virgin({ from: queen.emerged.earliest, to: queen.emerged.latest }, noEggsOn(queen));
    case 'caged':
      return queenPhrases.caged(queen.cagedOn);
    case 'going':
      return queenPhrases.going(proof);
    case 'laying':
    case 'not-known':
      return isUnseen(state) ? queenPhrases.notLookedFor : queenPhrases.laying(isClipped(queen), lastProof, proof);
  }
}
