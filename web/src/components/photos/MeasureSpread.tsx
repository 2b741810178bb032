'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Photo } from '@cobbet/core/book/photo';
import type { MeasuredSpread } from '@cobbet/core/picture/measuredSpread';
import { leastPoints } from '@cobbet/core/picture/measureSpread';
import type { PicturePoint, Rims } from '@cobbet/core/picture/picturePoint';
import { useState } from 'react';
import { editPhoto } from '@/store/photoCommands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { typedWithin } from '../reading/readingText';
import { Measured } from './Measured';
import { RimBoard, type RimName } from './RimBoard';
import { useMeasured } from './useMeasured';

/** A width measured on a picture: rims of what is known and of the spread, tapped, drawn, and found by their edges. */
export function MeasureSpread({
  photo,
  picture,
  onDone,
}: {
  photo: Photo;
  picture: { url: string; blob: Blob };
  onDone: () => void;
}) {
  const { kit } = useSettings();
  const [test, setTest] = useState(photo.measured?.test ?? 'ring');
  const [known, setKnown] = useState(String(photo.measured?.knownMm ?? kit.ring.ringMm));
  const [laying, setLaying] = useState<RimName>('known');
  const [rims, setRims] = useState<Rims>({
    known: photo.measured?.known ?? [],
    spread: photo.measured?.spread ?? [],
  });
  const { value: knownMm, problem: wrongWidth } = typedWithin(known, 5, 500);
  const enough = rims.known.length >= leastPoints && rims.spread.length >= leastPoints;
  const { shown, problem } = useMeasured(photo, picture.blob, rims, enough ? knownMm : null);
  const spread = shown?.spread ?? null;
  const change = (name: RimName, points: readonly PicturePoint[]) => {
    setRims({ ...rims, [name]: points });
    if (name === 'known' && points.length === leastPoints && rims.spread.length === 0) {
      setLaying('spread');
    }
  };
  const keep = async () => {
    if (!spread || knownMm === null) return;
    const { diameterMm, sdMm } = spread;
    const measured = {
      ...{ test, knownMm, diameterMm, sdMm },
      ...{ known: [...rims.known], spread: [...rims.spread] },
    };
    await editPhoto('Measure a spread', photo.id, (one) => ({ ...one, measured }));
    onDone();
  };
  const left = Math.max(0, leastPoints - rims[laying].length);
  return (
    <Box
      sx={{
        ...{ display: 'grid', gap: 2, alignItems: 'start' },
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 270px' },
      }}
    >
      <RimBoard
        photo={photo}
        url={picture.url}
        rims={rims}
        outlines={spread}
        laying={laying}
        onChange={change}
      />
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Measured
          {...{ shown, enough, left }}
          whose={laying === 'known' ? 'what you know' : 'the spread'}
        />
        {problem !== null && (
          <Box role="alert" sx={{ color: colour.caution }}>
            {problem}
          </Box>
        )}
        <ToggleButtonGroup
          exclusive
          fullWidth
          value={laying}
          aria-label="Whose rim is tapped"
          onChange={(_, next: RimName | null) => next && setLaying(next)}
        >
          <ToggleButton value="known">what I know</ToggleButton>
          <ToggleButton value="spread">the spread</ToggleButton>
        </ToggleButtonGroup>
        <Button
          disabled={rims[laying].length === 0}
          onClick={() => change(laying, rims[laying].slice(0, -1))}
        >
          Take the last place back
        </Button>
        <TextField
          label="Width of what I know, mm"
          value={known}
          error={wrongWidth !== null}
          helperText={wrongWidth ?? ' '}
          onChange={({ target }) => setKnown(target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
        <ToggleButtonGroup
          exclusive
          fullWidth
          value={test}
          aria-label="Which test it is"
          onChange={(_, next: MeasuredSpread['test'] | null) => next && setTest(next)}
        >
          <ToggleButton value="ring">ring</ToggleButton>
          <ToggleButton value="press">press</ToggleButton>
        </ToggleButtonGroup>
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          What you know must lie flat beside the spread: a lid, a coin, the ring’s foot. The top of
          a standing ring is nearer and would look too wide. The picture must be whole, not cut.
        </Box>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button onClick={onDone}>Leave it</Button>
          <Button variant="contained" disabled={!spread} onClick={() => void keep()}>
            Keep the width
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
