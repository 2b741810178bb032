import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import { useState } from 'react';

/** Says that nothing else may go in for a row, with why. */
export function NoSubstitute({ onLock }: { onLock: (why: string) => void }) {
  const [why, setWhy] = useState<string | null>(null);
  if (why === null) {
    return (
      <Button size="small" sx={{ justifySelf: 'start', px: 0 }} onClick={() => setWhy('')}>
        Nothing else will do
      </Button>
    );
  }
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        onLock(why.trim());
      }}
      sx={{ display: 'grid', gap: 1, mt: 1 }}
    >
      <LabelledField
        autoFocus
        size="small"
        label="Why nothing else will do"
        placeholder="such as it is named for it"
        value={why}
        onChange={(event) => setWhy(event.target.value.slice(0, 200))}
      />
      <Button type="submit" variant="outlined" sx={{ justifySelf: 'start' }}>
        No substitute
      </Button>
    </Box>
  );
}
