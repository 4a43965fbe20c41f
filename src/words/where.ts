import type { CellFact } from '../core/colony/facts';
import { CELL_PLACE_WORDS } from './cells';

/** Where a cell hangs, as far as it was noted: `box 2, frame 5, bottom bar`. */
export function whereWords({ place, box, frame }: Pick<CellFact, 'place' | 'box' | 'frame'>): string {
  const at = [
    box === null ? null : `box ${box}`,
    frame === null ? null : `frame ${frame}`,
    place === 'not-said' ? null : CELL_PLACE_WORDS[place],
  ];
  return at.filter((part) => part !== null).join(', ');
}
