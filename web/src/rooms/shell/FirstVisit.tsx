'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { bodyWords } from '@cobbet/core/mix/bodyWords';
import { SpoonPicture } from '@/components/SpoonPicture';
import { loadSampleBook } from '@/store/bookFiles';
import { addDip } from '@/store/dipCommands';
import { changeSettings } from '@/store/settingsCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** The first thing a new cook sees: what this is, and a book to begin with. */
export function FirstVisit() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async (work: () => Promise<unknown>) => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box sx={{ maxWidth: 720, mx: 'auto', px: 3, py: { xs: 4, md: 9 } }}>
      <Box sx={{ display: 'flex', gap: { xs: 0.5, sm: 2 }, mb: 3 }} aria-hidden>
        {bodyWords.map((word) => (
          <SpoonPicture key={word} word={word} size={44} />
        ))}
      </Box>
      <Typography variant="h1" sx={{ fontSize: '2.3rem' }}>
        How stiff will it be?
      </Typography>
      <Typography sx={{ fontSize: typeScale.lead, mt: 1.5, maxWidth: 560 }}>
        Cobbet predicts what each addition does to a dip before it goes in: its body, salt, sour and
        garlic, how much it makes, and what to change so that it lands where you want it.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mt: 4 }}>
        <Button
          size="large"
          variant="contained"
          disabled={busy}
          onClick={() => void begin(loadSampleBook)}
        >
          {busy ? 'Opening…' : 'Open the sample book'}
        </Button>
        <Button
          size="large"
          variant="outlined"
          disabled={busy}
          onClick={() => void begin(() => changeSettings('Begin a blank book', { began: 'blank' }))}
        >
          Begin a blank book
        </Button>
        <Button
          size="large"
          disabled={busy}
          onClick={() =>
            void begin(async () => {
              await changeSettings('Begin a blank book', { began: 'blank' });
              router.push(`/bench?dip=${encodeURIComponent(await addDip('My first dip'))}&guide`);
            })
          }
        >
          Be shown, on a first dip
        </Button>
      </Box>
      {problem && (
        <Typography role="alert" sx={{ mt: 2, color: colour.caution }}>
          {problem}
        </Typography>
      )}
      <Typography variant="body2" sx={{ mt: 3, color: 'text.secondary', maxWidth: 560 }}>
        The sample book is the Lockside kitchen’s: a dozen dips and their trials, made up for trying
        things out. Everything stays in this browser; nothing is sent anywhere. Figures are model
        estimates, shown with their spread.
      </Typography>
    </Box>
  );
}
