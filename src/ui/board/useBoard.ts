'use client';

import { type BoardState, changeBoard, takenUp } from '../../views/board-state';
import { useKeptHistory } from '../offline/useKeptHistory';

/**
 * The frame board. It is kept on the device under `key` until its list is taken to the hive, as long as the hive that it began with
 * is made up as it was.
 */
export function useBoard(begin: BoardState, key: string) {
  const { present, ...history } = useKeptHistory(changeBoard, begin, key, (kept) => takenUp(kept, begin));
  return { board: present, ...history };
}
