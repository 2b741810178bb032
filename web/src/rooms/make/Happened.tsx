'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { LabelledField } from '@/components/LabelledField';
import { withHappening } from '@cobbet/core/book/runEdits';
import type { OtherEvent } from '@cobbet/core/book/runEvents';
import { useState } from 'react';
import { typedWithin } from '@/components/reading/readingText';
import type { RunControl } from './useRun';

const kinds = ['noted', 'waited', 'heated'] as const;
type Kind = (typeof kinds)[number];
const words: Record<Kind, { tab: string; label: string; placeholder: string }> = {
  noted: { tab: 'A note', label: 'What happened', placeholder: 'such as smelled of raw beans' },
  waited: { tab: 'It stood', label: 'For how long, minutes', placeholder: 'such as 10' },
  heated: { tab: 'Heated or cooled', label: 'To what, °C', placeholder: 'such as 60' },
};

/** What was typed as something that happened; or what is wrong with it. */
function read(kind: Kind, text: string): { event?: OtherEvent; problem: string | null } {
  const at = new Date().toISOString();
  if (kind === 'noted') return { event: { kind, text: text.trim(), at }, problem: null };
  const [least, most] = kind === 'waited' ? [0.1, 10_000] : [-30, 200];
  const { value, problem } = typedWithin(text, least, most);
  if (value === null) return { problem };
  const event: OtherEvent =
    kind === 'waited' ? { kind, minutes: value, at } : { kind, atC: value, at };
  return { event, problem: null };
}

/** What happens at a bowl beside what goes in: a note, time, heat; kept in its place in the story. */
export function Happened({ control }: { control: RunControl }) {
  const [kind, setKind] = useState<Kind | null>(null);
  const [text, setText] = useState('');
  const empty = text.trim() === '';
  const { event, problem } = kind && !empty ? read(kind, text) : { problem: null };
  return (
    <Box
      component="form"
      aria-label="What else happened"
      sx={{ display: 'grid', gap: 1 }}
      onSubmit={(submitted) => {
        submitted.preventDefault();
        if (!event) return;
        void control.note('What happened', (one) => withHappening(one, event));
        setText('');
        setKind(null);
      }}
    >
      <ToggleButtonGroup
        exclusive
        value={kind}
        aria-label="What else happened"
        onChange={(_, next: Kind | null) => {
          setKind(next);
          setText('');
        }}
      >
        {kinds.map((one) => (
          <ToggleButton key={one} value={one} sx={{ minHeight: 48, px: 1.5 }}>
            {words[one].tab}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {kind && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <LabelledField
            autoFocus
            fullWidth
            label={words[kind].label}
            placeholder={words[kind].placeholder}
            value={text}
            error={problem !== null}
            helperText={problem ?? ' '}
            onChange={(changed) => setText(changed.target.value.slice(0, 1000))}
            htmlInput={{ inputMode: kind === 'noted' ? 'text' : 'decimal' }}
          />
          <Button
            type="submit"
            variant="outlined"
            disabled={!event}
            sx={{ minHeight: 56, whiteSpace: 'nowrap' }}
          >
            Write it down
          </Button>
        </Box>
      )}
    </Box>
  );
}
