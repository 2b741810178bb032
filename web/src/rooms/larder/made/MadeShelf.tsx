'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { madeHere } from '@cobbet/core/book/madeHere';
import { madeReady } from '@cobbet/core/book/takeMade';
import { madeId, offId } from '@cobbet/core/larder/madeId';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useMayGo } from '@/store/useMade';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** One thing that is made here. */
function Made({
  name,
  says,
  chosen,
  onChoose,
}: {
  name: string;
  says: string;
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${colour.line}`,
        bgcolor: chosen ? colour.accentWash : 'transparent',
      }}
    >
      <Box
        component="button"
        type="button"
        aria-pressed={chosen}
        onClick={onChoose}
        sx={{
          ...{ all: 'unset', boxSizing: 'border-box', width: '100%', cursor: 'pointer' },
          ...{ px: 0.75, py: 0.75, minHeight: 44, lineHeight: 1.3 },
          '&:focus-visible': { outline: `3px solid ${colour.accent}`, outlineOffset: -3 },
          '&:hover': { bgcolor: colour.board },
        }}
      >
        <Box sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}>{name}</Box>
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>{says}</Box>
      </Box>
    </Box>
  );
}

/** What is made here and goes into dips: things with what they give, and dips that go into others. */
export function MadeShelf({
  chosen,
  onChoose,
}: {
  /** Id of the larder; null for none. */
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const batches = useBook(({ book }) => book.batches);
  const here = useMemo(() => madeHere({ things, dips }), [things, dips]);
  const mayGo = useMayGo();
  const ready = useMemo(() => madeReady(batches.values(), mayGo), [batches, mayGo]);
  const left = (id: string) => {
    const g = ready.get(id);
    return g === undefined ? '' : `, ${g.toFixed(0)} g there`;
  };
  if (here.things.length + here.dips.length === 0) {
    return (
      <Typography sx={{ my: 4, maxWidth: 480, color: colour.muted }}>
        Nothing yet. Garlic oil and its cloves, hung yogurt and its whey, pickled shallots: what you
        make for your dips stands here, with its date. A dip goes into others where its Bench says
        so, under About it.
      </Typography>
    );
  }
  return (
    <Box component="ul" aria-label="Made here" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {here.things.map(({ id, name, stays, off }) => (
        <Made
          key={id}
          name={name}
          says={[stays, off]
            .map((one, i) =>
              one && one.share > 0 ? one.name + left(i === 0 ? madeId(id) : offId(id)) : '',
            )
            .filter((words) => words !== '')
            .join(' · ')}
          chosen={chosen === madeId(id) || chosen === offId(id)}
          onChoose={() => onChoose(madeId(id))}
        />
      ))}
      {here.dips.map(({ id, name }) => (
        <Made
          key={id}
          name={name}
          says={`a dip that goes into others${left(madeId(id))}`}
          chosen={chosen === madeId(id)}
          onChoose={() => onChoose(madeId(id))}
        />
      ))}
    </Box>
  );
}
