import { capital } from '@/components/bodyText';
import { chanceWords, fewWords, type PanelResult } from '@cobbet/core/taste/panelResult';
import type { TastingResult } from '@cobbet/core/taste/tastingResult';

/** A chance as it is written, on one line. */
export const chance = (p: number): string => chanceWords(p).replaceAll(' ', '\u00a0');

/** A sentence that a panel is small, with the space before it. */
export const fewSentence = (tasters: number): string => {
  const few = fewWords(tasters);
  return few === '' ? '' : ` ${few}.`;
};

/** So unlikely must a difference be by chance before it is called one. */
const sure = 0.05;

/** What liking says, in two sentences: who is ahead, and whether that could be chance. */
export function likingSentence(
  { liking, pairs }: PanelResult,
  nameOf: (code: string) => string,
  tasters: number,
): string {
  const ranked = Object.entries(liking).sort(([, a], [, b]) => b.mean - a.mean);
  const [best, second] = ranked;
  if (!best) return '';
  const figure = `${capital(nameOf(best[0]))} is liked best, ${best[1].mean.toFixed(1)} of 9`;
  if (!second) {
    return `${capital(nameOf(best[0]))} is liked ${best[1].mean.toFixed(1)} of 9.${fewSentence(tasters)}`;
  }
  const differ = pairs
    .filter(({ adjusted }) => adjusted <= sure)
    .sort((a, b) => a.adjusted - b.adjusted);
  const ahead = `${figure}, then ${nameOf(second[0])} ${second[1].mean.toFixed(1)}.`;
  const [clearest] = differ;
  if (!clearest)
    return `${ahead} No two of them differ by more than chance.${fewSentence(tasters)}`;
  const { a, b, difference, adjusted } = clearest;
  const [more, less] = difference > 0 ? [a, b] : [b, a];
  return `${ahead} ${capital(nameOf(more))} is liked ${Math.abs(difference).toFixed(1)} more than ${nameOf(less)} (${chance(adjusted)}, all pairs counted).${fewSentence(tasters)}`;
}

/** What one question says. */
export function questionSentence(
  { question, tasters }: TastingResult,
  nameOf: (sampleId: string) => string,
): string {
  if (!question) return 'Nobody has chosen yet.';
  const { kind, n, correct, p, dPrime, low, high, chosen } = question;
  const apart = `They lie ${dPrime.toFixed(1)} spreads of a tasting apart (${low.toFixed(1)}–${high.toFixed(1)}).`;
  if (kind === 'triangle') {
    const found = `${correct} of ${n} found the odd one (${chance(p)}).`;
    return `${found} ${p <= sure ? 'They can be told apart.' : 'That could be guessing.'} ${apart}${fewSentence(tasters)}`;
  }
  const [first, second] = [...chosen].sort((a, b) => b.n - a.n);
  const said = `${first?.n ?? 0} of ${n} prefer ${nameOf(first?.sampleId ?? '')}, ${second?.n ?? 0} ${nameOf(second?.sampleId ?? '')} (${chance(p)}).`;
  return `${said} ${p <= sure ? 'One is preferred.' : 'That could be chance.'}${fewSentence(tasters)}`;
}
