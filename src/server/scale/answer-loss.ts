import 'server-only';
import { and, eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import type { ScaleAnswerEntry } from '../../core/facts/scale';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Book } from '../../db/open';
import { loadColonyFacts } from '../../db/repositories/colony-facts';
import { standingColony } from '../../db/repositories/standing-colony';
import { swarmsOn } from '../../db/repositories/swarms-on';
import { queenEvents, scaleAnswers } from '../../db/schema/tables';
import { allOrNothing } from '../all-or-nothing';
import { deleteQueenEvent, restoreQueenEvent, saveQueenEvent } from '../entries/save-queen-event';
import { scaleAt } from './colony-scale';

const ofLoss = (colonyId: string, at: string) => and(eq(scaleAnswers.colonyId, colonyId), eq(scaleAnswers.at, at));

const KINDS = { swarm: 'swarmed', cast: 'cast-left' } as const;

/**
 * What a sudden loss on the scale was. A swarm becomes a fact of that minute; said otherwise later, that fact is taken out again. The
 * answer given first keeps its id, and with it the fact.
 */
export function answerLoss(
  opened: Book,
  { colonyId, at, answer, id }: ScaleAnswerEntry,
  now: Now,
): Result<{ id: string }> {
  const { db } = opened;
  const colony = standingColony(db, colonyId);
  if (!colony) return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
  const facts = loadColonyFacts(db, { colonyIds: [colonyId] }).get(colonyId);
  const losses = facts && scaleAt(opened, colony, facts, now.today)?.scale.possibleSwarms;
  const isKnown = db.select().from(scaleAnswers).where(ofLoss(colonyId, at)).get() !== undefined;
  if (!isKnown && !losses?.some((loss) => loss.at === at))
    return failure({ path: ['at'], code: 'not-found', message: say('no-such-loss') });
  return allOrNothing(db, (tx) => {
    const stored = tx.select().from(scaleAnswers).where(ofLoss(colonyId, at)).get();
    const answerId = stored?.id ?? id;
    const said = { answer, saidAt: now.minute };
    if (stored) tx.update(scaleAnswers).set(said).where(eq(scaleAnswers.id, answerId)).run();
    else
      tx.insert(scaleAnswers)
        .values({ id: answerId, colonyId, at, ...said })
        .run();
    const event = tx.select().from(queenEvents).where(eq(queenEvents.id, answerId)).get();
    // It was hived: what it was is said there.
    if (event && event.hivedAsId !== null) return success({ id: answerId });
    if (answer === 'swarm' || answer === 'cast') {
      // It is in the records already, by another way.
      if (!event && swarmsOn(tx, colonyId, at.slice(0, 10)).length > 0) return success({ id: answerId });
      const queenId = event?.queenId ?? newId();
      const left = saveQueenEvent(
        tx,
        {
          event: {
            id: answerId,
            queenId,
            colonyId,
            at,
            on: at.slice(0, 10),
            to: null,
            kind: KINDS[answer],
            went: event?.went ?? 'not-known',
            hivedAsId: null,
            note: event?.note ?? '',
          },
          newQueen: event
            ? null
            : {
                id: queenId,
                motherQueenId: null,
                origin: 'unknown',
                emergedFrom: null,
                emergedTo: null,
                note: '',
                isToBreedFrom: false,
              },
        },
        now,
      );
      const back = left.ok && event ? restoreQueenEvent(tx, answerId, now) : left;
      if (!back.ok) return back;
    } else if (event && event.deletedAt === null) {
      const gone = deleteQueenEvent(tx, answerId, now);
      if (!gone.ok) return gone;
    }
    return success({ id: answerId });
  });
}
