import type { Metadata } from 'next';
import { Suspense } from 'react';
import { MakeRoom } from '@/rooms/make/MakeRoom';

export const metadata: Metadata = { title: 'Make' };

export default function Page() {
  return (
    <Suspense>
      <MakeRoom />
    </Suspense>
  );
}
