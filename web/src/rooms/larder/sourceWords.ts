import type { Confidence, Ingredient, SourceKind } from '@cobbet/core/larder/ingredient';

const kinds: Record<SourceKind, string> = {
  measured: 'from tables of measured foods',
  label: 'as labels and kitchens have it',
  judged: 'judged from what it is like',
};
const trust: Record<Confidence, string> = { high: 'sure', medium: 'fairly sure', low: 'rough' };

/** Where an ingredient's figures come from and how far they can be trusted: “from tables of measured foods, sure”. */
export function sourceWords({
  sourceKind,
  confidence,
}: Pick<Ingredient, 'sourceKind' | 'confidence'>): string {
  if (!sourceKind) return 'the cook’s own figures';
  return confidence ? `${kinds[sourceKind]}, ${trust[confidence]}` : kinds[sourceKind];
}

/** In a row only what asks for caution is worth a word; empty elsewhere. */
export const doubtWord = ({ confidence }: Pick<Ingredient, 'confidence'>): string =>
  confidence === 'low' ? 'rough figures' : '';
