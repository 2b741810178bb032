'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { DesignResponse } from '@cobbet/core/design/mixtureDesign';

/** Which of a plan's responses is looked at; nothing where it has one. */
export function ResponseChoice({
  responses,
  shown,
  onShow,
}: {
  responses: readonly DesignResponse[];
  shown: number;
  onShow: (at: number) => void;
}) {
  if (responses.length < 2) return null;
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={shown}
      aria-label="What is looked at"
      onChange={(_, next: number | null) => next !== null && onShow(next)}
      sx={{ flexWrap: 'wrap' }}
    >
      {responses.map(({ name }, at) => (
        <ToggleButton key={name} value={at} sx={{ minHeight: 40, px: 1.5 }}>
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
