import type { Issue } from '../../core/problems/issue';
import { send } from '../http/send';
import { giveCell } from '../start/give-cell';
import { type Draft, liveCellsOf } from './draft';

/** Gives the cells that were taken down here to the colonies chosen. What could not be given is said; what was, lands once. */
export async function giveCells(draft: Draft, from: string): Promise<readonly Issue[]> {
  const issues: Issue[] = [];
  for (const { cellId } of liveCellsOf(draft).down) {
    const gift = draft.gives[cellId];
    if (!gift) continue;
    const body = giveCell({ ...gift, cellId, on: draft.at.slice(0, 10), travel: 'on-frame', from });
    const sent = await send('/api/programmes', body);
    if (sent.ok) continue;
    const lead = 'The inspection is stored, but a cell could not be given away.';
    issues.push(...sent.issues.map((issue) => ({ ...issue, message: `${lead} ${issue.message}` })));
  }
  return issues;
}
