'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { addDip, addVariant } from '@/store/dipCommands';
import { RecipeFile } from './RecipeFile';

/** Ways to begin without a recipe: a pattern and what is in the house, a dip of the book, nothing at all. */
export function OtherBeginnings({
  name,
  onText,
}: {
  name: string;
  /** A recipe's lines, out of a file. */
  onText: (text: string) => void;
}) {
  const router = useRouter();
  const dips = useBook((state) => state.book.dips);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async (make: () => Promise<string>, how = '') => {
    // a second tap begins no second dip
    setBusy(true);
    try {
      router.push(`/bench?dip=${encodeURIComponent(await make())}${how}`);
    } catch (error) {
      setBusy(false);
      setProblem(error instanceof Error ? error.message : 'It could not be begun.');
    }
  };
  return (
    <Panel title="Or begin otherwise">
      <Box sx={{ display: 'grid', gap: 1.25, justifyItems: 'start' }}>
        <Button component={Link} href="/house" variant="outlined">
          From what is in the house, by a pattern
        </Button>
        <RecipeFile onText={onText} />
        {dips.size > 0 && (
          <NativeSelect
            value=""
            disabled={busy}
            inputProps={{ 'aria-label': 'As a variant of a dip in the book' }}
            onChange={(event) => {
              const parent = dips.get(event.target.value);
              if (parent)
                void begin(() => addVariant(parent, name === '' ? `${parent.name}, again` : name));
            }}
          >
            <option value="">As a variant of a dip in the book…</option>
            {[...dips.values()]
              .sort((a, b) => a.name.localeCompare(b.name))
              .map((dip) => (
                <option key={dip.id} value={dip.id}>
                  {dip.name}
                </option>
              ))}
          </NativeSelect>
        )}
        <Button
          variant="outlined"
          disabled={busy}
          onClick={() => void begin(() => addDip(name === '' ? 'A new dip' : name))}
        >
          Blank, to add to one by one
        </Button>
        <Button
          variant="outlined"
          disabled={busy}
          onClick={() => void begin(() => addDip(name === '' ? 'My first dip' : name), '&guide')}
        >
          With a guide, in three minutes
        </Button>
      </Box>
      {problem && <Typography role="alert">{problem}</Typography>}
    </Panel>
  );
}
