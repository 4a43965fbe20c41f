'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Room } from '../../core/space/room';

// Charts are heavy and few are opened: their script comes with the first.
const RoomChart = dynamic(() => import('./RoomChart').then((module) => module.RoomChart), {
  ssr: false,
  loading: () => <div className="h-48" />,
});

/** The chart of a colony’s room, drawn once it is asked for. */
export function RoomCourse({
  name,
  course,
  isOpenFirst,
}: {
  name: string;
  course: Room['course'];
  isOpenFirst: boolean;
}) {
  const [isOpen, setOpen] = useState(isOpenFirst);
  return (
    <details open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)} className="mt-1">
      <summary className="cursor-pointer py-1 text-sm font-semibold">Free cells day by day</summary>
      {isOpen && <RoomChart name={name} course={course} />}
    </details>
  );
}
