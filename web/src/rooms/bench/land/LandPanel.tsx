'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CircularProgress from '@mui/material/CircularProgress';
import Typography from '@mui/material/Typography';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { ProposalFigures } from '@/components/ProposalFigures';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';
import { inHundred } from './inHundred';
import type { LandingControl } from './useLanding';

/** Rows a proposal would change: what it is, from, to. */
function changesOf({ edits }: Proposal, bench: Bench) {
  return edits.flatMap((edit) => {
    if (edit.kind !== 'amount') return [];
    const read = bench.rows.find(({ row }) => row.id === edit.rowId);
    if (!read?.ingredient) return [];
    const { row, ingredient, massG } = read;
    const landed = readGrams(edit.amount, ingredient, bench.kitchen.measures);
    const by = landed.ok ? landed.value.massG - massG : 0;
    return [{ id: row.id, name: ingredient.name, from: row.amount, to: edit.amount, by }];
  });
}

/** What landing would change, before it is taken; or why it can't be done. */
export function LandPanel({
  control,
  bench,
  onTake,
}: {
  control: LandingControl;
  bench: Bench;
  onTake: (proposal: Proposal) => void;
}) {
  const { landing, proposal, land, leave } = control;
  if (landing.state === 'idle' || (landing.state === 'answered' && !proposal)) return null;
  if (landing.state === 'working') {
    return (
      <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
        <CircularProgress size={20} />
        Working it out…
        <Button onClick={leave}>Stop</Button>
      </Box>
    );
  }
  if (landing.state === 'failed') {
    return (
      <Box role="alert">
        <Typography>{landing.message}</Typography>
        <Button onClick={() => void land()}>Try again</Button>
        <Button onClick={leave}>Leave it</Button>
      </Box>
    );
  }
  const { answer } = landing;
  const bought = answer.feasible ? answer.buysDifference : undefined;
  const changes = proposal ? changesOf(proposal, bench) : [];
  return (
    <Panel
      label="Landing"
      live
      title={
        answer.feasible
          ? changes.length === 0
            ? 'It lands as it is'
            : 'To land it'
          : 'It can’t all be met'
      }
    >
      {!answer.feasible && (
        <Box sx={{ mb: 1, fontSize: typeScale.note, lineHeight: 1.4 }}>
          {answer.conflicts.map(({ message }) => (
            <Box key={message} component="p" sx={{ mt: 0, mb: 1 }}>
              {message}
            </Box>
          ))}
          {changes.length > 0 && <Box sx={{ fontWeight: 600 }}>The nearest:</Box>}
        </Box>
      )}
      {changes.length > 0 && (
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {changes.map(({ id, name, from, to, by }) => (
            <Box
              component="li"
              key={id}
              sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, lineHeight: 1.3 }}
            >
              <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>{name}</Box>
              <Box
                sx={{
                  display: 'flex',
                  alignItems: 'baseline',
                  gap: 0.75,
                  fontSize: typeScale.note,
                }}
              >
                <Box component="s" sx={{ color: colour.muted }}>
                  {from}
                </Box>
                <Box sx={{ fontWeight: 700 }}>→ {to}</Box>
                <Box
                  sx={{
                    ml: 'auto',
                    fontSize: typeScale.small,
                    color: colour.muted,
                    whiteSpace: 'nowrap',
                  }}
                >
                  {by < 0 ? '−' : '+'}
                  {printGrams(Math.abs(by))}
                </Box>
              </Box>
            </Box>
          ))}
        </Box>
      )}
      {bought && (
        <Box sx={{ my: 1, fontSize: typeScale.small }}>
          {bench.kitchen.larder.get(bought.ingredient)?.name ?? bought.ingredient} buys the
          difference between warm and cold: {bought.body > 0 ? 'it sets' : 'less of it sets'} by{' '}
          {Math.abs(bought.body).toFixed(1)}.
        </Box>
      )}
      {answer.feasible && answer.odds && (
        <Box sx={{ my: 1, fontSize: typeScale.note }}>
          Lands <strong>{inHundred(answer.odds.measured)}</strong>, measured as written;{' '}
          {inHundred(answer.odds.withModel)} with the model’s own doubt.
        </Box>
      )}
      {changes.length > 0 && proposal && <ProposalFigures proposal={proposal} />}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        {changes.length > 0 && proposal && (
          <Button variant="contained" onClick={() => onTake(proposal)}>
            {answer.feasible ? 'Take it' : 'Take the nearest'}
          </Button>
        )}
        <Button onClick={leave}>{changes.length > 0 ? 'Leave it' : 'Close'}</Button>
      </Box>
    </Panel>
  );
}
