'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Dip } from '@cobbet/core/dip/dip';
import { analyseTrialAlone } from '@cobbet/core/book/bookCalibration';
import { tastes } from '@cobbet/core/readings/tastes';
import { type Trial } from '@cobbet/core/book/trial';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { later } from '@/components/later';
import { useMemo, useState } from 'react';
import { shortDay } from '@/components/day';
import { deleteTrial, readTrial, tasteTrial } from '@/store/commands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { mostCompared, pick, usePicked } from './comparePick';
import { PredictedRead } from './PredictedRead';
import { trialDifference } from './trialDifference';
import { verdictMarks } from './verdictMarks';

const GateForm = later(() => import('@/components/GateForm').then(({ GateForm }) => GateForm));
const ReadingForm = later(() =>
  import('@/components/reading/ReadingForm').then(({ ReadingForm }) => ReadingForm),
);

/** The verdicts as words with their marks. */
function Marks({ trial }: { trial: Trial }) {
  const given = tastes.filter((taste) => trial.tastes[taste] !== undefined);
  if (given.length === 0) return <Box sx={{ color: colour.muted }}>not tasted</Box>;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'auto auto 1fr', columnGap: 0.75 }}>
      {given.map((taste) => {
        const verdict = trial.tastes[taste] ?? 'right';
        const right = verdict === 'right';
        return (
          <Box key={taste} sx={{ display: 'contents' }}>
            <span>{taste}</span>
            <Box
              component="span"
              aria-hidden
              sx={{ color: right ? colour.bandEdge : colour.caution, width: 14 }}
            >
              {verdictMarks[verdict]}
            </Box>
            <Box
              component="span"
              sx={{ fontWeight: right ? 400 : 700, color: right ? colour.muted : colour.caution }}
            >
              {verdict}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** One trial: what differed, what was predicted and read, how it tasted, what it made. */
export function TrialStrip({ dip, trial, earlier }: { dip: Dip; trial: Trial; earlier?: Trial }) {
  const kitchen = useKitchen();
  const { larder } = kitchen;
  const picked = usePicked((state) => state.ids);
  const [open, setOpen] = useState(false);
  const [looking, setLooking] = useState(false);
  const [tasting, setTasting] = useState(false);
  const gates = trial.gates ?? [];
  const cold = trial.readings.findLast(({ when }) => when === 'chilled');
  const analysis = useMemo(() => analyseTrialAlone(trial, dip, kitchen), [trial, dip, kitchen]);
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const differences = earlier ? trialDifference(earlier, trial) : [];
  const { per100g } = analysis;
  return (
    <Box
      component="li"
      aria-label={`Trial ${trial.number}`}
      sx={{ borderTop: `1px solid ${colour.line}`, py: 1.75 }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 1.5, md: 3 },
          gridTemplateColumns: {
            xs: '1fr',
            md: 'minmax(220px, 1.1fr) minmax(300px, 1.3fr) 150px 150px',
          },
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Typography variant="h2">
            Trial {trial.number}{' '}
            <Box component="span" sx={{ fontSize: 14, fontWeight: 400, color: colour.muted }}>
              {shortDay(trial.madeAt)}
            </Box>
          </Typography>
          {trial.notes !== '' && (
            <Box sx={{ mt: 0.5, overflowWrap: 'anywhere' }}>{trial.notes}</Box>
          )}
          {trial.changeNext !== '' && (
            <Box sx={{ mt: 0.5, fontSize: 14, overflowWrap: 'anywhere' }}>
              <Box component="span" sx={{ color: colour.accent, fontWeight: 700 }}>
                next{' '}
              </Box>
              {trial.changeNext}
            </Box>
          )}
          {differences.length > 0 && (
            <Box component="ul" sx={{ m: 0, mt: 0.75, p: 0, listStyle: 'none', fontSize: 14 }}>
              {differences.map(({ ingredientId, from, to }, index) => (
                <li key={`${ingredientId}${index}`}>
                  {nameOf(ingredientId)}:{' '}
                  <Box component="s" sx={{ color: colour.muted }}>
                    {from ?? 'none'}
                  </Box>{' '}
                  <strong>{to ?? 'none'}</strong>
                </li>
              ))}
            </Box>
          )}
        </Box>
        <PredictedRead trial={trial} analysis={analysis} />
        <Box sx={{ fontSize: 14 }}>
          <Marks trial={trial} />
          <Box sx={{ color: colour.muted, mt: 0.5, lineHeight: 1.4 }}>
            salt {per100g.saltG.toFixed(2)} · sour {per100g.acidG.toFixed(2)} · garlic{' '}
            {per100g.garlicG.toFixed(2)} g per 100 g
          </Box>
        </Box>
        <Box sx={{ fontSize: 14, lineHeight: 1.4 }}>
          <Box sx={{ fontSize: 17, fontWeight: 700 }}>
            {trial.yieldG === null ? 'not weighed' : `${trial.yieldG.toFixed(0)} g`}
          </Box>
          <Box sx={{ color: colour.muted }}>{analysis.massG.toFixed(0)} g went in</Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
            <Button
              size="small"
              sx={{ px: 0, minHeight: 32 }}
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              {open ? 'Hide the amounts' : 'Show the amounts'}
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
              sx={{ px: 0, minHeight: 32 }}
              aria-expanded={looking}
              onClick={() => setLooking(!looking)}
            >
              {cold ? 'Read it cold again' : 'Read it cold'}
            </Button>
            <Button
              size="small"
              sx={{ px: 0, minHeight: 32 }}
              aria-expanded={tasting}
              onClick={() => setTasting(!tasting)}
            >
              {gates.some(({ when }) => when === 'chilled') ? 'Tasted cold ✓' : 'Taste it cold'}
            </Button>
          </Box>
        </Box>
      </Box>
      {looking && (
        <Box sx={{ maxWidth: 760, mt: 1.5 }}>
          <Box sx={{ mb: 1 }}>From the fridge, before it is stirred. What does the spoon show?</Box>
          <ReadingForm
            label={`Trial ${trial.number} cold`}
            dip={trial}
            when="chilled"
            paste={analysis}
            onTake={(reading) => {
              void readTrial(trial.id, reading);
              setLooking(false);
            }}
          />
        </Box>
      )}
      {tasting && (
        <Box sx={{ maxWidth: 760, mt: 1.5 }}>
          <GateForm
            when="chilled"
            gates={gates}
            onPass={(gate) => void tasteTrial(trial.id, gate)}
          />
        </Box>
      )}
      {open && (
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
                  fontSize: 14,
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
      )}
    </Box>
  );
}
