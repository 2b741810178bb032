'use client';

import { RoomFell } from '@/rooms/shell/RoomFell';

export default function RoomError({ reset }: { reset: () => void }) {
  return <RoomFell onAgain={reset} />;
}
