'use client';

import Button from '@mui/material/Button';
import { NotHere } from '@/components/NotHere';

export default function RoomError({ reset }: { reset: () => void }) {
  return (
    <NotHere
      title="This room fell over"
      text="What you did up to now is saved. Try again; if it happens once more, export the book and reload."
    >
      <Button variant="contained" onClick={reset}>
        Try again
      </Button>
    </NotHere>
  );
}
