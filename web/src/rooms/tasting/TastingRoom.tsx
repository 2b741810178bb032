'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { AllTrials } from '@/components/AllTrials';
import { later } from '@/components/later';
import { NotHere } from '@/components/NotHere';
import { useBook } from '@/store/bookStore';
import { TastingList } from './TastingList';

const NewTasting = later(() => import('./plan/NewTasting').then(({ NewTasting }) => NewTasting));
const TasterScreen = later(() =>
  import('./taster/TasterScreen').then(({ TasterScreen }) => TasterScreen),
);
const OneTasting = later(() => import('./OneTasting').then(({ OneTasting }) => OneTasting));

/** Tastings by several people: all of them, a new one, one of them, or what one taster sees. */
export function TastingRoom() {
  const asked = useSearchParams();
  const tastings = useBook((state) => state.book.tastings);
  const id = asked.get('id');
  if (id === null) {
    return asked.get('new') === null ? (
      <TastingList />
    ) : (
      <AllTrials>
        <NewTasting dipId={asked.get('dip')} />
      </AllTrials>
    );
  }
  const tasting = tastings.get(id);
  if (!tasting) {
    return (
      <NotHere
        title="That tasting is not in the book"
        text="It may have been deleted, or it belongs to another book. Undo brings back what you deleted."
      >
        <Button component={Link} href="/tasting" variant="contained">
          To the tastings
        </Button>
      </NotHere>
    );
  }
  const seat = tasting.seats.find((one) => one.id === asked.get('seat'));
  if (seat && tasting.closedAt === null) return <TasterScreen tasting={tasting} seat={seat} />;
  return (
    <AllTrials>
      <OneTasting tasting={tasting} />
    </AllTrials>
  );
}
