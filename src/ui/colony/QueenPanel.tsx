'use client';

import Link from 'next/link';
import type { QueenLine } from '../../views/colony-records';
import { QUEEN_EVENT_WORDS, queenEventDay, SWARM_WENT_WORDS } from '../../words/queen-events';
import { AskFirst } from '../controls/AskFirst';
import { Button, ButtonLink } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

interface Props {
  readonly colonyId: string;
  readonly words: string;
  readonly lastLaid: string | null;
  readonly lines: readonly QueenLine[];
  /** On which afternoons a virgin could fly. */
  readonly flights: string | null;
}

/** What is known of the queen, and what happened to her and those before her; each can be corrected or taken out. */
export function QueenPanel({ colonyId, words, lastLaid, flights, lines }: Props) {
  const { issues, sendTo } = useSend();
  const standing = lines.filter(({ isDeleted }) => !isDeleted);
  const deleted = lines.filter(({ isDeleted }) => isDeleted);
  return (
    <section aria-label="Queen">
      <p>{words}</p>
      {flights && <p className="text-sm font-semibold">{flights}</p>}
      {lastLaid && <p className="text-muted text-sm">{lastLaid}</p>}
      <IssueList issues={issues} />
      <ul className="mt-2 text-sm">
        {standing.map((line) => (
          <li key={line.id} className="border-b border-line py-1">
            <b>{queenEventDay(line)}</b> {`${line.queen}: ${QUEEN_EVENT_WORDS[line.kind]}`}
            {line.went && line.went !== 'not-known' && ` (${SWARM_WENT_WORDS[line.went]})`}
            {line.elsewhere && <span className="text-muted">{` in ${line.elsewhere}`}</span>}
            {line.note && <span className="text-muted">{` “${line.note}”`}</span>}
            {line.elsewhere === null && line.hivedAsId === null && (
              <span className="ml-2 inline-flex gap-3">
                <Link prefetch={false} href={`/colonies/${colonyId}/queen/${line.id}`}>
                  correct
                </Link>
                <AskFirst
                  trigger={<Button kind="quiet">delete</Button>}
                  title="Delete this entry about the queen?"
                  body="All dates that follow from it change. It can be restored."
                  yes="Delete it"
                  no="Cancel"
                  onYes={() => void sendTo(`/api/queen-events/${line.id}`, {}, 'DELETE')}
                />
              </span>
            )}
          </li>
        ))}
        {deleted.map((line) => (
          <li key={line.id} className="text-muted border-b border-line py-1">
            <s>{`${queenEventDay(line)} ${line.queen}: ${QUEEN_EVENT_WORDS[line.kind]}`}</s>{' '}
            <Button kind="quiet" onClick={() => void sendTo(`/api/queen-events/${line.id}`, {})}>
              restore
            </Button>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <ButtonLink href={`/colonies/${colonyId}/queen`} kind="quiet">
          Record a queen event
        </ButtonLink>
      </p>
    </section>
  );
}
