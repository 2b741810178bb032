'use client';

import { RoomPage } from '@/components/RoomPage';
import Box from '@mui/material/Box';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { later } from '@/components/later';
import { useDraft } from '@/components/useDraft';
import { OtherBeginnings } from './OtherBeginnings';

// what reads a recipe is fetched with its first words, to keep it out of the first load
const UnderstoodDip = later(() =>
  import('./UnderstoodDip').then(({ UnderstoodDip }) => UnderstoodDip),
);

const example = `Weir House hummus
480 g chickpeas, cooked
1/3 cup tahini
juice of 1 lemon
2 cloves garlic
salt to taste`;

const longestName = 200;
/** Longer is no recipe. */
const longest = 20_000;

/** A new dip: a page to write or paste a whole recipe on, understood as it is written; or another way to begin. */
export function NewDipRoom() {
  const { text, setText, forget } = useDraft('new dip');
  const [typedName, setTypedName] = useState<string | null>(null);
  const [title, setTitle] = useState('');
  const written = text.trim() !== '';
  const name = (typedName ?? (written ? title : '')).slice(0, longestName);
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
          <LabelledField
            fullWidth
            label="Name"
            value={name}
            onChange={(event) => setTypedName(event.target.value)}
            sx={{ mb: 2 }}
            htmlInput={{ maxLength: longestName }}
          />
          <OutlinedInput
            multiline
            fullWidth
            minRows={11}
            maxRows={28}
            value={text}
            placeholder={example}
            onChange={(event) => setText(event.target.value)}
            inputProps={{ 'aria-label': 'What goes in', maxLength: longest, spellCheck: false }}
          />
        </Box>
        {written ? (
          <UnderstoodDip
            text={text}
            name={typedName?.slice(0, longestName) ?? null}
            onTitle={setTitle}
            onBegun={forget}
          />
        ) : (
          <OtherBeginnings
            name={name.trim()}
            onText={(taken) => setText(taken.slice(0, longest))}
          />
        )}
      </Box>
    </RoomPage>
  );
}
