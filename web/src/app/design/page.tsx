import type { Metadata } from 'next';
import { Suspense } from 'react';
import { DesignRoom } from '@/rooms/design/DesignRoom';

export const metadata: Metadata = { title: 'Trials on purpose' };

export default function Page() {
  return (
    <Suspense>
      <DesignRoom />
    </Suspense>
  );
}
