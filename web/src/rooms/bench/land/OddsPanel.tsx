'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { landingQuestion, proposeLanding } from '@cobbet/core/landing/landDip';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useCallback, useEffect } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { spoonProofInWorker } from '@/workers/estimatesClient';
import { shortName } from '@/components/shortName';
import { useAsked } from '@/components/useAsked';
import type { Bench } from '../useBench';
import { inHundred } from './inHundred';
import { unreadable } from './useLanding';

/** How often the amounts land when measured as they are written, and the steadier ones near by. */
export function OddsPanel({
  bench,
  onTake,
  onClose,
}: {
  bench: Bench;
  onTake: (proposal: Proposal) => void;
  onClose: () => void;
}) {
  const { dip, kitchen } = bench;
  const ask = useCallback(
    (signal: AbortSignal, onProgress: (share: number) => void) => {
      const question = landingQuestion(bench, true);
      if (!question) throw new Error(unreadable);
      return spoonProofInWorker(question, onProgress, signal);
    },
    [bench],
  );
  const { asked, start, leave } = useAsked(bench.analysis, ask);
  // asked for by opening; asked again only by the cook when the dip has changed
  useEffect(() => void start(), []); // eslint-disable-line react-hooks/exhaustive-deps
  if (asked.state === 'idle') {
    return (
      <Button size="small" variant="outlined" onClick={() => void start()}>
        The dip has changed: ask again
      </Button>
    );
  }
  if (asked.state === 'working') {
    return (
      <Box role="status">
        Measuring it two thousand times…
        <LinearProgress
          variant="determinate"
          value={asked.share * 100}
          aria-label="Measuring"
          sx={{ my: 1 }}
        />
        <Button
          size="small"
          onClick={() => {
            leave();
            onClose();
          }}
        >
          Stop
        </Button>
      </Box>
    );
  }
  if (asked.state === 'failed') {
    return (
      <Box role="alert">
        {asked.message} <Button onClick={() => void start()}>Try again</Button>
      </Box>
    );
  }
  const { odds, better } = asked.answer;
  const take = () => {
    if (!better) return;
    const changed = new Map(better.amounts.map(({ index, text }) => [index, text]));
    const amounts = bench.rows.map(({ row }, i) => ({ amount: changed.get(i) ?? row.amount }));
    onTake(proposeLanding(dip, kitchen, amounts));
  };
  return (
    <Panel label="Odds" title={`Lands ${inHundred(odds.measured)}`} sx={{ lineHeight: 1.4 }}>
      <Box sx={{ fontSize: typeScale.note }}>
        measured as written, were the model right; {inHundred(odds.withModel)} with the model’s own
        doubt.
      </Box>
      {better ? (
        <Box
          sx={{
            mt: 1,
            p: 1.25,
            bgcolor: colour.accentWash,
            borderRadius: 1,
            fontSize: typeScale.note,
          }}
        >
          <strong>Steadier near by:</strong> {inHundred(better.odds.measured)},{' '}
          {Math.round(better.odds.withModel * 100)} with doubt.
          {better.amounts.map(({ index, text }) => (
            <Box key={index} sx={{ display: 'flex', gap: 0.75, mt: 0.5 }}>
              <Box component="s" sx={{ color: colour.muted }}>
                {bench.rows[index]?.row.amount}
              </Box>
              <strong>{text}</strong>
              <span>{shortName(bench.rows[index]?.ingredient?.name ?? '')}</span>
            </Box>
          ))}
          <Button size="small" variant="contained" onClick={take} sx={{ mt: 1 }}>
            Take these
          </Button>
        </Box>
      ) : (
        <Box sx={{ mt: 0.5, fontSize: typeScale.note, color: colour.muted }}>
          No amounts near by land more often.
        </Box>
      )}
      <Button size="small" onClick={onClose}>
        Close
      </Button>
    </Panel>
  );
}
