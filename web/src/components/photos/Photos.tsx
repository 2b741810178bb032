'use client';

import AddAPhotoOutlined from '@mui/icons-material/AddAPhotoOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Photo, photosOf, type PhotoTable } from '@cobbet/core/book/photo';
import { useMemo, useRef, useState } from 'react';
import { useBook } from '@/store/bookStore';
import { addPhoto } from '@/store/photoCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { FileInput } from '../FileInput';
import { later } from '../later';
import { photoName } from './photoName';
import { usePicture } from './usePicture';

const PhotoDialog = later(() => import('./PhotoDialog').then(({ PhotoDialog }) => PhotoDialog));

function Thumb({ photo, height, onOpen }: { photo: Photo; height: number; onOpen: () => void }) {
  const picture = usePicture(photo.id);
  return (
    <Box
      component="button"
      type="button"
      aria-label={photoName(photo)}
      onClick={onOpen}
      sx={{
        ...{
          border: `1px solid ${colour.line}`,
          borderRadius: 1,
          p: 0,
          height,
          overflow: 'hidden',
        },
        ...{ width: Math.round((height * photo.widthPx) / photo.heightPx), cursor: 'pointer' },
        ...{ bgcolor: colour.board, color: colour.muted, font: 'inherit', position: 'relative' },
        fontSize: typeScale.small,
      }}
    >
      {picture === 'missing' && 'not in this browser'}
      {picture && picture !== 'missing' && (
        // kept in the browser: there is nothing a server could make smaller
        // eslint-disable-next-line @next/next/no-img-element
        <img
          src={picture.url}
          alt=""
          style={{ width: '100%', height: '100%', objectFit: 'cover', display: 'block' }}
        />
      )}
      {photo.measured && (
        <Box
          component="span"
          sx={{
            ...{ position: 'absolute', left: 0, bottom: 0, px: 0.75, bgcolor: colour.paper },
            ...{ color: colour.ink, borderTopRightRadius: 6 },
          }}
        >
          {photo.measured.diameterMm.toFixed(0)} mm
        </Box>
      )}
    </Box>
  );
}

/** Pictures of a trial, a batch or a bowl, and the way to one more. */
export function Photos({
  of,
  ofId,
  step,
  height = 84,
  adds = true,
}: {
  of: PhotoTable;
  ofId: string;
  /** What is being done just now. */
  step?: string;
  /** px */
  height?: number;
  /** Whether one more can be taken here. */
  adds?: boolean;
}) {
  const all = useBook(({ book }) => book.photos);
  const photos = useMemo(() => photosOf(all.values(), of, ofId), [all, of, ofId]);
  const input = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState<string | null>(null);
  const [busy, setBusy] = useState<AbortController | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (files: readonly File[]) => {
    const ends = new AbortController();
    setBusy(ends);
    setProblem(null);
    try {
      for (const file of files) {
        const about = step === undefined ? {} : { step };
        await addPhoto({ of, ofId, ...about }, file, ends.signal);
      }
    } catch (error) {
      if (!ends.signal.aborted) setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(null);
    }
  };
  const shown = open === null ? undefined : photos.find(({ id }) => id === open);
  return (
    <Box role="group" aria-label="Pictures">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        {photos.map((photo) => (
          <Thumb key={photo.id} photo={photo} height={height} onOpen={() => setOpen(photo.id)} />
        ))}
        {adds &&
          (busy ? (
            <Button onClick={() => busy.abort()}>Making it small… Stop</Button>
          ) : (
            <Button startIcon={<AddAPhotoOutlined />} onClick={() => input.current?.click()}>
              Add a picture
            </Button>
          ))}
        <FileInput
          input={input}
          label="A picture"
          accept="image/*"
          multiple
          onFiles={(files) => void take(files)}
        />
      </Box>
      {problem !== null && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
      {shown && (
        <PhotoDialog
          key={shown.id}
          photo={shown}
          photos={photos}
          onOpen={setOpen}
          onClose={() => setOpen(null)}
        />
      )}
    </Box>
  );
}
