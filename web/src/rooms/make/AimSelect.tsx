'use client';

import type { Aim } from '@cobbet/core/book/aim';
import { bodyWords, wordShows } from '@cobbet/core/mix/bodyWords';
import { InlineSelect } from '@/components/InlineSelect';
import { typeScale } from '@/theme/typeScale';

/** Chooses what a bowl is to be. */
export function AimSelect({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Aim;
  onChange: (aim: Aim) => void;
}) {
  return (
    <InlineSelect<Aim>
      label={label}
      value={value}
      options={[
        { value: 'dip', name: 'as the dip is to be' },
        ...bodyWords.map((word) => ({ value: word, name: `${word}: ${wordShows[word]}` })),
      ]}
      sx={{ fontSize: typeScale.text }}
      onChange={onChange}
    />
  );
}
