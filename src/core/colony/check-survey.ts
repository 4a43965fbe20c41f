import { dayOfMinute } from '../calendar/day';
import type { SurveyEntry } from '../facts/survey';
import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import { allSizes, type Settings } from '../settings/settings';
import { framesOf } from '../space/hive';
import { type Lifetime, timeIssue } from './time-of-fact';

/**
 * What in a survey of frames cannot be: a minute to come, before the colony or after its end, and what no hive can be.
 *
 * @param now the local minute, `YYYY-MM-DDTHH:mm`
 */
export function checkSurvey(
  survey: Pick<SurveyEntry, 'at' | 'hive' | 'queenFrameId'>,
  colony: Lifetime,
  now: string,
  settings: Settings,
): readonly Issue[] {
  const wrong = timeIssue(survey, colony, { minute: now, today: dayOfMinute(now) });
  if (wrong?.code === 'in-the-future') return [wrong];
  return [...(wrong ? [wrong] : []), ...checkHive(survey, settings)];
}

/** What a hive cannot be, beyond its own fields: of sizes that nobody knows, with more frames than places, with her on none of them. */
export function checkHive(
  { hive, queenFrameId }: Pick<SurveyEntry, 'hive' | 'queenFrameId'>,
  settings: Settings,
): readonly Issue[] {
  const sizes = new Set(allSizes(settings).map(({ id }) => id));
  const strange = hive.boxes.findIndex(
    ({ size, frames }) => !sizes.has(size) || frames.some((frame) => !sizes.has(frame.size)),
  );
  const issues: Issue[] = [];
  if (strange >= 0) {
    const message = say('size-not-known');
    issues.push({ path: ['hive', 'boxes', strange, 'size'], code: 'unknown-reference', message });
  }
  hive.boxes.forEach(({ frames, places }, i) => {
    if (frames.length <= places) return;
    const message = say('too-many-frames', { count: frames.length, places });
    issues.push({ path: ['hive', 'boxes', i, 'frames'], code: 'out-of-range', message });
  });
  if (queenFrameId !== null && !framesOf(hive).some(({ id }) => id === queenFrameId)) {
    const message = say('queens-frame-not-there');
    issues.push({ path: ['queenFrameId'], code: 'unknown-reference', message });
  }
  return issues;
}
