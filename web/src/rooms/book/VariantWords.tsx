import Box from '@mui/material/Box';
import { differencesFromBase, tellingFirst } from '@cobbet/core/book/fromBase';
import type { Dip } from '@cobbet/core/dip/dip';
import { useMemo } from 'react';
import { differenceWords } from '@/components/differenceWords';
import { firstNamesIn } from '@/components/shortName';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';
import { typeScale } from '@/theme/typeScale';

/** So many differences tell a variant from its base. */
const told = 2;

/** What makes a variant another dip than its base, in a few words. */
export function VariantWords({ dip }: { dip: Dip }) {
  const base = useBook(({ book }) => book.dips.get(dip.parentId ?? ''));
  const larder = useLarder();
  const words = useMemo(() => {
    if (!base) return [];
    return tellingFirst(differencesFromBase(dip, base, larder))
      .slice(0, told)
      .map((one) => differenceWords(one, firstNamesIn(larder)));
  }, [dip, base, larder]);
  if (words.length === 0) return null;
  return (
    <Box
      title={words.join(' · ')}
      sx={{
        ...{ fontSize: typeScale.small, lineHeight: 1.35, whiteSpace: 'nowrap' },
        ...{ overflow: 'hidden', textOverflow: 'ellipsis' },
      }}
    >
      {words.join(' · ')}
    </Box>
  );
}
