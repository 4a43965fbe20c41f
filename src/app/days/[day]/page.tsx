import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { parseDay, yearOf } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { DayPage } from '@/ui/days/DayPage';
import { axisAround, isOn } from '@/ui/time/axis';
import { roundView } from '@/views/round-view';
import { distanceWords, weekdayWords } from '@/words/days';

export const metadata: Metadata = { title: 'Day' };

export default async function Page({ params }: { params: Promise<{ day: string }> }) {
  const day = parseDay((await params).day);
  if (day === null) notFound();
  const { today } = await now();
  const yard = loadApiaries(database(), today);
  const rounds = yard.apiaries.map((apiary) => ({
    apiary,
    round: roundView(
      yard.colonies.filter((standing) => standing.apiary.id === apiary.id),
      day,
    ),
  }));
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
