import { Suspense } from 'react';
import { BookRoom } from '@/rooms/book/BookRoom';

export default function Page() {
  return (
    <Suspense>
      <BookRoom />
    </Suspense>
  );
}
