import type { Metadata } from 'next';
import { NewDipRoom } from '@/rooms/new/NewDipRoom';

export const metadata: Metadata = { title: 'New dip' };

export default function Page() {
  return <NewDipRoom />;
}
