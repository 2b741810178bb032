'use client';

import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import Input from '@mui/material/Input';
import InputLabel from '@mui/material/InputLabel';
import FormControl from '@mui/material/FormControl';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { isMade } from '@cobbet/core/larder/madeId';
import { type Role, roles } from '@cobbet/core/larder/ingredient';
import { useMemo, useState } from 'react';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { CompositionKey } from './CompositionBar';
import { LarderRow } from './LarderRow';
import { useFound } from './useFound';
import { roleNames } from '@/components/roleNames';
import { later } from '@/components/later';

// the card and its fields stay out of the first load
const IngredientCard = later(() =>
  import('./IngredientCard').then(({ IngredientCard }) => IngredientCard),
);

const NewMade = later(() => import('./made/NewMade').then(({ NewMade }) => NewMade));
const MadeShelf = later(() => import('./made/MadeShelf').then(({ MadeShelf }) => MadeShelf));
const MadeCard = later(() => import('./made/MadeCard').then(({ MadeCard }) => MadeCard));

type Shelf = Role | 'all' | 'mine' | 'house' | 'made';

/** Which things are shown: by name, and by shelf. */
function WhatIsShown({
  text,
  shelf,
  onText,
  onShelf,
}: {
  text: string;
  shelf: Shelf;
  onText: (text: string) => void;
  onShelf: (shelf: Shelf) => void;
}) {
  return (
    <>
      <FormControl variant="standard" sx={{ width: 260 }}>
        <InputLabel htmlFor="find-in-larder">Find</InputLabel>
        <Input
          id="find-in-larder"
          placeholder="tahini, garlic, green…"
          value={text}
          onChange={(event) => onText(event.target.value)}
        />
      </FormControl>
      <NativeSelect
        value={shelf}
        inputProps={{ 'aria-label': 'Shelf' }}
        onChange={(event) => onShelf(event.target.value as Shelf)}
      >
        <option value="all">every shelf</option>
        <option value="mine">with my own numbers</option>
        <option value="house">in the house</option>
        <option value="made">made here</option>
        {roles.map((role) => (
          <option key={role} value={role}>
            {roleNames[role]}
          </option>
        ))}
      </NativeSelect>
    </>
  );
}

/** What is on the shelves: composition drawn, prices, pieces, and the cook's own numbers against the typical ones. */
export function LarderRoom() {
  const larder = useLarder();
  const own = useBook((state) => state.book.larder);
  const stock = useBook((state) => state.book.stock);
  const [text, setText] = useState('');
  const asked = useSearchParams().get('made');
  const [shelf, setShelf] = useState<Shelf>(asked === null ? 'all' : 'made');
  const [chosen, setChosen] = useState<string | null>(asked);
  const [adding, setAdding] = useState(false);
  const found = useFound(larder, text);
  const shown = useMemo(
    () =>
      found.filter(({ id, role }) =>
        shelf === 'all'
          ? true
          : shelf === 'mine'
            ? own.has(id)
            : shelf === 'house'
              ? stock.has(id)
              : role === shelf,
      ),
    [found, own, stock, shelf],
  );
  const ingredient = chosen === null ? undefined : larder.get(chosen);
  const made = !adding && chosen !== null && isMade(chosen);
  const open = adding || made || ingredient !== undefined;
  const choose = (id: string) => {
    setAdding(false);
    setChosen(id);
  };
  return (
    <Box sx={{ display: 'flex', minHeight: '100%' }}>
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          px: { xs: 2, sm: 3.5 },
          py: { xs: 2, sm: 2.5 },
          display: { xs: open ? 'none' : 'block', md: 'block' },
        }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1.5 }}>
          <Box sx={{ mr: 'auto' }}>
            <Typography variant="h1">The larder</Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              {larder.size} things, {own.size} with your own numbers
            </Typography>
          </Box>
          <Button
            variant="contained"
            startIcon={<Add />}
            onClick={() => {
              setChosen(null);
              setAdding(true);
            }}
          >
            Something new
          </Button>
          <NewMade
            onBegun={(id) => {
              setShelf('made');
              choose(id);
            }}
          />
        </Box>
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 2,
            alignItems: 'flex-end',
            pb: 1,
            pt: 0.5,
            position: 'sticky',
            top: 0,
            bgcolor: colour.paper,
            zIndex: 2,
          }}
        >
          <WhatIsShown text={text} shelf={shelf} onText={setText} onShelf={setShelf} />
          <Box sx={{ ml: 'auto' }}>
            <CompositionKey />
          </Box>
        </Box>
        {shelf === 'made' && <MadeShelf chosen={chosen} onChoose={choose} />}
        {shelf !== 'made' && shown.length === 0 && (
          <Typography sx={{ my: 4, maxWidth: 460, color: colour.muted }}>
            {shelf === 'house' && text.trim() === '' ? (
              <>
                Nothing is down as in the house. <Link href="/house">Say what there is</Link>.
              </>
            ) : (
              'Nothing here is called that. Look on every shelf, or put something new in.'
            )}
          </Typography>
        )}
        <Box component="ul" aria-label="Ingredients" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {(shelf === 'made' ? [] : shown).map((one) => (
            <LarderRow
              key={one.id}
              ingredient={one}
              mine={own.has(one.id)}
              inHouse={stock.get(one.id)?.amount}
              chosen={one.id === chosen}
              onChoose={choose}
            />
          ))}
        </Box>
      </Box>
      {made && <MadeCard key={chosen} ingredientId={chosen} onClose={() => setChosen(null)} />}
      {open && !made && (
        <IngredientCard
          key={adding ? 'new' : chosen}
          ingredient={adding ? null : (ingredient ?? null)}
          onKept={choose}
          onClose={() => {
            setAdding(false);
            setChosen(null);
          }}
        />
      )}
    </Box>
  );
}
