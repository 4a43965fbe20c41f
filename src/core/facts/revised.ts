/** What is kept as it was before it was corrected, deleted or restored. */
export const REVISED = [
  'apiary',
  'colony',
  'queen',
  'queen-event',
  'inspection',
  'programme',
  'check-answer',
  'survey',
  'season-plan',
  'food',
] as const;

/** What was done to it. */
export const REVISION_ACTIONS = ['corrected', 'deleted', 'restored'] as const;
