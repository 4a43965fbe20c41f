import 'server-only';
import type { Now } from '../../core/calendar/now';
import { type Taken, takenAs } from '../../core/facts/resend';
import { failure, type Result } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { addReceipt, receivedVersions } from '../../db/repositories/receipts';
import { revisionsOf } from '../../db/repositories/revisions';
import { deletedVersion, versionOf } from '../../device/version-of';

/** What a device sends under an id, and the versions that it is meant to replace. */
export interface Sent {
  readonly id: string;
  readonly content: unknown;
  readonly over?: readonly string[];
}

/** What is in the book under that id; null: nothing. */
export type StandingContent = { readonly content: unknown; readonly isDeleted: boolean } | null;

/** The version of what is in the book, under which it can be replaced. */
export const versionOfStanding = ({ content, isDeleted }: NonNullable<StandingContent>): string =>
  isDeleted ? deletedVersion(content) : versionOf(content);

/** What becomes of something that arrives: see {@link takenAs}. Call it inside the transaction that stores it. */
export function takenInto(db: Db, { id, content, over = [] }: Sent, standing: StandingContent): Taken {
  const stored = standing === null ? [] : [versionOf(standing.content)];
  const before = [...stored, ...revisionsOf(db, id).map((revision) => versionOf(revision.before))];
  // What was only received is not in the book any more where another season was brought in since: then it is new.
  const received = standing === null && before.length === 0 ? [] : receivedVersions(db, id);
  return takenAs(versionOf(content), over, {
    current: standing && versionOfStanding(standing),
    earlier: new Set([...before, ...received]),
  });
}

/** Notes what was taken, so that it is known when it comes again. */
export const noteReceipt = (db: Db, { id, content }: Sent, now: Now): void =>
  addReceipt(db, id, versionOf(content), now);

/** Two different things were said under one id, by people who did not know of each other. */
export const changedMeanwhile = (isDeleted: boolean): Result<never> =>
  failure({
    path: [],
    code: 'changed-meanwhile',
    message: isDeleted ? say('deleted-meanwhile') : say('changed-meanwhile'),
  });
