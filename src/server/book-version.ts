import 'server-only';
import { createHash, randomUUID } from 'node:crypto';
import { type Day, formatDay } from '../core/calendar/day';
import { dataFile, type OpenedDatabase } from '../db/open';
import { isDemo } from './demo-mode';

/** The count of changes begins anew with every process. */
const BOOT = randomUUID().slice(0, 8);

/** Changes with every change of the book, by whichever connection, and with the day it is asked. */
export function bookVersion({ sqlite }: OpenedDatabase, today: Day): string {
  const { changes } = sqlite.prepare('select total_changes() as changes').get() as { changes: number };
  const others = sqlite.pragma('data_version', { simple: true });
  return `${BOOT}-${changes}-${others}-${formatDay(today)}`;
}

/** Names the book on a device, so that what waits there is never sent to another one that has the same address. */
export function bookId(): string {
  const digest = createHash('sha256').update(dataFile()).digest('hex').slice(0, 12);
  return isDemo() ? `demo-${digest}` : digest;
}
