import type { Metadata } from 'next';
import { learnedMinutes } from '@/core/rounds/learned-minutes';
import { database } from '@/db/open';
import { roundsMade } from '@/db/repositories/rounds';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { FreeTimeForm } from '@/ui/forms/FreeTimeForm';
import { RoundsMade } from '@/ui/forms/RoundsMade';
import { roundsMadeView } from '@/views/rounds-made-view';

export const metadata: Metadata = { title: 'When you are free' };

export default async function Page() {
  const opened = database();
  const { today } = await now();
  const { settings, apiaries } = loadApiaries(opened, today);
  const { freeWeek, away, extraHours, wayMinutes, roadMinutes, workMinutes, latitude, longitude } = settings;
  const made = roundsMade(opened.db);
  return (
    <>
      <FreeTimeForm
        values={{ freeWeek, away, extraHours, wayMinutes, roadMinutes, workMinutes, latitude, longitude }}
        learned={[...learnedMinutes(made)]}
        ways={apiaries.map(({ id, name, wayMinutes: own }) => ({ id, name, wayMinutes: own }))}
      />
      <RoundsMade rounds={roundsMadeView(made, apiaries)} />
    </>
  );
}
