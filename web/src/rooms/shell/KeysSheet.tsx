'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { colour } from '@/theme/colour';

const groups: readonly { title: string; keys: readonly [string, string][] }[] = [
  {
    title: 'Everywhere',
    keys: [
      ['Alt 1 – Alt 7', 'Book, Bench, Make, Trials, Day, Larder, Kit'],
      ['/, Ctrl K', 'find in the whole book'],
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['?', 'this sheet'],
    ],
  },
  {
    title: 'Bench',
    keys: [
      ['Enter', 'take the amount, on to the next row'],
      ['Esc', 'leave the amount as it was'],
      ['Alt ↑, Alt ↓', 'move the row up or down'],
      ['Alt ←, Alt →', 'one kitchen measure less or more'],
      ['Alt H', 'hold the row, or let go'],
      ['Alt S', 'swap the row for something else'],
      ['B, S, O, G', 'show body, salt, sour, garlic'],
      ['A', 'add something'],
      ['L', 'land it'],
      ['N', 'what a spoon would do'],
      ['W', 'what the figure shown is, and why'],
    ],
  },
  {
    title: 'Make',
    keys: [
      ['Space, Page down', 'log it as written, or what stands on the scale; on to the next'],
      ['H', 'log half'],
      ['M', 'log a spoon more'],
      ['← →', 'step back, step on'],
      ['Page up', 'step back'],
      ['T', 'set the scale to 0'],
      ['P', 'pour on the practice scale, and stop'],
    ],
  },
  {
    title: 'Practice bowls',
    keys: [
      ['1 – 9', 'what goes in, in the order it stands there'],
      ['← →, Page up, Page down', 'where the body will be, on its axis'],
      ['T', 'look and taste again'],
    ],
  },
];

export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent tabIndex={0}>
        {groups.map(({ title, keys }) => (
          <Box key={title} component="section" sx={{ mb: 2 }}>
            <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
              {title}
            </Typography>
            <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '130px 1fr' }}>
              {keys.map(([key, what]) => (
                <Box key={key} sx={{ display: 'contents' }}>
                  <Box component="dt" sx={{ py: 0.4, fontWeight: 700, color: colour.accent }}>
                    {key}
                  </Box>
                  <Box component="dd" sx={{ m: 0, py: 0.4 }}>
                    {what}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          On a Mac, Ctrl is ⌘ and Alt is ⌥. Letters work when no field is being typed in.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
