import type { Metadata } from 'next';
import { KitRoom } from '@/rooms/kit/KitRoom';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return <KitRoom />;
}
