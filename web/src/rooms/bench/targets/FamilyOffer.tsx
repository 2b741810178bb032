'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { familyUsual, withFamilyUsual } from '@cobbet/core/dip/familyUsual';
import type { Dip } from '@cobbet/core/dip/dip';
import { familyNames } from '@cobbet/core/mix/families';
import { useHouseUsualOf } from '@/store/houseUsual';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { usualWords } from './usualWords';

/** What the family a dip was just put into is usually eaten like, to take or to leave. */
export function FamilyOffer({
  dip,
  onTake,
  onLeave,
}: {
  dip: Dip;
  onTake: (label: string, change: (dip: Dip) => Dip) => void;
  onLeave: () => void;
}) {
  const name = familyNames[dip.family];
  const usual = useHouseUsualOf(dip.family);
  return (
    <Box
      role="region"
      aria-label={`Usual for ${name.toLowerCase()}`}
      sx={{
        ...{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 },
        ...{ my: 0.5, px: 1.5, py: 0.5, bgcolor: colour.board, borderRadius: 1 },
        fontSize: typeScale.note,
      }}
    >
      <Box sx={{ flex: '1 1 260px', minWidth: 0 }}>
        <strong>{name}</strong> are usually eaten {usualWords(familyUsual(dip.family, usual))}
        {usual ? ', by what was said here' : ''}.
      </Box>
      <Button
        size="small"
        variant="outlined"
        onClick={() => {
          onTake('The usual of its family', (now) => withFamilyUsual(now, usual));
          onLeave();
        }}
      >
        Take that over
      </Button>
      <Button size="small" onClick={onLeave}>
        Leave it as it is
      </Button>
    </Box>
  );
}
