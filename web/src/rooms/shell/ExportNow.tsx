'use client';

import Button from '@mui/material/Button';
import { exportBook } from '@/store/bookFiles';

/** The whole book to a file, where it can't be saved as it should. */
export function ExportNow() {
  return (
    <Button size="small" onClick={() => void exportBook()}>
      Export the book
    </Button>
  );
}
