import type { CalendarShows } from '../../core/settings/settings';
import { BUTTON } from '../controls/styles';
import { PageHead } from '../time/PageHead';
import { Backups } from './Backups';
import { CalendarChoice } from './CalendarChoice';
import { CalendarFeed } from './CalendarFeed';
import { ImportSeason } from './ImportSeason';
import { Spreadsheets } from './Spreadsheets';
import { ThisDevice } from './ThisDevice';
import { WipeSeason } from './WipeSeason';

interface Props {
  readonly file: string;
  readonly isDemo: boolean;
  /** The calendar's address; null: it has none. */
  readonly feed: string | null;
  readonly calendarShows: CalendarShows;
  readonly calendarReminds: boolean;
}

/** Everything out, everything in, everything away. */
export function DataPage({ file, isDemo, feed, calendarShows, calendarReminds }: Props) {
  return (
    <div>
      <PageHead title="Your season is yours" />
      <div className="max-w-3xl">
        <p className="text-muted mt-2">
          {`Everything is kept in the file ${file} on this machine${isDemo ? ', the demo’s own; your own data is another file' : ''}.`}
        </p>
        <section className="mt-6">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Export your season</h2>
          <p className="mt-1">
            One JSON file with every fact you entered, and every correction. Nothing reckoned is in it; it is reckoned
            anew.
          </p>
          <p className="mt-3">
            <a href="/api/season/export" download className={BUTTON.strong}>
              Export the season file
            </a>
          </p>
        </section>
        <section className="mt-8" aria-label="Spreadsheets">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Spreadsheets</h2>
          <p className="mt-1">
            CSV files for any spreadsheet program: days as 2027-05-16, measures in kg and °C. Good for reading and
            adding up; only a season file brings the whole book back.
          </p>
          <Spreadsheets />
          <p className="mt-4">
            <a href="/data/bring-in" className={BUTTON.plain}>
              Bring in a spreadsheet
            </a>
          </p>
        </section>
        <section className="mt-8" aria-label="Backups">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Backups</h2>
          <p className="mt-1">
            Made on every day on which something was written, and before everything that replaces the book. The last of
            seven days, four weeks and twelve months is kept.
          </p>
          <Backups />
        </section>
        <section className="mt-8" aria-label="Your phone">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Your phone</h2>
          <p className="mt-1">
            At the hive without a signal, from any phone at home:{' '}
            <a href="/phone">how it gets there, and who may come in</a>.
          </p>
        </section>
        <section className="mt-8" aria-label="This device">
          <h2 className="border-t-2 border-ink pt-2 text-xl">This device</h2>
          <ThisDevice />
        </section>
        <section id="calendar" className="mt-8 scroll-mt-40" aria-label="Calendar">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Calendar</h2>
          <p className="mt-1">
            Checks with their windows in the text, or the planned rounds with their lists, and every hive to leave shut.
            What is dated anew moves in a calendar that subscribes.
          </p>
          <CalendarChoice shows={calendarShows} reminds={calendarReminds} />
          <CalendarFeed address={feed} />
        </section>
        <section className="mt-8">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Import it</h2>
          <p className="mt-1">
            A season file takes the place of all that is here. You see what is in it first, and a backup is made.
          </p>
          <ImportSeason />
        </section>
        <section className="mt-8">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Erase everything</h2>
          <p className="mt-1">Erases every apiary, colony and inspection from your records. A backup is made first.</p>
          <WipeSeason />
        </section>
      </div>
    </div>
  );
}
