'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { markdownCard, textCard } from '@cobbet/core/carry/recipeCard';
import { recipeJsonLd } from '@cobbet/core/carry/recipeJsonLd';
import { writtenDip } from '@cobbet/core/carry/writtenDip';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { useMemo, useState } from 'react';
import { download, fileName } from '@/store/download';
import { useKitchen } from '@/store/useKitchen';

/** A dip as a file for other programs and people. */
export function CarryOut({ dip, onClose }: { dip: Dip; onClose: () => void }) {
  const kitchen = useKitchen();
  const [copied, setCopied] = useState(false);
  const written = useMemo(() => writtenDip(readDip(dip, kitchen), kitchen), [dip, kitchen]);
  const name = fileName(dip.name) || 'dip';
  const copy = () =>
    navigator.clipboard.writeText(textCard(written)).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="carry-title">
      <DialogTitle id="carry-title">{dip.name} as a file</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.25, justifyItems: 'start' }}>
        <Button
          variant="outlined"
          onClick={() =>
            download(
              `${name}.json`,
              `${JSON.stringify(recipeJsonLd(written), null, 2)}\n`,
              'application/ld+json',
            )
          }
        >
          A recipe for other programs (schema.org)
        </Button>
        <Button
          variant="outlined"
          onClick={() => download(`${name}.md`, markdownCard(written), 'text/markdown')}
        >
          A card in Markdown
        </Button>
        <Button
          variant="outlined"
          onClick={() => download(`${name}.txt`, textCard(written), 'text/plain')}
        >
          A card as plain text
        </Button>
        <Button onClick={() => void copy()}>
          {copied ? 'It is on the clipboard' : 'Copy the card'}
        </Button>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}
