'use client';

import type { Aim } from '@cobbet/core/book/aim';
import { type BodyName, bodyNames } from '@cobbet/core/mix/bodyMoments';
import { type BodyWord, bodyWords, wordShows } from '@cobbet/core/mix/bodyWords';
import { InlineSelect } from '@/components/InlineSelect';
import { usedFor } from '@/components/momentWords';
import { typeScale } from '@/theme/typeScale';

const larger = { fontSize: typeScale.text } as const;

/** Chooses what a bowl is for, and what it is to be then. */
export function AimSelect({
  label,
  value,
  onChange,
}: {
  /** What is aimed: `This bowl`. */
  label: string;
  value: Aim;
  onChange: (aim: Aim) => void;
}) {
  return (
    <>
      {label} is for{' '}
      <InlineSelect<BodyName | 'dip'>
        label={`${label} is for`}
        value={value.moment ?? 'dip'}
        options={[
          { value: 'dip', name: 'what the dip is for' },
          ...bodyNames.map((name) => ({ value: name, name: usedFor[name] })),
        ]}
        sx={larger}
        onChange={(moment) => onChange({ ...value, moment: moment === 'dip' ? null : moment })}
      />
      , then it is to be{' '}
      <InlineSelect<BodyWord | 'dip'>
        label={`${label} is to be`}
        value={value.word ?? 'dip'}
        options={[
          { value: 'dip', name: 'as the dip is to be' },
          ...bodyWords.map((word) => ({ value: word, name: `${word}: ${wordShows[word]}` })),
        ]}
        sx={larger}
        onChange={(word) => onChange({ ...value, word: word === 'dip' ? null : word })}
      />
    </>
  );
}
