import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import type { Kitchen } from '@cobbet/core/kitchen/kitchen';
import type { BodyName } from '@cobbet/core/mix/bodyMoments';
import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import { wordFor } from '@cobbet/core/mix/figures';
import type { Per100g } from '@cobbet/core/mix/per100g';

/** What a leaf of the book shows of a dip. */
interface DipSummary {
  /** Body as it is served; null for crumbs, undefined for a dip with nothing in it. */
  body: number | null | undefined;
  word: BodyWord | null;
  per100g: Per100g;
  moment: { when: string; sd: number };
}

const shortWhen: Record<BodyName, string> = {
  warmBody: 'warm',
  freshBody: 'fresh',
  pastaBody: 'on pasta',
  servedBody: 'at the table',
  chilledBody: 'chilled',
};
const known = new WeakMap<Dip, { kitchen: Kitchen; summary: DipSummary }>();

/** A dip's summary; computed once for a dip as it stands in a kitchen. */
export function dipSummary(dip: Dip, kitchen: Kitchen): DipSummary {
  const found = known.get(dip);
  if (found?.kitchen === kitchen) return found.summary;
  const { analysis } = analyseDip(dip, kitchen);
  const eaten = eatenAt(dip);
  const body = analysis.massG > 0 ? analysis[eaten] : undefined;
  const summary: DipSummary = {
    body,
    word: wordFor(body ?? null),
    per100g: analysis.per100g,
    moment: { when: shortWhen[eaten], sd: analysis.sd },
  };
  known.set(dip, { kitchen, summary });
  return summary;
}
