'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { rowOfPart } from '@cobbet/core/book/dipEdits';
import { mostRows } from '@cobbet/core/dip/dip';
import { families, familyNames, type Family } from '@cobbet/core/mix/families';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { addReadDip } from '@/store/dipCommands';
import { newId } from '@/store/newId';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { ReadLines } from './ReadLines';
import { useRecipe } from './useRecipe';

const longestNote = 3900;

const counted = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`;

interface Props {
  /** What is written. */
  text: string;
  /** What it is to be called; null takes the name that is read. */
  name: string | null;
  onTitle: (title: string) => void;
  /** Called once the dip is in the book. */
  onBegun: () => void;
}

/** The dip that what is written makes, every doubt where it stands, and its beginning. */
export function UnderstoodDip({ text, name, onTitle, onBegun }: Props) {
  const router = useRouter();
  const recipe = useRecipe(text);
  const { parts, left, told, picks } = recipe;
  const [chosen, setChosen] = useState<Family | null>(null);
  const [busy, setBusy] = useState(false);
  const title = recipe.recipe.title ?? '';
  useEffect(() => onTitle(title), [title, onTitle]);
  const family = chosen ?? recipe.family;
  const tooMany = parts.length > mostRows;
  const start = async () => {
    setBusy(true);
    const unread = left.length > 0 ? ['Not put in:', ...left.map(({ text: line }) => line)] : [];
    const called = (name ?? title).trim();
    const id = await addReadDip(
      called === '' ? 'A new dip' : called,
      {
        family,
        rows: parts.map((part) => rowOfPart(part, newId())),
        note: [...told, ...unread].join('\n').slice(0, longestNote),
      },
      picks,
    );
    onBegun();
    router.push(`/bench?dip=${encodeURIComponent(id)}`);
  };
  return (
    <Box component="section" aria-label="The dip it makes">
      <Box sx={{ my: 1, fontSize: typeScale.text }}>
        Judged with{' '}
        <InlineSelect
          label="The family it is judged with"
          value={family}
          options={families.map((one) => ({
            value: one,
            name: familyNames[one].toLowerCase(),
          }))}
          onChange={setChosen}
        />
        {recipe.recipe.makes !== null && ` · ${recipe.recipe.makes}`}
      </Box>
      <Box
        sx={{
          position: 'sticky',
          top: 0,
          zIndex: 1,
          py: 1,
          bgcolor: colour.paper,
          display: 'flex',
          flexWrap: 'wrap',
          gap: 2,
          alignItems: 'center',
        }}
      >
        <Button
          variant="contained"
          size="large"
          disabled={busy || parts.length === 0 || tooMany}
          onClick={() => void start()}
        >
          Start it with {counted(parts.length, 'addition')}
        </Button>
        <Box role="status" sx={{ color: left.length > 0 ? colour.caution : colour.muted }}>
          {tooMany
            ? `A dip holds ${mostRows} additions at most.`
            : left.length > 0
              ? `${counted(left.length, 'line')} left out until answered`
              : parts.length > 0 && 'Every line is understood'}
        </Box>
      </Box>
      <ReadLines recipe={recipe} />
    </Box>
  );
}
