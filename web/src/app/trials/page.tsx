import type { Metadata } from 'next';
import { Suspense } from 'react';
import { TrialsRoom } from '@/rooms/trials/TrialsRoom';

export const metadata: Metadata = { title: 'Trials' };

export default function Page() {
  return (
    <Suspense>
      <TrialsRoom />
    </Suspense>
  );
}
