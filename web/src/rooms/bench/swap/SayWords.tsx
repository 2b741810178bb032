import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { LabelledField } from '@/components/LabelledField';

/** A quiet button that opens to one line to write, in the cook's words. */
export function SayWords({
  ask,
  first,
  label,
  placeholder,
  longest,
  say,
  onSay,
}: {
  /** What the button says. */
  ask: string;
  /** What stands in the line to begin with. */
  first: string;
  label: string;
  placeholder: string;
  longest: number;
  say: string;
  /** The words without spaces at their ends; may be empty. */
  onSay: (words: string) => void;
}) {
  const [words, setWords] = useState<string | null>(null);
  if (words === null) {
    return (
      <Button size="small" sx={{ display: 'block', px: 0 }} onClick={() => setWords(first)}>
        {ask}
      </Button>
    );
  }
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        onSay(words.trim());
      }}
      sx={{ display: 'grid', gap: 1, mt: 1 }}
    >
      <LabelledField
        autoFocus
        size="small"
        label={label}
        placeholder={placeholder}
        value={words}
        onChange={(event) => setWords(event.target.value.slice(0, longest))}
      />
      <Button type="submit" variant="outlined" sx={{ justifySelf: 'start' }}>
        {say}
      </Button>
    </Box>
  );
}
