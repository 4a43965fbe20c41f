import dynamic from 'next/dynamic';
import type { Day } from '../../core/calendar/day';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { Pack } from '../../device/pack';
import type { HiveAtHand } from '../../device/rounds-at-hand';
import { draftKey, type StoredDraft } from '../../device/stored-draft';
import type { ApiaryEntry } from '../../views/all-apiaries';
import type { RoundHive, RoundView } from '../../views/round-view';
import { roundPhrases } from '../../words/pages/round';
import { unreckonedPhrases } from '../../words/pages/unreckoned';
import { BUTTON } from '../controls/styles';
import { PageHead } from '../time/PageHead';
import { TONE_TEXT } from '../time/tones';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

// Not on the way to the first hive: their scripts come after the list, and are kept on the device with the rest.
// The list stays where it is meanwhile.
const loading = () => <div className="mt-3 h-[3.25rem]" />;
const RoundBar = dynamic(() => import('./RoundBar').then((module) => module.RoundBar), { ssr: false, loading });
const MinutesHere = dynamic(() => import('./MinutesHere').then((module) => module.MinutesHere), {
  ssr: false,
  loading,
});

interface Props {
  readonly apiary: ApiaryEntry;
  readonly round: RoundView;
  readonly outbox: readonly OutboxEntry[];
  readonly drafts: readonly StoredDraft[];
  readonly pack: Pack;
  /** The hives of this apiary. */
  readonly hives: readonly HiveAtHand[];
  readonly today: Day;
  /** This minute by the book's day. */
  readonly minute: () => string;
}

/** The hives of one apiary in the order and by the numbers of the round, as its sheet has them; any of them can be entered first, and left half done. */
export function RoundList({ apiary, round, outbox, drafts, pack, hives, today, minute }: Props) {
  const { others, leaveShut, notes } = round;
  const unreckoned = hives.filter(({ isUnreckoned }) => isUnreckoned);
  const planned = round.due.filter(({ isOnRound }) => isOnRound);
  const due = planned.length > 0 ? planned : round.due;
  const elsewhere = planned.length > 0 ? round.due.filter(({ isOnRound }) => !isOnRound) : [];
  const standing = (hive: RoundHive) => standingOf(hive, outbox, drafts);
  return (
    <>
      <PageHead
        isSticky={false}
        apiaryId={apiary.id}
        title={apiary.name}
        below={
          <>
            {apiary.note && <p>{apiary.note}</p>}
            {notes.map((words) => (
              <p key={words} className="font-semibold">
                {words}
              </p>
            ))}
            <p className="mt-1 flex gap-5">
              <HiveLink to={hivePlace.start} className={BUTTON.quiet}>
                other apiary
              </HiveLink>
              <a href={`/rounds/${apiary.id}`} className={BUTTON.quiet}>
                round sheet, to print or to send
              </a>
            </p>
          </>
        }
      />
      <RoundBar apiary={apiary} round={round} hives={hives} minute={minute} />
      <MinutesHere pack={pack} outbox={outbox} today={today} apiaryId={apiary.id} />
      {due.length === 0 && <p className="mt-3 font-semibold">Nothing is due here today.</p>}
      <ol aria-label="The round" className="mt-3 grid max-w-2xl gap-2">
        {due.map((hive, i) => (
          <HiveRow key={hive.colonyId} hive={hive} place={i + 1} standing={standing(hive)} />
        ))}
      </ol>
      {elsewhere.length > 0 && (
        <section aria-label="Due, on another round" className="mt-5 max-w-2xl">
          <h2 className="text-lg">Due, on another round</h2>
          <ul className="mt-1 grid gap-2">
            {elsewhere.map((hive, i) => (
              <HiveRow key={hive.colonyId} hive={hive} place={due.length + i + 1} standing={standing(hive)} />
            ))}
          </ul>
        </section>
      )}
      {unreckoned.length > 0 && (
        <section aria-label={unreckonedPhrases.short} className="mt-5 max-w-2xl border-l-4 border-propolis pl-3">
          <h2 className="text-lg">{unreckonedPhrases.short}</h2>
          <ul>
            {unreckoned.map(({ colony }) => (
              <li key={colony.id}>
                <HiveLink to={hivePlace.entry(colony.id)} className={`${BUTTON.plain} mt-1 min-h-12`}>
                  Enter {colony.name}
                </HiveLink>
              </li>
            ))}
          </ul>
        </section>
      )}
      {leaveShut.length > 0 && (
        <section aria-label="Leave shut" className="mt-4 max-w-2xl border-l-4 border-indigo pl-3">
          <h2 className="text-lg">Leave shut</h2>
          <ul>
            {leaveShut.map(({ colonyId, name, words, flights }) => (
              <li key={colonyId}>
                <b>{name}.</b> {words}. {flights}
              </li>
            ))}
          </ul>
        </section>
      )}
      {others.length > 0 && (
        <section aria-label="Not due" className="mt-5 max-w-2xl">
          <h2 className="text-lg">Not due</h2>
          <ul className="mt-1 grid gap-2">
            {others.map((hive, i) => (
              <HiveRow key={hive.colonyId} hive={hive} place={round.due.length + i + 1} standing={standing(hive)} />
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** How far the entry of a hive has come on this device. */
function standingOf(
  { colonyId }: RoundHive,
  outbox: readonly OutboxEntry[],
  drafts: readonly StoredDraft[],
): string | null {
  const isBegun = (begun: string) => drafts.some(({ key }) => key === begun);
  if (isBegun(draftKey.inspection(colonyId, null))) return 'half entered';
  if (isBegun(draftKey.survey(colonyId, null))) return 'survey half done';
  const last = outbox
    .filter((entry) => entry.colonyId === colonyId)
    .sort((a, b) => (a.savedAt < b.savedAt ? 1 : -1))[0];
  if (!last) return null;
  return { waiting: 'saved here', sent: 'sent', refused: 'to fix' }[last.state];
}

function HiveRow({ hive, place, standing }: { hive: RoundHive; place: number; standing: string | null }) {
  const { colonyId, name, stand, situation, due, plannedFor } = hive;
  return (
    <li>
      <HiveLink
        to={hivePlace.entry(colonyId)}
        className="flex min-h-16 gap-3 border-2 border-ink bg-paper px-3 py-2 no-underline hover:bg-tint"
      >
        <span data-place className="text-muted w-5 text-right text-sm leading-7">
          {place}
        </span>
        <span className="min-w-0 flex-1">
          <span className="flex flex-wrap items-baseline gap-x-2">
            <b className="font-display text-2xl leading-7">{name}</b>
            <span className="text-muted text-sm">{stand}</span>
            {standing && <b className="ml-auto border border-ink px-1.5 text-sm">{standing}</b>}
          </span>
          <span className="block text-sm">{situation}</span>
          {plannedFor && <span className="block text-sm font-semibold">{roundPhrases.plannedFor(plannedFor)}</span>}
          {due.map(({ key, words, why, tone }) => (
            <span key={key} className="mt-1 block text-sm leading-snug">
              <b className={TONE_TEXT[tone]}>{words}.</b> {why}
            </span>
          ))}
        </span>
      </HiveLink>
    </li>
  );
}
