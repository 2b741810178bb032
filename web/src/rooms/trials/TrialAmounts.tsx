import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Trial } from '@cobbet/core/book/trial';
import { deleteTrial } from '@/store/commands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What went into a trial, and the way to delete it. */
export function TrialAmounts({ trial, nameOf }: { trial: Trial; nameOf: (id: string) => string }) {
  return (
    <>
      <Box
        component="ol"
        aria-label={`Amounts of trial ${trial.number}`}
        sx={{
          m: 0,
          mt: 1,
          p: 0,
          listStyle: 'none',
          columnCount: { xs: 1, md: 2 },
          columnGap: 5,
        }}
      >
        {trial.rows.map((row, index) => (
          <Box
            component="li"
            key={`${row.ingredientId}${index}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: '128px 64px 1fr',
              fontSize: typeScale.note,
              py: 0.35,
              breakInside: 'avoid',
            }}
          >
            <strong>{row.amount}</strong>
            <Box component="span" sx={{ color: colour.muted }}>
              {printGrams(row.massG)}
            </Box>
            <span>
              {nameOf(row.ingredientId)}
              {row.planned !== null && row.planned !== row.amount && (
                <Box component="span" sx={{ color: colour.caution }}>
                  {' '}
                  planned {row.planned}
                </Box>
              )}
            </span>
          </Box>
        ))}
      </Box>
      <Button
        size="small"
        sx={{ px: 0, mt: 0.5, color: colour.caution }}
        onClick={() => void deleteTrial(trial)}
      >
        Delete trial {trial.number}
      </Button>
    </>
  );
}
