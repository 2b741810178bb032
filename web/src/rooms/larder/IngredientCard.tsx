'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { everyday } from '@cobbet/core/larder/everyday';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { systemVolumesMl } from '@cobbet/core/amounts/measureSystem';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { keepIngredient, takeBackIngredient } from '@/store/larderCommands';
import { useLarder, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { Against } from './Against';
import { faultsOf, idFrom, ownFrom, textsOf } from './ingredientForm';
import { IngredientFields } from './IngredientFields';
import { Prices } from './Prices';
import { bookLarder } from '@cobbet/core/book/bookKitchen';
import { UsedIn } from './UsedIn';

/** What something new is like until the cook says otherwise. */
const firstLike = everyday.chickpeas;

/** One ingredient: what it is made of, typical and the cook's own, and everything that can be set. */
export function IngredientCard({
  ingredient,
  onKept,
  onClose,
}: {
  /** Null for something new. */
  ingredient: Ingredient | null;
  onKept: (id: string) => void;
  onClose: () => void;
}) {
  const larder = useLarder();
  const own = useBook((state) => state.book.larder);
  const { measures } = useSettings();
  const cupMl = systemVolumesMl[measures].cup;
  const [likeId, setLikeId] = useState<string>(firstLike);
  // what was paid is no figure of the table
  const plain = ingredient && (bookLarder(own).get(ingredient.id) ?? ingredient);
  const start = plain ?? larder.get(likeId) ?? null;
  const [draft, setDraft] = useState(() =>
    start ? { ...textsOf(start, cupMl), ...(ingredient ? {} : { name: '', aliases: '' }) } : null,
  );
  const mine = ingredient ? own.get(ingredient.id) : undefined;
  const shipped = ingredient ? shippedLarder.get(ingredient.id) : undefined;
  // a correction is kept as what differs from what shipped, a thing of one's own from what it is like
  const base = ingredient
    ? (shipped ?? (mine && 'like' in mine ? larder.get(mine.like) : undefined) ?? ingredient)
    : larder.get(likeId);
  if (!start || !draft || !base) return null;
  const faults = faultsOf(draft);
  const wrong = Object.keys(faults).length > 0;
  const now = textsOf(start, cupMl);
  const dirty =
    ingredient === null ||
    (Object.keys(now) as (keyof typeof now)[]).some((key) => now[key] !== draft[key]);
  const keep = async () => {
    const id = ingredient?.id ?? idFrom(draft.name, larder);
    const kept = ownFrom(id, base, draft, cupMl, base === ingredient && !shipped);
    if (await keepIngredient(kept, draft.name.trim())) onKept(id);
  };
  return (
    <Box
      component="aside"
      aria-label={ingredient?.name ?? 'Something new'}
      sx={{
        width: { xs: '100%', md: 400 },
        flexShrink: 0,
        bgcolor: colour.board,
        borderLeft: { md: `1px solid ${colour.line}` },
        px: 2.25,
        py: 2,
        position: { md: 'sticky' },
        top: 0,
        alignSelf: 'flex-start',
        height: { md: '100dvh' },
        overflowY: 'auto',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
        <Typography variant="h2" sx={{ flex: 1, overflowWrap: 'anywhere' }}>
          {ingredient?.name ?? 'Something new'}
        </Typography>
        <IconButton aria-label="Close" onClick={onClose} size="small">
          <Close fontSize="small" />
        </IconButton>
      </Box>
      {ingredient === null && (
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, my: 1 }}>
          most like
          <NativeSelect
            value={likeId}
            inputProps={{ 'aria-label': 'Most like' }}
            onChange={(event) => {
              const like = larder.get(event.target.value);
              setLikeId(event.target.value);
              if (like) setDraft({ ...textsOf(like, cupMl), name: draft.name, aliases: '' });
            }}
            sx={{ minWidth: 0, flex: 1 }}
          >
            {[...larder.values()].map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </NativeSelect>
        </Box>
      )}
      <Against typical={base} texts={draft} own={ingredient !== null} />
      <IngredientFields
        texts={draft}
        faults={faults}
        typical={textsOf(base, cupMl)}
        onChange={(change) => setDraft({ ...draft, ...change })}
      />
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5, alignItems: 'center' }}>
        <Button variant="contained" disabled={wrong || !dirty} onClick={() => void keep()}>
          {ingredient === null ? 'Put it on the shelf' : 'Keep my numbers'}
        </Button>
        {ingredient && mine && (
          <Button
            onClick={() => {
              void takeBackIngredient(ingredient.id, ingredient.name);
              onClose();
            }}
          >
            {shipped ? 'As it shipped' : 'Take it out'}
          </Button>
        )}
      </Box>
      {ingredient && <Prices key={ingredient.id} ingredient={ingredient} />}
      {ingredient && <UsedIn ingredientIds={[ingredient.id]} />}
    </Box>
  );
}
