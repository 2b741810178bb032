import type { Metadata } from 'next';
import { Suspense } from 'react';
import { DayRoom } from '@/rooms/day/DayRoom';

export const metadata: Metadata = { title: 'Day' };

export default function Page() {
  return (
    <Suspense>
      <DayRoom />
    </Suspense>
  );
}
