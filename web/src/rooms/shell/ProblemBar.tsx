'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { later } from '@/components/later';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';

const ExportNow = later(() => import('./ExportNow').then(({ ExportNow }) => ExportNow));

/** Says what could not be saved, with the way to a file at hand. */
export function ProblemBar() {
  const status = useBook((state) => state.status);
  const problem = useBook((state) => state.problem);
  const dismiss = useBook((state) => state.dismissProblem);
  const saving = useBook((state) => state.saving);
  const tryAgain = useBook((state) => state.tryAgain);
  if (!problem || status !== 'ready') return null;
  return (
    <Box
      role="alert"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
        px: 2.5,
        py: 1,
        bgcolor: colour.cautionWash,
        borderBottom: `3px solid ${colour.caution}`,
      }}
    >
      <Box sx={{ flex: '1 1 320px' }}>{problem}</Box>
      {saving === 'failed' && (
        <Button size="small" onClick={() => void tryAgain()}>
          Try again
        </Button>
      )}
      <ExportNow />
      <Button size="small" onClick={dismiss}>
        Dismiss
      </Button>
    </Box>
  );
}
