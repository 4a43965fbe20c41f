import { BUTTON } from '../controls/styles';
import { PageHead } from '../time/PageHead';
import { CalendarFeed } from './CalendarFeed';
import { ImportSeason } from './ImportSeason';
import { WipeSeason } from './WipeSeason';

/** Everything out, everything in, everything away. */
export function DataPage({ file, isDemo, feed }: { file: string; isDemo: boolean; feed: string | null }) {
  return (
    <div>
      <PageHead title="Your season is yours" />
      <div className="max-w-3xl">
        <p className="text-muted mt-2">
          {`Everything is kept in the file ${file} on this machine${isDemo ? ', the demo’s own; your own data is another file' : ''}.`}
        </p>
        <section className="mt-6">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Take it out</h2>
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
        <section className="mt-8" aria-label="Calendar">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Calendar</h2>
          <p className="mt-1">
            Every check on its best day, with its window in the text, and every hive to leave shut. A check that is
            dated anew moves in a calendar that subscribes.
          </p>
          <CalendarFeed address={feed} />
        </section>
        <section className="mt-8">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Bring it in</h2>
          <p className="mt-1">
            A season file takes the place of all that is here. You see what is in it first, and a backup is made.
          </p>
          <ImportSeason />
        </section>
        <section className="mt-8">
          <h2 className="border-t-2 border-ink pt-2 text-xl">Begin anew</h2>
          <p className="mt-1">Takes every apiary, colony and inspection out of the book. A backup is made first.</p>
          <WipeSeason />
        </section>
      </div>
    </div>
  );
}
