import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { nightOf } from '@/server/night-of';
import { RoomPage } from '@/ui/room/RoomPage';
import { axisAround } from '@/ui/time/axis';
import { nightsByApiary, roomView } from '@/views/room-view';

export const metadata: Metadata = { title: 'Room' };

export default async function Page({ searchParams }: { searchParams: Promise<{ night?: string | string[] }> }) {
  const { today } = await now();
  const coldestNightC = nightOf((await searchParams).night);
  const yard = loadApiaries(database(), today);
  return (
    <RoomPage
      view={roomView(yard, coldestNightC)}
      axis={axisAround(today)}
      coldestNightC={coldestNightC}
      nights={nightsByApiary(yard)}
    />
  );
}
