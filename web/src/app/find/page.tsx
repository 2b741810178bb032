import type { Metadata } from 'next';
import { Suspense } from 'react';
import { FindRoom } from '@/rooms/find/FindRoom';

export const metadata: Metadata = { title: 'Find' };

export default function Page() {
  return (
    <Suspense>
      <FindRoom />
    </Suspense>
  );
}
