import { type HiveChange, hiveChanges } from '../core/space/hive-changes';
import type { SurveyFact } from '../core/space/survey';

const plain = (count: number, one: string, many: string) => (count === 1 ? `a ${one}` : `${count} ${many}`);

/** What was done to a hive, as one says it: `a super put on`, `2 frames of brood taken out`. */
export function hiveChangeWords(change: HiveChange): string {
  switch (change.what) {
    case 'super-on':
      return `${plain(change.count, 'super', 'supers')} put on`;
    case 'super-off':
      return `${plain(change.count, 'super', 'supers')} taken off`;
    case 'brood-box-on':
      return `${plain(change.count, 'brood box', 'brood boxes')} put on`;
    case 'brood-box-off':
      return `${plain(change.count, 'brood box', 'brood boxes')} taken off`;
    case 'brood-came':
      return `${plain(change.count, 'frame', 'frames')} of brood put in`;
    case 'brood-left':
      return `${plain(change.count, 'frame', 'frames')} of brood taken out`;
    case 'frames-came':
      return `${plain(change.count, 'frame', 'frames')} put in`;
    case 'frames-left':
      return `${plain(change.count, 'frame', 'frames')} taken out`;
    case 'excluder-on':
      return 'queen excluder put on';
    case 'excluder-off':
      return 'queen excluder taken off';
    case 'boxes-reordered':
      return 'boxes stacked otherwise';
    case 'frames-moved':
      return 'frames moved within the hive';
    case 'feeder-on':
      return 'feeder put on';
    case 'feeder-off':
      return 'feeder taken off';
    case 'top-entrance-open':
      return 'top entrance opened';
    case 'top-entrance-shut':
      return 'top entrance shut';
  }
}

/** What was done by a survey that tells of moves, against the one before it; empty where frames were looked at, or nothing came before. */
export function doneWords(survey: Pick<SurveyFact, 'source' | 'hive'>, before: Pick<SurveyFact, 'hive'> | undefined) {
  if (survey.source !== 'moves' || !before) return [];
  return hiveChanges(before.hive, survey.hive).map(hiveChangeWords);
}
