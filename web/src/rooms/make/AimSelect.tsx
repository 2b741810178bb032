'use client';

import { type BodyWord, bodyWords, wordRange, wordShows } from '@cobbet/core/body/words';
import type { Targets } from '@cobbet/core/landing/targets';
import { InlineSelect } from '@/parts/InlineSelect';

/** What a bowl is to be: as its dip is, or a body of its own once chilled. */
export type Aim = BodyWord | 'dip';

/** The targets of a bowl with an aim of its own; undefined where it is as its dip. */
export function targetsOfAim(dipTargets: Targets, aim: Aim): Targets | undefined {
  if (aim === 'dip') return undefined;
  const { freshBody: _other, ...rest } = dipTargets;
  return { ...rest, chilledBody: wordRange(aim) };
}

/** The aim that targets of a bowl's own come from. */
export function aimOfTargets(targets: Targets | undefined): Aim {
  const low = targets?.chilledBody?.low;
  return bodyWords.find((word) => wordRange(word).low === low) ?? 'dip';
}

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
      sx={{ fontSize: 16 }}
      onChange={onChange}
    />
  );
}
