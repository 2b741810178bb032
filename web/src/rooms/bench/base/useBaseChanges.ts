'use client';

import { type BaseChange, changesOfBase, takingAll } from '@cobbet/core/book/baseChanges';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Kitchen } from '@cobbet/core/kitchen/kitchen';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeForDip } from '@cobbet/core/proposal/proposeForDip';
import { useMemo } from 'react';
import { firstNamesIn } from '@/components/shortName';
import { baseChangeWords, conflictWords } from './changeWords';

/** A change of a base with its words and what it would do to the variant. */
export interface OfferedChange {
  change: BaseChange;
  words: string;
  conflict: string | null;
  proposal: Proposal;
}

/** What taking over some changes would do to a variant. */
export function proposeChanges(
  dip: Dip,
  base: Dip,
  changes: readonly BaseChange[],
  kitchen: Kitchen,
  label: string,
): Proposal {
  const edits = takingAll(changes, dip, base);
  return proposeForDip(dip, kitchen, { maker: 'base', label: label.slice(0, 120), edits });
}

/** What has changed in a variant's base since the variant last saw it. */
export function useBaseChanges(dip: Dip, base: Dip | null, kitchen: Kitchen): OfferedChange[] {
  return useMemo(() => {
    if (!base) return [];
    const nameOf = firstNamesIn(kitchen.larder);
    return changesOfBase(dip, base).map((change) => {
      const words = baseChangeWords(change, nameOf);
      return {
        change,
        words,
        conflict: conflictWords(change, nameOf),
        proposal: proposeChanges(dip, base, [change], kitchen, `As in the base: ${words}`),
      };
    });
  }, [dip, base, kitchen]);
}
