'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Dip } from '@cobbet/core/dip/dip';
import { differenceWords } from '@/components/differenceWords';
import { firstNamesIn } from '@/components/shortName';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBase } from './useBase';

/** What a variant does otherwise than its base, in one line; more of it beside the line. */
export function BaseStrip({
  dip,
  width,
  onOpen,
}: {
  dip: Dip;
  /** Of the rows, as CSS. */
  width: string;
  onOpen: () => void;
}) {
  const larder = useLarder();
  const from = useBase(dip);
  if (!from) return null;
  const words = from.differences.map((one) => differenceWords(one, firstNamesIn(larder)));
  return (
    // in the empty corner over the rows, so that it pushes nothing down
    <Box
      sx={{
        ...{ position: 'absolute', zIndex: 2, left: 0, top: 2, width: width, maxHeight: 72, pr: 2 },
        ...{ overflow: 'hidden', lineHeight: 1.3, overflowWrap: 'anywhere' },
        ...{ fontSize: typeScale.small, color: colour.muted },
      }}
    >
      <Box
        component="span"
        title={words.join(' · ')}
        sx={{
          ...{ display: '-webkit-box', WebkitBoxOrient: 'vertical', WebkitLineClamp: 2 },
          overflow: 'hidden',
        }}
      >
        From {from.base.name}: {words.length === 0 ? 'the same still' : words.join(' · ')}
      </Box>
      {words.length > 0 && (
        <Button size="small" onClick={onOpen} sx={{ p: 0, minHeight: 26 }}>
          What that does
        </Button>
      )}
    </Box>
  );
}
