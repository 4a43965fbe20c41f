import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { fitFactsOf, NOTHING_SAID } from '@/core/colony/fit-facts';
import { situationOf } from '@/core/colony/situation';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { choicesNow } from '@/server/choices-now';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { ChoicesPage } from '@/ui/decide/ChoicesPage';
import { choicesView } from '@/views/choices-view';
import { namesOf } from '@/views/kit-view';
import { inWords } from '@/words/in-words';

export const metadata: Metadata = { title: 'Choices' };

interface Props {
  params: Promise<{ id: string }>;
}

/** What it reads, without since when. */
const titleOf = (situation: string): string => situation.split(':')[0] as string;

export default async function Page({ params }: Props) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const found = loadColony(opened, id, today);
  if (!found || found.state.ended) notFound();
  const { colony, facts, state, settings, apiary } = found;
  const all = loadApiaries(opened, today);
  const { asked, elsewhere } = choicesNow(opened, all, { colony, apiary, state }, today);
  const { flow, coldestOfNextFive } = asked.place;
  const view = choicesView({
    asked,
    state,
    colony: facts,
    facts: fitFactsOf(state, flow, { ...NOTHING_SAID, coldestNightC: coldestOfNextFive }),
    settings,
    elsewhere,
    apiaryName: namesOf(all),
  });
  return <ChoicesPage colony={colony} situation={titleOf(inWords(situationOf(state)))} view={view} />;
}
