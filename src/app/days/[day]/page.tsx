import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { parseDay, yearOf } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadYard } from '@/db/repositories/yard';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { fortnightNow, plannedThere } from '@/server/rounds/fortnight-now';
import { DayPage } from '@/ui/days/DayPage';
import { axisAround, isOn } from '@/ui/time/axis';
import { roundView } from '@/views/round-view';
import { distanceWords, weekdayWords } from '@/words/days';
import { spanWords } from '@/words/rounds';

export const metadata: Metadata = { title: 'Day' };

export default async function Page({ params }: { params: Promise<{ day: string }> }) {
  const day = parseDay((await params).day);
  if (day === null) notFound();
  const at = await now();
  const { today } = at;
  const opened = database();
  const yard = loadApiaries(opened, today);
  const planned = day < today ? null : await fortnightNow(opened, yard, at, zoneBy(await deviceZone())).answer;
  const rounds = yard.apiaries.map((apiary) => {
    const hours = planned?.fortnight.rounds.find((round) => round.on === day && round.apiary === apiary.id)?.hours;
    return {
      apiary,
      hours: hours ? spanWords(hours) : null,
      round: roundView(
        yard.colonies.filter((standing) => standing.apiary.id === apiary.id),
        day,
        null,
        planned ? plannedThere(planned, apiary.id) : undefined,
        day < today ? undefined : loadYard(opened.db, apiary.id),
      ),
    };
  });
  const around = axisAround(today);
  const year = yearOf(day) === yearOf(today) ? '' : ` ${yearOf(day)}`;
  return (
    <DayPage
      title={`${weekdayWords(day)}${year}, ${distanceWords(day, today)}`}
      axis={isOn(around, day) ? around : { ...axisAround(day), today }}
      day={day}
      isPast={day < today}
      rounds={rounds}
    />
  );
}
