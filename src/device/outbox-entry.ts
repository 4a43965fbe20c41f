import type { InspectionEntry } from '../core/facts/entry';
import type { ProgrammeStart } from '../core/facts/programme-start';
import type { Issue } from '../core/problems/issue';
import type { Draft } from './draft';

/**
 * An inspection that was saved on this device: waiting until the server answers; sent, and kept until the device knows what the
 * server makes of it; or refused, with the reason and everything that was typed.
 */
export interface OutboxEntry {
  readonly id: string;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly entry: InspectionEntry;
  /** Cells that it gives to other colonies, sent after it. */
  readonly gives: readonly ProgrammeStart[];
  readonly draft: Draft;
  readonly state: 'waiting' | 'sent' | 'refused';
  readonly issues: readonly Issue[];
  /** UTC instants. */
  readonly savedAt: string;
  readonly sentAt: string | null;
}
