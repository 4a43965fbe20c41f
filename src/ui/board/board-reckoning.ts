import { checkArrangement } from '../../core/space/arrangement-rules';
import { workList } from '../../core/space/work-list/work-list';

/** What the rules have against a board, and what there is to do at the hive: reckoned once the board can be worked on. */
export { checkArrangement, workList };
