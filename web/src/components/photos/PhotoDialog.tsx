'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import type { Theme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Photo } from '@cobbet/core/book/photo';
import { useState } from 'react';
import { download } from '@/store/download';
import { deletePhoto, editPhoto } from '@/store/photoCommands';
import { colour } from '@/theme/colour';
import { later } from '../later';
import { useLeaving } from '../useLeaving';
import { photoName } from './photoName';
import { usePicture } from './usePicture';

const MeasureSpread = later(() =>
  import('./MeasureSpread').then(({ MeasureSpread }) => MeasureSpread),
);

/** One picture, large: what is said of it, what was measured on it, and the next one. */
export function PhotoDialog({
  photo,
  photos,
  onOpen,
  onClose,
}: {
  photo: Photo;
  /** All there are of the same thing. */
  photos: readonly Photo[];
  onOpen: (id: string) => void;
  onClose: () => void;
}) {
  const picture = usePicture(photo.id);
  const inHand = useMediaQuery<Theme>((theme) => theme.breakpoints.down('sm'), { noSsr: true });
  const [measuring, setMeasuring] = useState(false);
  const [note, setNote] = useState(photo.note);
  const keep = () => {
    if (note !== photo.note)
      void editPhoto('A word on a picture', photo.id, (one) => ({ ...one, note }));
  };
  useLeaving(keep);
  const at = photos.findIndex(({ id }) => id === photo.id);
  const [before, after] = [photos[at - 1], photos[at + 1]];
  const here = picture !== null && picture !== 'missing';
  return (
    <Dialog
      open
      fullWidth
      fullScreen={inHand}
      maxWidth="lg"
      onClose={onClose}
      aria-labelledby="photo-title"
    >
      <DialogTitle id="photo-title" sx={{ overflowWrap: 'anywhere', pb: 1 }}>
        {photoName({ ...photo, note })}
      </DialogTitle>
      <DialogContent tabIndex={0}>
        {picture === 'missing' && (
          <Box sx={{ color: colour.muted }}>
            This browser does not have the picture. It is where it was taken, and in a book file
            saved there.
          </Box>
        )}
        {here &&
          (measuring ? (
            <MeasureSpread photo={photo} picture={picture} onDone={() => setMeasuring(false)} />
          ) : (
            // eslint-disable-next-line @next/next/no-img-element -- kept in the browser
            <img
              src={picture.url}
              alt={photoName({ ...photo, note })}
              style={{ maxWidth: '100%', maxHeight: '62vh', display: 'block', margin: '0 auto' }}
            />
          ))}
        {!measuring && (
          <TextField
            fullWidth
            label="What it shows"
            value={note}
            onChange={({ target }) => setNote(target.value)}
            onBlur={keep}
            slotProps={{ htmlInput: { maxLength: 2000 } }}
            sx={{ mt: 1.5 }}
          />
        )}
        {!measuring && photo.measured && (
          <Box sx={{ mt: 1 }}>
            Spread {photo.measured.diameterMm.toFixed(0)} ± {photo.measured.sdMm.toFixed(0)} mm,
            measured on the picture against {photo.measured.knownMm} mm. It is offered where a{' '}
            {photo.measured.test} test is read.
          </Box>
        )}
      </DialogContent>
      {!measuring && (
        <DialogActions sx={{ flexWrap: 'wrap' }}>
          <Button sx={{ mr: 'auto' }} onClick={() => void deletePhoto(photo.id).then(onClose)}>
            Throw away
          </Button>
          <Button disabled={!before} onClick={() => before && onOpen(before.id)}>
            Earlier
          </Button>
          <Button disabled={!after} onClick={() => after && onOpen(after.id)}>
            Later
          </Button>
          <Button
            disabled={!here}
            onClick={() => here && download(`${photo.id}.jpg`, picture.blob, 'image/jpeg')}
          >
            Save
          </Button>
          <Button disabled={!here} onClick={() => setMeasuring(true)}>
            {photo.measured ? 'Measure again' : 'Measure a spread'}
          </Button>
          <Button variant="contained" onClick={onClose}>
            Done
          </Button>
        </DialogActions>
      )}
    </Dialog>
  );
}
