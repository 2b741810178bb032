import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PracticeRoom } from '@/rooms/practice/PracticeRoom';

export const metadata: Metadata = { title: 'Practice bowls' };

export default function Page() {
  return (
    <Suspense>
      <PracticeRoom />
    </Suspense>
  );
}
