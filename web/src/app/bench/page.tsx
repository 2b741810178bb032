import type { Metadata } from 'next';
import { Suspense } from 'react';
import { BenchRoom } from '@/rooms/bench/BenchRoom';

export const metadata: Metadata = { title: 'Bench' };

export default function Page() {
  return (
    <Suspense>
      <BenchRoom />
    </Suspense>
  );
}
