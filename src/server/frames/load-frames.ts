import { boxName } from '../../words/boxes';
import { doneWords } from '../../words/hive-changes';
import 'server-only';
import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { day } from '../../core/calendar/day';
import { minuteWords, weekdayWords } from '../../core/calendar/words';
import { broodFrameCount, framesOf, type Hive } from '../../core/space/hive';
import type { Db } from '../../db/open';
import { framePlansOf } from '../../db/repositories/frame-plans';
import { loadKeptFrames } from '../../db/repositories/kept-frames';
import { surveysOf } from '../../db/repositories/surveys';
import { surveys } from '../../db/schema/tables';
import { methodTitle } from '../../words/methods/methods';
import { frameHistory } from './frame-history';

/** A colony’s surveys, plans and followed frames, for its page of frames. */
export function loadFrames(db: Db, colonyId: string, hive: Hive) {
  const here = new Set(framesOf(hive).map(({ id }) => id));
  const kept = loadKeptFrames(db).filter(({ id }) => here.has(id));
  const named = new Set(kept.map(({ id }) => id));
  // The newest first.
  const told = surveysOf(db, colonyId);
  return {
    surveys: told.map((survey, i) => {
      const { id, at, source, manner, hive: found } = survey;
      const done = doneWords(survey, told[i + 1]).join(', ');
      const how =
        source === 'moves' ? done || 'frames moved' : manner === 'counts' ? 'frames counted' : 'frame by frame';
      return { id, when: minuteWords(at), words: `${how}, ${broodFrameCount(found)} of brood` };
    }),
    deleted: db
      .select({ id: surveys.id, at: surveys.at })
      .from(surveys)
      .where(and(eq(surveys.colonyId, colonyId), isNotNull(surveys.deletedAt)))
      .orderBy(desc(surveys.at))
      .all()
      .map(({ id, at }) => ({ id, when: minuteWords(at) })),
    plans: framePlansOf(db, colonyId).map(({ id, method, on, finishedAt, done, steps }) => ({
      id,
      words: `${methodTitle(method)}, planned for ${weekdayWords(day(on))}${done.length > 0 ? `, ${done.length} of ${steps.length} done` : ''}`,
      isOver: finishedAt !== null,
    })),
    followed: kept.map((frame) => ({ ...frame, history: frameHistory(db, frame.id) })),
    choices: hive.boxes.flatMap((box) =>
      box.frames.flatMap(({ id, kind }, i) =>
        kind === 'comb' && !named.has(id) ? [{ id, place: `frame ${i + 1} of ${boxName(hive, box)}` }] : [],
      ),
    ),
  };
}
