'use client';

import { later } from '@/components/later';

const RoomFell = later(() => import('@/rooms/shell/RoomFell').then(({ RoomFell }) => RoomFell));

export default function RoomError({ reset }: { reset: () => void }) {
  return <RoomFell onAgain={reset} />;
}
