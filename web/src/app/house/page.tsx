import type { Metadata } from 'next';
import { Suspense } from 'react';
import { HouseRoom } from '@/rooms/house/HouseRoom';

export const metadata: Metadata = { title: 'From the house' };

export default function Page() {
  return (
    <Suspense>
      <HouseRoom />
    </Suspense>
  );
}
