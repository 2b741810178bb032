'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { proposeTrial } from '@cobbet/core/book/dipFromTrial';
import type { Trial } from '@cobbet/core/book/trial';
import type { Dip } from '@cobbet/core/dip/dip';
import { applyEdits } from '@cobbet/core/proposal/edit';
import { useMemo } from 'react';
import { ProposalFigures } from '@/components/ProposalFigures';
import { newId } from '@/store/newId';
import { takeProposal } from '@/store/takeProposal';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';

/** What of a dip's rows differs once it is another, row by row. */
function changedRows(from: Dip, to: Dip) {
  const before = new Map(from.rows.map((row) => [row.id, row]));
  const after = new Set(to.rows.map(({ id }) => id));
  return [
    ...to.rows.flatMap((row) => {
      const old = before.get(row.id);
      return old?.amount === row.amount && old.ingredientId === row.ingredientId
        ? []
        : [{ id: row.id, ingredientId: row.ingredientId, was: old?.amount, is: row.amount }];
    }),
    ...from.rows.flatMap((row) =>
      after.has(row.id)
        ? []
        : [{ id: row.id, ingredientId: row.ingredientId, was: row.amount, is: undefined }],
    ),
  ];
}

/** The bowl that worked becomes the recipe: what changes is shown before it does. */
export function BecomeDip({
  dip,
  trial,
  nameOf,
  onClose,
}: {
  dip: Dip;
  trial: Trial;
  nameOf: (id: string) => string;
  onClose: () => void;
}) {
  const kitchen = useKitchen();
  const proposal = useMemo(
    () => proposeTrial(dip, trial, trial.rows.map(newId), kitchen),
    [dip, trial, kitchen],
  );
  const changes = changedRows(dip, applyEdits(dip, proposal.edits));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="become-title">
      <DialogTitle id="become-title">
        Trial {trial.number} becomes {dip.name}
      </DialogTitle>
      <DialogContent>
        {changes.length === 0 ? (
          <Box>Nothing changes: it was made as the dip is written.</Box>
        ) : (
          <Box component="ul" aria-label="What changes" sx={{ m: 0, p: 0, listStyle: 'none' }}>
            {changes.map(({ id, ingredientId, was, is }) => (
              <Box component="li" key={id} sx={{ py: 0.25 }}>
                {nameOf(ingredientId)}:{' '}
                <Box component="s" sx={{ color: colour.muted }}>
                  {was ?? 'none'}
                </Box>{' '}
                <strong>{is ?? 'none'}</strong>
              </Box>
            ))}
          </Box>
        )}
        <ProposalFigures proposal={proposal} />
        <Box sx={{ color: colour.muted }}>
          Its trials stay as they are; undo brings the recipe back.
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave the dip as it is</Button>
        <Button
          variant="contained"
          disabled={proposal.edits.length === 0}
          onClick={() => {
            void takeProposal(dip.id, proposal);
            onClose();
          }}
        >
          Make it the dip
        </Button>
      </DialogActions>
    </Dialog>
  );
}
