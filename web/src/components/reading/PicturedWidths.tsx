'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { photosOf, type PhotoTable } from '@cobbet/core/book/photo';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';

/** Whose pictures a width may have been measured on. */
export interface PicturesOf {
  of: PhotoTable;
  ofId: string;
}

/**
 * Widths measured on pictures, offered where a test is read.
 *
 * @param typed what stands in the width's field
 * @param onTake puts a width there
 * @returns what of the test comes from the picture, while its width still stands there, and the offers
 */
export function usePictured(
  test: 'ring' | 'press',
  { of, ofId }: PicturesOf,
  typed: string,
  onTake: (typed: string) => void,
): { fromPicture: { widthSdMm?: number }; widths: ReactNode } {
  const photos = useBook(({ book }) => book.photos);
  const [taken, setTaken] = useState<{ typed: string; sdMm: number } | null>(null);
  const measured = photosOf(photos.values(), of, ofId).flatMap(({ id, measured: one }) =>
    one?.test === test ? [{ id, ...one }] : [],
  );
  const widths =
    measured.length === 0 ? null : (
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
        {measured.map(({ id, diameterMm, sdMm }) => (
          <Button
            key={id}
            variant="outlined"
            onClick={() => {
              const text = diameterMm.toFixed(0);
              setTaken({ typed: text, sdMm });
              onTake(text);
            }}
          >
            {diameterMm.toFixed(0)} ± {sdMm.toFixed(0)} mm from its picture
          </Button>
        ))}
      </Box>
    );
  const stands = taken !== null && taken.typed === typed;
  return { fromPicture: stands ? { widthSdMm: taken.sdMm } : {}, widths };
}
