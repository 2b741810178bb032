import type { Metadata } from 'next';
import { Suspense } from 'react';
import { LarderRoom } from '@/rooms/larder/LarderRoom';

export const metadata: Metadata = { title: 'Larder' };

export default function Page() {
  return (
    <Suspense>
      <LarderRoom />
    </Suspense>
  );
}
