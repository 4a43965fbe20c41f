import type { OtherBook } from '../../device/other-books';
import { minuteOf, type OutboxEntry } from '../../device/outbox-entry';
import { minuteWords } from '../../words/days';
import { linesAsText } from '../../words/entry-lines';
import { inspectionLines } from '../../words/inspection-lines';
import { surveyLines } from '../../words/survey-lines';
import { CopyAsText } from '../offline/CopyAsText';

function textOf(entry: OutboxEntry): string {
  const title = `${entry.colonyName}, ${minuteWords(minuteOf(entry))}`;
  if (entry.kind === 'inspection')
    return linesAsText(
      title,
      inspectionLines(entry.entry, () => 'known'),
    );
  if (entry.kind === 'survey') return linesAsText(title, surveyLines(entry.body));
  return `${title}\n${entry.words}`;
}

/** What waits on this device for books that are not the one that answers here: it is sent when they do, or copied out. */
export function OtherBooks({ books }: { books: readonly OtherBook[] }) {
  if (books.length === 0) return null;
  return (
    <section aria-label="For another book" className="mt-4 max-w-2xl border-l-4 border-line pl-3 text-sm">
      <h2 className="text-lg">For another book</h2>
      <ul>
        {books.map(({ bookId, name, address, entries }) => (
          <li key={bookId} className="py-1">
            <b>{name ?? 'A book without a name'}</b>
            {`${address === null ? '' : `, last at ${address}`}: ${entries.length} ${entries.length === 1 ? 'entry waits' : 'entries wait'} here. Sent when that book answers.`}{' '}
            <CopyAsText text={entries.map(textOf).join('\n\n')} />
          </li>
        ))}
      </ul>
    </section>
  );
}
