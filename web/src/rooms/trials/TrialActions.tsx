import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { photosOf } from '@cobbet/core/book/photo';
import { undivided } from '@cobbet/core/book/newBatch';
import type { Trial } from '@cobbet/core/book/trial';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { mostCompared, pick, usePicked } from './comparePick';

/** What can be opened under a trial. */
export type TrialPart = 'amounts' | 'reading' | 'tasting' | 'pictures';

/** What can be done with a trial: look, read, taste, hold it against others. */
export function TrialActions({
  trial,
  shown,
  onShow,
}: {
  trial: Trial;
  shown: TrialPart | null;
  onShow: (part: TrialPart | null) => void;
}) {
  const picked = usePicked((state) => state.ids);
  const cold = trial.readings.some(({ when }) => when === 'chilled');
  const gates = trial.gates ?? [];
  const router = useRouter();
  const hasBatch = useBook(({ book }) =>
    [...book.batches.values()].some(({ trialId }) => trialId === trial.id),
  );
  const photos = useBook(({ book }) => book.photos);
  const pictures = useMemo(
    () => photosOf(photos.values(), 'trials', trial.id).length,
    [photos, trial.id],
  );
  const toBatch = async () => {
    const { batchOfTrial } = await import('@/store/batchCommands');
    const id = await batchOfTrial(trial.id);
    if (id !== null) router.push(`/house?batch=${encodeURIComponent(id)}`);
  };
  const toggle = (part: TrialPart) => onShow(shown === part ? null : part);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
      <Button
        size="small"
        sx={{ px: 0, minHeight: 32, minWidth: 0 }}
        aria-expanded={shown === 'amounts'}
        onClick={() => toggle('amounts')}
      >
        {shown === 'amounts' ? 'Hide how it was made' : 'How it was made'}
      </Button>
      <Box
        component="label"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 0.75,
          minHeight: 32,
          width: '100%',
        }}
      >
        <Box
          component="input"
          type="checkbox"
          aria-label={`Trial ${trial.number} side by side`}
          checked={picked.includes(trial.id)}
          disabled={picked.length >= mostCompared && !picked.includes(trial.id)}
          onChange={() => pick(trial.id)}
          sx={{ width: 24, height: 24, m: 0, accentColor: colour.accent }}
        />
        side by side
      </Box>
      <Button
        size="small"
        sx={{ px: 0, minHeight: 32, minWidth: 0 }}
        aria-expanded={shown === 'reading'}
        onClick={() => toggle('reading')}
      >
        {cold ? 'Read it cold again' : 'Read it cold'}
      </Button>
      <Button
        size="small"
        sx={{ px: 0, minHeight: 32, minWidth: 0 }}
        aria-expanded={shown === 'tasting'}
        onClick={() => toggle('tasting')}
      >
        {gates.some(({ when }) => when === 'chilled') ? 'Tasted cold ✓' : 'Taste it cold'}
      </Button>
      <Button
        size="small"
        sx={{ px: 0, minHeight: 32, minWidth: 0 }}
        aria-expanded={shown === 'pictures'}
        onClick={() => toggle('pictures')}
      >
        {pictures === 0 ? 'Pictures' : `Pictures (${pictures})`}
      </Button>
      {undivided(trial) > 0.005 && (
        <Button
          size="small"
          sx={{ px: 0, minHeight: 32, minWidth: 0 }}
          onClick={() => void toBatch()}
        >
          {hasBatch ? 'Its batch' : 'Into jars'}
        </Button>
      )}
    </Box>
  );
}
