'use client';

import { RoomPage } from '@/components/RoomPage';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { rowOfPart } from '@cobbet/core/book/dipEdits';
import { mostRows } from '@cobbet/core/dip/dip';
import { families, familyNames, type Family } from '@cobbet/core/mix/families';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { InlineSelect } from '@/components/InlineSelect';
import { addReadDip, newId } from '@/store/commands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { OtherBeginnings } from './OtherBeginnings';
import { ReadLines } from './ReadLines';
import { useRecipe } from './useRecipe';

const example = `Weir House hummus
480 g chickpeas, cooked
1/3 cup tahini
juice of 1 lemon
2 cloves garlic
salt to taste`;

const longestName = 200;
const longestNote = 3900;

const counted = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`;

/** A new dip: a page to write or paste a whole recipe on, understood as it is written; or another way to begin. */
export function NewDipRoom() {
  const router = useRouter();
  const recipe = useRecipe();
  const { text, parts, left, told, picks } = recipe;
  const [typedName, setTypedName] = useState<string | null>(null);
  const [chosen, setChosen] = useState<Family | null>(null);
  const [busy, setBusy] = useState(false);
  const name = (typedName ?? recipe.recipe.title ?? '').trim().slice(0, longestName);
  const family = chosen ?? recipe.family;
  const tooMany = parts.length > mostRows;
  const start = async () => {
    setBusy(true);
    const unread = left.length > 0 ? ['Not put in:', ...left.map(({ text: line }) => line)] : [];
    const id = await addReadDip(
      name === '' ? 'A new dip' : name,
      {
        family,
        rows: parts.map((part) => rowOfPart(part, newId())),
        note: [...told, ...unread].join('\n').slice(0, longestNote),
      },
      picks,
    );
    recipe.forget();
    router.push(`/bench?dip=${encodeURIComponent(id)}`);
  };
  return (
    <RoomPage
      title="A new dip"
      says="Write or paste what goes in, as you would say it. What isn’t sure is asked, and nothing is guessed."
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, md: 4 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 5fr) minmax(0, 6fr)' },
        }}
      >
        <Box>
          <TextField
            fullWidth
            variant="standard"
            label="Name"
            value={typedName ?? recipe.recipe.title ?? ''}
            onChange={(event) => setTypedName(event.target.value)}
            sx={{ mb: 2 }}
            slotProps={{ htmlInput: { maxLength: longestName } }}
          />
          <TextField
            multiline
            fullWidth
            minRows={11}
            maxRows={28}
            value={text}
            placeholder={example}
            onChange={(event) => recipe.setText(event.target.value)}
            slotProps={{
              htmlInput: { 'aria-label': 'What goes in', maxLength: 20_000, spellCheck: false },
            }}
          />
        </Box>
        {text.trim() === '' ? (
          <OtherBeginnings name={name} />
        ) : (
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
        )}
      </Box>
    </RoomPage>
  );
}
