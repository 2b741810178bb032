import type { Metadata } from 'next';
import { Suspense } from 'react';
import { TastingRoom } from '@/rooms/tasting/TastingRoom';

export const metadata: Metadata = { title: 'Tastings' };

export default function Page() {
  return (
    <Suspense>
      <TastingRoom />
    </Suspense>
  );
}
