import type { ColonyFacts } from '../../core/colony/facts';
import type { InspectionEntry } from '../../core/facts/entry';
import type { IssueInWords } from '../../words/issues';

const loadCheck = () => import('../../core/colony/check-entry');
const loadWords = () => import('../../words/issues');

/** What tells of contradictions, and in what words, is wanted when an entry is saved. */
export const CONTRADICTIONS = [loadCheck, loadWords];

/**
 * What an entry says against itself or against what is known of the colony, before it is stored. Where what tells of it cannot be loaded the
 * entry is kept and sent, and the server tells. Whether it lies in the future the server tells in any case: a page may have been open for hours.
 */
export async function contradictionsOf(entry: InspectionEntry, facts: ColonyFacts): Promise<readonly IssueInWords[]> {
  try {
    const [{ checkEntry }, { issueInWords }] = await Promise.all([loadCheck(), loadWords()]);
    return checkEntry(entry, facts, null).map(issueInWords);
  } catch {
    return [];
  }
}
