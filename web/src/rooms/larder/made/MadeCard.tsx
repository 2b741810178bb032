'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { madeId, offId } from '@cobbet/core/larder/madeId';
import type { Dip } from '@cobbet/core/dip/dip';
import Link from 'next/link';
import { money } from '@/components/money';
import { useBook } from '@/store/bookStore';
import { useLarder, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { CompositionBar } from '../CompositionBar';
import { UsedIn } from '../UsedIn';
import { ThingCard } from './ThingCard';

/** A dip that goes into others: what it is as one of their ingredients. */
function DipCard({ dip, onClose }: { dip: Dip; onClose: () => void }) {
  const ingredient = useLarder().get(madeId(dip.id));
  const { currency } = useSettings();
  return (
    <Box
      component="aside"
      aria-label={dip.name}
      sx={{
        ...{ width: { xs: '100%', md: 400 }, flexShrink: 0, bgcolor: colour.board },
        ...{ borderLeft: { md: `1px solid ${colour.line}` }, px: 2.25, py: 2 },
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
        <Typography variant="h2" sx={{ flex: 1, overflowWrap: 'anywhere' }}>
          {dip.name}
        </Typography>
        <IconButton aria-label="Close" onClick={onClose} size="small">
          <Close fontSize="small" />
        </IconButton>
      </Box>
      <Typography sx={{ my: 1 }}>
        A dip of yours that goes into others: there it counts as what it is made of.
      </Typography>
      {ingredient && (
        <Box sx={{ mb: 1 }}>
          <CompositionBar ingredient={ingredient} height={22} named />
          {money(ingredient.costHintEurPerKg / 10, currency)} in 100 g
          {ingredient.keepsDays !== null && ` · keeps ${ingredient.keepsDays} days`}
        </Box>
      )}
      <Button component={Link} href={`/bench?dip=${encodeURIComponent(dip.id)}`} variant="outlined">
        On its Bench
      </Button>
      <UsedIn ingredientIds={[madeId(dip.id)]} />
    </Box>
  );
}

/** What is made here under an id of the larder, or nothing where it is not made any more. */
export function MadeCard({ ingredientId, onClose }: { ingredientId: string; onClose: () => void }) {
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const thing = [...things.values()].find(({ id }) =>
    [madeId(id), offId(id)].includes(ingredientId),
  );
  if (thing) return <ThingCard key={thing.id} thing={thing} onClose={onClose} />;
  const dip = [...dips.values()].find(({ id }) => madeId(id) === ingredientId);
  return dip ? <DipCard dip={dip} onClose={onClose} /> : null;
}
