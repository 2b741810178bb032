'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Panel } from '@/components/Panel';
import { forgetPick } from '@/store/settingsCommands';
import { useKitchen, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';

/** Words that could be several foods, with what the cook said they mean here; nothing while none were asked about. */
export function SettledWords() {
  const { picked = {} } = useSettings();
  const { larder } = useKitchen();
  const words = Object.entries(picked).sort(([a], [b]) => a.localeCompare(b));
  if (words.length === 0) return null;
  return (
    <Panel title="What your words mean">
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {words.map(([word, id]) => (
          <Box
            component="li"
            key={word}
            sx={{
              display: 'flex',
              alignItems: 'baseline',
              gap: 1,
              py: 0.25,
              borderTop: `1px solid ${colour.line}`,
            }}
          >
            <Box sx={{ mr: 'auto', minWidth: 0, overflowWrap: 'anywhere' }}>
              <strong>{word}</strong>: {larder.get(id)?.name ?? 'no longer in the larder'}
            </Box>
            <Button
              size="small"
              aria-label={`Ask again about ${word}`}
              onClick={() => void forgetPick(word)}
            >
              Ask again
            </Button>
          </Box>
        ))}
      </Box>
    </Panel>
  );
}
