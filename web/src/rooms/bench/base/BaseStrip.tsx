'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { changesOfBase } from '@cobbet/core/book/baseChanges';
import type { Dip } from '@cobbet/core/dip/dip';
import { differenceWords } from '@/components/differenceWords';
import { firstNamesIn } from '@/components/shortName';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from '../line/benchLayout';
import { useBase } from './useBase';
import { VariantsBehind } from './VariantsBehind';

/** What a variant does otherwise than its base, in one line; more of it beside the line. */
function FromBase({ dip, onOpen }: { dip: Dip; onOpen: () => void }) {
  const larder = useLarder();
  const from = useBase(dip);
  if (!from) return null;
  const changed = changesOfBase(dip, from.base).length;
  const words = from.differences.map((one) => differenceWords(one, firstNamesIn(larder)));
  return (
    <>
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
      <Button
        size="small"
        onClick={onOpen}
        sx={{ p: 0, mr: 1.5, minHeight: 26, ...(changed > 0 ? { color: colour.caution } : {}) }}
      >
        {changed > 0
          ? `The base has changed: ${changed === 1 ? 'one thing' : `${changed} things`}`
          : 'What that does'}
      </Button>
    </>
  );
}

/**
 * Where a dip stands among its kin, in the empty corner over the rows, so that it pushes nothing down: what it does otherwise than its
 * base, and what its variants have not got.
 */
export function BaseStrip({
  dip,
  behind,
  onBase,
  onVariants,
}: {
  dip: Dip;
  /** Variants that have not got what changed here. */
  behind: number;
  onBase: () => void;
  onVariants: () => void;
}) {
  const { rowsWidth, inHand } = useBenchLayout();
  // in the hand there is no corner to spare
  const corner = { position: 'absolute', zIndex: 2, left: 0, top: 2, width: rowsWidth, pr: 2 };
  return (
    <Box
      sx={{
        ...(inHand ? { mt: 0.5 } : { ...corner, maxHeight: 72 }),
        ...{ overflow: 'hidden', lineHeight: 1.3, overflowWrap: 'anywhere' },
        ...{ fontSize: typeScale.small, color: colour.muted },
      }}
    >
      {dip.parentId !== null && <FromBase dip={dip} onOpen={onBase} />}
      <VariantsBehind behind={behind} onOpen={onVariants} />
    </Box>
  );
}
