'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import NativeSelect from '@mui/material/NativeSelect';
import { mostSamples, type TastingSample } from '@cobbet/core/taste/tasting';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useOffered } from './useOffered';

/** What is tasted: picked from what there is, up to eight. */
export function SampleChoice({
  dipId,
  samples,
  onChange,
}: {
  /** Whose trials stand first. */
  dipId: string | null;
  samples: readonly TastingSample[];
  onChange: (samples: TastingSample[]) => void;
}) {
  const offered = useOffered(dipId);
  const chosen = new Set(samples.map(({ id }) => id));
  return (
    <Box>
      <Box component="ul" aria-label="Samples" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {samples.map((sample) => (
          <Box
            component="li"
            key={sample.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              minHeight: 44,
              borderBottom: `1px solid ${colour.line}`,
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>{sample.name}</Box>
            <IconButton
              aria-label={`Take ${sample.name} out`}
              onClick={() => onChange(samples.filter(({ id }) => id !== sample.id))}
            >
              <Close fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      {samples.length < mostSamples ? (
        <NativeSelect
          fullWidth
          value=""
          inputProps={{ 'aria-label': 'Add a sample' }}
          onChange={(event) => {
            const picked = offered
              .flatMap((group) => group.samples)
              .find(({ id }) => id === event.target.value);
            if (picked) onChange([...samples, picked]);
          }}
        >
          <option value="">{samples.length === 0 ? 'Pick what is tasted…' : 'and…'}</option>
          {offered.map(({ title, samples: some }) => {
            const left = some.filter(({ id }) => !chosen.has(id));
            return (
              left.length > 0 && (
                <optgroup key={title} label={title}>
                  {left.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </optgroup>
              )
            );
          })}
        </NativeSelect>
      ) : (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          Eight are as many as a tongue can tell apart.
        </Box>
      )}
    </Box>
  );
}
